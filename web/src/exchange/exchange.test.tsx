import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { http, HttpResponse } from 'msw';
import { Route, Routes } from 'react-router';
import { expect, test } from 'vitest';
import type { Neighbour, ProfileLook, Taking, ToldProfile, Watch } from '#/api/types';
import { house } from '#/test/house';
import { showOnPage } from '#/test/on-page';
import { ExchangePage } from './exchange-page';

const LANE: Neighbour = {
  id: 'n1',
  version: 0,
  name: 'Kettle Lane stores',
  address: 'https://library.example',
  login: 'marigold',
  addedBy: 'Ines',
  askedAt: null,
  trouble: '',
};
const SPOT: ToldProfile = {
  id: 'P-1',
  manufacturer: 'Tidewick',
  model: 'Petrel Spot',
  revision: 3,
  uploader: 'Tidewick',
  byManufacturer: true,
  rating: 4.5,
  votes: 2,
  firmware: '1.4',
  modes: [{ name: 'Extended', footprint: 22 }],
  dated: '2026-03-02',
  note: 'Pan runs the right way.',
  sha256: 'a'.repeat(64),
  size: 200_000,
};
const LOOK: ProfileLook = {
  file: 'Spot.gdtf',
  manufacturer: 'Tidewick',
  model: 'Petrel Spot',
  description: '',
  modes: [],
  problems: [],
  ours: { profileId: 'p1', manufacturer: 'Tidewick', name: 'Petrel Spot', revision: 1, same: false },
  comparison: null,
};
const TAKING: Taking = {
  id: 't1',
  neighbourId: 'n1',
  neighbour: 'Kettle Lane stores',
  remoteId: 'P-1',
  manufacturer: 'Tidewick',
  model: 'Petrel Spot',
  revision: 3,
  sha256: 'a'.repeat(64),
  size: 200_000,
  asNext: true,
  author: 'Ines',
  startedAt: '2026-06-01T10:00:00',
  state: 'GOING',
  received: 65_536,
  says: '',
  profileId: null,
  number: null,
};
const WATCH: Watch = {
  neighbourId: 'n1',
  neighbour: 'Kettle Lane stores',
  remoteId: 'P-1',
  manufacturer: 'Tidewick',
  model: 'Petrel Spot',
  seen: 3,
  newest: 4,
  note: 'Zoom measured anew.',
  toldAt: '2026-06-02T10:00:00',
  profileId: 'p1',
};

function shown(at: string, lists: { takings?: Taking[]; watches?: Watch[]; neighbours?: Neighbour[] } = {}) {
  house.use(
    http.get('*/api/neighbours', () => HttpResponse.json(lists.neighbours ?? [LANE])),
    http.get('*/api/watches', () => HttpResponse.json(lists.watches ?? [])),
    http.get('*/api/takings', () => HttpResponse.json(lists.takings ?? [])),
    http.get('*/api/wish-hits', () => HttpResponse.json([])),
    http.get('*/api/rigs', () => HttpResponse.json([{ id: 'r1', name: 'Summer tour', binned: false }])),
    http.get('*/api/scenes', () =>
      HttpResponse.json([{ id: 's1', name: 'weir.mvr', size: 9, fixtures: 3, kinds: 2, author: 'Teun', arrivedAt: '2026-06-03T10:00:00' }]),
    ),
    http.get('*/api/exchanges', () =>
      HttpResponse.json([
        {
          rigId: 'r1',
          rig: 'Summer tour',
          direction: 'OUT',
          name: 'Summer tour.mvr',
          says: '3 units, 1 profiles of ours',
          author: 'Ines',
          at: '2026-06-02T10:00:00',
        },
      ]),
    ),
    http.get('*/api/intake/runs', () =>
      HttpResponse.json([{ id: 'i1', author: 'Ines', startedAt: '2026-06-01T09:00:00', closed: false, total: 5, done: 4, troubled: 1 }]),
    ),
    http.get('*/api/releases', () => HttpResponse.json([])),
  );
  showOnPage(
    <Routes>
      <Route path="/exchange" element={<ExchangePage />} />
      <Route path="/rigs/:id" element={<p>The rig</p>} />
    </Routes>,
    at,
  );
}

test('what came in and went out stands in one list and can be gone on with', async () => {
  shown('/exchange', { takings: [{ ...TAKING, state: 'FAILED', says: 'Kettle Lane stores cannot be reached.' }] });
  const gone: string[] = [];
  house.use(
    http.post('*/api/takings/t1/go-on', () => {
      gone.push('t1');
      return HttpResponse.json({ ...TAKING });
    }),
  );

  const runs = await screen.findByRole('list', { name: 'Runs' });
  await waitFor(() => expect(within(runs).getAllByRole('listitem')).toHaveLength(4));
  expect(
    within(runs)
      .getAllByRole('listitem')
      .map((each) => each.textContent),
  ).toEqual([
    expect.stringMatching(/weir.mvr waits to be decided3 fixtures of 2 kinds, by Teun/),
    expect.stringMatching(/outSummer tour as Summer tour.mvr/),
    expect.stringMatching(/Tidewick Petrel Spot, revision 3 of Kettle Lane stores/),
    expect.stringMatching(/5 GDTF files1 not sent, 1 refused or waiting, by Ines/),
  ]);
  await userEvent.click(await screen.findByRole('button', { name: 'Go on from 64 kB' }));
  expect(gone).toEqual(['t1']);
  await userEvent.selectOptions(screen.getByRole('combobox', { name: 'Update a rig by weir.mvr' }), 'Summer tour');
  expect(await screen.findByText('The rig')).toBeTruthy();
});

