import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { http, HttpResponse } from 'msw';
import { expect, test } from 'vitest';
import type { Rig } from '#/api/types';
import { house } from '#/test/house';
import { showOnPage } from '#/test/on-page';
import { GoLive } from './go-live';

const RIG = { id: 'g1', name: 'Pier', version: 4 } as Rig;
const WAYS = [
  { universe: 4, to: 'artnet 127.0.0.1:6454 3', refused: null },
  { universe: 5, to: 'sacn 10.9.8.7:5568', refused: null as string | null },
];

function live(universes: unknown[]) {
  return http.get('*/api/live', () => HttpResponse.json({ live: universes.length > 0, dark: false, universes, by: 'Ines', note: '' }));
}

test('a rig says where each universe goes before it goes live', async () => {
  const sent: unknown[] = [];
  house.use(
    live([]),
    http.get('*/api/rigs/g1/live', () => HttpResponse.json({ live: false, behind: false, ways: WAYS })),
    http.post('*/api/rigs/g1/live', async ({ request }) => {
      sent.push(await request.json());
      return HttpResponse.json({ live: true, behind: false, ways: WAYS });
    }),
  );
  showOnPage(<GoLive rig={RIG} />);
  await userEvent.click(await screen.findByRole('button', { name: 'Go live …' }));
  await screen.findByText('sacn 10.9.8.7:5568');
  await userEvent.click(screen.getByRole('button', { name: 'Go live' }));

  await waitFor(() => expect(sent).toEqual([{ destination: 'artnet 127.0.0.1:6454' }]));
});

test('a universe that the house does not allow keeps the rig from going live, and says why', async () => {
  const refused = 'The house does not talk to 10.9.8.7: it is not among the addresses that it allowed.';
  house.use(
    live([]),
    http.get('*/api/rigs/g1/live', () =>
      HttpResponse.json({ live: false, behind: false, ways: WAYS.map((way) => (way.universe === 5 ? { ...way, refused } : way)) }),
    ),
  );
  showOnPage(<GoLive rig={RIG} />);
  await userEvent.click(await screen.findByRole('button', { name: 'Go live …' }));
  await screen.findByText(refused);

  expect(screen.getByRole<HTMLButtonElement>('button', { name: 'Go live' }).disabled).toBe(true);
});

test('a rig that was changed while it is live is sent anew when it is asked to be, or ends', async () => {
  const sent: string[] = [];
  house.use(
    live([{ universe: 4, to: ['artnet 127.0.0.1:6454 3'], holder: 'rig g1', what: 'Rig Pier', held: 0 }]),
    http.get('*/api/rigs/g1/live', () => HttpResponse.json({ live: true, behind: true, ways: WAYS })),
    http.post('*/api/rigs/g1/live', () => {
      sent.push('anew');
      return HttpResponse.json({ live: true, behind: false, ways: WAYS });
    }),
    http.delete('*/api/rigs/g1/live', () => {
      sent.push('end');
      return HttpResponse.json({ live: false, behind: false, ways: WAYS });
    }),
  );
  showOnPage(<GoLive rig={RIG} />);
  await userEvent.click(await screen.findByRole('button', { name: 'Live …' }));
  await screen.findByText('The rig was changed since it went live.');
  await userEvent.click(screen.getByRole('button', { name: 'Send as it is now' }));
  await waitFor(() => expect(sent).toEqual(['anew']));
  await userEvent.click(await screen.findByRole('button', { name: 'Live …' }));
  await userEvent.click(await screen.findByRole('button', { name: 'Stop sending' }));

  await waitFor(() => expect(sent).toEqual(['anew', 'end']));
});
