import { fireEvent, screen, waitFor } from '@testing-library/react';
import { http, HttpResponse } from 'msw';
import { expect, test } from 'vitest';
import { house } from '#/test/house';
import { showOnPage } from '#/test/on-page';
import { IntakeZone } from './intake-zone';

const FILES = { dataTransfer: { types: ['Files'], files: [new File(['x'], 'clamp.glb')] } };

/** A page with a part that takes files itself, and one that does not. */
function show() {
  const announced: string[] = [];
  house.use(
    http.post('*/api/intake/runs', async ({ request }) => {
      announced.push(JSON.stringify(await request.json()));
      return HttpResponse.json({ title: 'Not now', detail: 'Not now.' }, { status: 503 });
    }),
  );
  showOnPage(
    <IntakeZone>
      <p onDrop={(event) => event.preventDefault()}>Takes files</p>
      <p>Takes none</p>
    </IntakeZone>,
  );
  return announced;
}

test('what is dropped on the page is imported', async () => {
  const announced = show();

  fireEvent.dragEnter(screen.getByText('Takes none'), FILES);
  expect(screen.getByText('Let go to import the files')).toBeTruthy();
  fireEvent.drop(screen.getByText('Takes none'), FILES);

  await waitFor(() => expect(announced).toHaveLength(1));
  expect(announced[0]).toContain('clamp.glb');
});

test('what a part of the page took is not imported as well, and the page asks for it no longer', async () => {
  const announced = show();

  fireEvent.dragEnter(screen.getByText('Takes files'), FILES);
  fireEvent.drop(screen.getByText('Takes files'), FILES);

  expect(screen.queryByText('Let go to import the files')).toBeNull();
  await new Promise((later) => setTimeout(later, 50));
  expect(announced).toEqual([]);
});
