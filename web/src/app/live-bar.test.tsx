import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { http, HttpResponse } from 'msw';
import { expect, test } from 'vitest';
import type { Live } from '#/api/types';
import { house } from '#/test/house';
import { showOnPage } from '#/test/on-page';
import { LiveBar } from './live-bar';

test('what is live stands on the page, F8 stops all light wherever one is, and End ends it', async () => {
  let live: Live = {
    live: true,
    dark: false,
    universes: [{ universe: 3, to: ['sacn 127.0.0.1:5568'], holder: 'h1', what: 'Hands on Tidewick Petrel Spot, Compact', held: 2 }],
    by: 'Joost',
    note: '',
    restarts: 0,
  };
  house.use(
    http.get('*/api/live', () => HttpResponse.json(live)),
    http.post('*/api/live/keep', () => HttpResponse.json(live)),
    http.post('*/api/live/dark', async ({ request }) => {
      live = { ...live, dark: ((await request.json()) as { on: boolean }).on };
      return HttpResponse.json(live);
    }),
    http.delete('*/api/live', () => {
      live = { ...live, live: false, universes: [] };
      return HttpResponse.json(live);
    }),
  );
  showOnPage(
    <>
      <LiveBar />
      <input aria-label="Somewhere" />
    </>,
  );
  await screen.findByText('Hands on Tidewick Petrel Spot, Compact');
  screen.getByText('2 addresses held by hand');
  await userEvent.click(screen.getByLabelText('Somewhere'));
  await userEvent.keyboard('{F8}');
  await screen.findByText('Live, dark');
  await userEvent.click(screen.getByRole('button', { name: /Light again/ }));
  await screen.findByText('Live');
  await userEvent.click(screen.getByRole('button', { name: 'End' }));

  await waitFor(() => expect(screen.queryByRole('region', { name: 'Live output' })).toBeNull());
});

test('the universes of a rig are one line, which says where each goes when it is pointed at', async () => {
  const rig = (universe: number) => ({
    universe,
    to: [`artnet 127.0.0.1:6454 ${universe - 1}`],
    holder: 'rig g1',
    what: 'Rig Pier',
    held: 0,
  });
  const live: Live = { live: true, dark: false, universes: [rig(1), rig(2)], by: 'Joost', note: '', restarts: 0 };
  house.use(
    http.get('*/api/live', () => HttpResponse.json(live)),
    http.post('*/api/live/keep', () => HttpResponse.json(live)),
  );
  showOnPage(<LiveBar />);

  const line = await screen.findByText('Rig Pier');
  expect(screen.getAllByRole('listitem')).toHaveLength(1);
  expect(line.textContent).toBe('Rig Pier, 2 universes');
  expect(line.title).toBe('universe 1 to artnet 127.0.0.1:6454 0; universe 2 to artnet 127.0.0.1:6454 1');
});