test('neighbours and our shelf are searched together; a profile is looked at and imported', async () => {
  shown('/exchange?words=petrel', { takings: [TAKING] });
  const sent: unknown[] = [];
  house.use(
    http.get('*/api/library', () => HttpResponse.json({ total: 1, found: 0, sections: [], left: {}, profiles: [] })),
    http.get('*/api/neighbours/n1/search', () => HttpResponse.json({ total: 1, profiles: [SPOT], trouble: null })),
    http.get('*/api/neighbours/n1/profiles/P-1/look', () => HttpResponse.json(LOOK)),
    http.post('*/api/neighbours/n1/profiles/P-1/take', async ({ request }) => {
      sent.push(await request.json());
      return HttpResponse.json(TAKING, { status: 202 });
    }),
    http.put('*/api/neighbours/n1/profiles/P-1/rating', async ({ request }) => {
      sent.push(await request.json());
      return HttpResponse.json({ ...SPOT, rating: 4, votes: 3 });
    }),
  );

  expect(await screen.findByText('by the manufacturer, Tidewick')).toBeTruthy();
  expect(screen.getByText('Pan runs the right way.')).toBeTruthy();
  await userEvent.click(screen.getByRole('button', { name: 'View …' }));
  expect(await screen.findByText('No problems found')).toBeTruthy();
  await userEvent.selectOptions(screen.getByRole('combobox', { name: 'Your rating' }), '3 of 5');
  expect(await screen.findByText('of 5, 3 votes')).toBeTruthy();
  await userEvent.click(screen.getByRole('button', { name: 'Import as revision 2 of ours' }));

  expect(await screen.findByRole('progressbar', { name: 'Import of Petrel Spot' })).toBeTruthy();
  expect(screen.getByText('64 of 196 kB')).toBeTruthy();
  expect(sent).toEqual([{ stars: 3 }, { asNext: true }]);
});

test('a neighbour that does not answer is told beside what was found', async () => {
  shown('/exchange?words=petrel');
  house.use(
    http.get('*/api/library', () => HttpResponse.json({ total: 1, found: 0, sections: [], left: {}, profiles: [] })),
    http.get('*/api/neighbours/n1/search', () =>
      HttpResponse.json({ total: 0, profiles: [], trouble: 'Kettle Lane stores took longer than 12 seconds to answer.' }),
    ),
  );

  expect(await screen.findByText(/took longer than 12 seconds/)).toBeTruthy();
  expect(await screen.findByText('0 profiles')).toBeTruthy();
});

test('a newer revision is told until it is read', async () => {
  shown('/exchange', { watches: [WATCH] });
  house.use(http.post('*/api/neighbours/n1/profiles/P-1/read', () => HttpResponse.json([{ ...WATCH, seen: 4 }])));

  expect(await screen.findByText(/has revision 4, you know 3/)).toBeTruthy();
  expect(screen.getByText('Zoom measured anew.')).toBeTruthy();
  await userEvent.click(screen.getByRole('button', { name: 'Mark as read' }));

  expect(await screen.findByText('1 profile is watched')).toBeTruthy();
  expect(screen.queryByText(/you know 3/)).toBeNull();
});

test('a neighbour is saved once it lets us in', async () => {
  shown('/exchange', { neighbours: [] });
  let tries = 0;
  house.use(
    http.post('*/api/neighbours', () => {
      tries += 1;
      return tries === 1
        ? HttpResponse.json({ detail: 'Kettle Lane does not let marigold in.', field: 'address' }, { status: 422 })
        : HttpResponse.json(LANE, { status: 201 });
    }),
  );

  await userEvent.click(await screen.findByRole('button', { name: 'Add neighbour' }));
  await userEvent.type(screen.getByRole('textbox', { name: 'Name' }), 'Kettle Lane');
  await userEvent.type(screen.getByLabelText('Secret'), 'wrong');
  await userEvent.click(screen.getByRole('button', { name: 'Save' }));
  expect(await screen.findByText('Kettle Lane does not let marigold in.')).toBeTruthy();
  expect(screen.getByRole('textbox', { name: 'Address' }).getAttribute('aria-invalid')).toBe('true');
  await userEvent.click(screen.getByRole('button', { name: 'Save' }));

  await waitFor(() => expect(screen.queryByRole('dialog')).toBeNull());
});
