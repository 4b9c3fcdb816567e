import { QueryClientProvider, useQuery } from '@tanstack/react-query';
import { render, screen, waitFor } from '@testing-library/react';
import { http, HttpResponse } from 'msw';
import { expect, test } from 'vitest';
import { house } from '#/test/house';
import { answer, api } from '#/api/client';
import { useTrouble } from '#/api/connection';
import { makeQueryClient } from '#/api/query-client';
import { setWhoIsWorking } from '#/api/who';

function Stencils() {
  const trouble = useTrouble();
  const { data, error } = useQuery({ queryKey: ['stencils'], queryFn: () => answer(api.GET('/api/stencils')) });
  return (
    <>
      <p>{trouble ? `alarm: ${trouble}` : 'calm'}</p>
      <p>{data ? 'answered' : error ? `refused: ${error.message}` : 'asking'}</p>
    </>
  );
}

function show() {
  render(
    <QueryClientProvider client={makeQueryClient(5)}>
      <Stencils />
    </QueryClientProvider>,
  );
}

/** A house that answers with these, one after the other, and well at the end. */
function answers(...first: (() => Response)[]) {
  let asked = 0;
  house.use(http.get('*/api/stencils', () => first[asked++]?.() ?? HttpResponse.json([])));
  return () => asked;
}

const away = (status: number) => () => HttpResponse.json({ detail: 'The database does not answer just now.' }, { status });

test.each([
  ['nobody answers', () => HttpResponse.error()],
  ['the database is away', away(503)],
  ['something between stands in the way', () => new HttpResponse('<html>Bad gateway</html>', { status: 502 })],
])('while %s it is tried again, and the alarm ends with an answer', async (_, trouble) => {
  const asked = answers(trouble, trouble, trouble);
  show();

  expect(await screen.findByText(/^alarm: /)).toBeTruthy();
  expect(await screen.findByText('answered')).toBeTruthy();
  await waitFor(() => expect(screen.getByText('calm')).toBeTruthy());
  expect(asked()).toBe(4);
});

test('a refusal is final, and no alarm', async () => {
  const asked = answers(away(404));
  show();

  expect(await screen.findByText('refused: The database does not answer just now.')).toBeTruthy();
  expect(screen.getByText('calm')).toBeTruthy();
  expect(asked()).toBe(1);
});

test('an answer that nobody can read is said to be uncertain', async () => {
  answers(() => new HttpResponse('<html>What?</html>', { status: 500 }));
  show();

  expect(await screen.findByText('refused: It is not certain that this was saved; reload to see.')).toBeTruthy();
});

test('every request says who is working', async () => {
  setWhoIsWorking('Inés Ånd');
  let said: string | null = null;
  house.use(
    http.get('*/api/stencils', ({ request }) => {
      said = request.headers.get('Kite-Author');
      return HttpResponse.json([]);
    }),
  );
  show();

  await screen.findByText('answered');
  expect(said).toBe(encodeURIComponent('Inés Ånd'));
});
