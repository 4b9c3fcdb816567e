import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { http, HttpResponse } from 'msw';
import { Route, Routes } from 'react-router';
import { expect, test } from 'vitest';
import type { RigUpdate, SceneView } from '#/api/types';
import { house } from '#/test/house';
import { showOnPage } from '#/test/on-page';
import { rig, serveRig } from '#/test/rigs';
import { RigPage } from './rig-page';

const SCENE: SceneView = { id: 's2', name: 'weir 2.mvr', units: 3, kinds: [], notes: [] };
const UPDATE: RigUpdate = {
  version: 3,
  kinds: [],
  added: [{ uuid: 'u9', id: '9', name: 'Deck', fixture: 'Lumbrook Moth, Nine', address: '2.1', side: 'THEIRS' }],
  removed: [{ uuid: 'u3', id: '3', name: 'Rail 3', fixture: 'Lumbrook Moth, Nine', address: '1.19', side: 'BOTH' }],
  changed: [
    { uuid: 'u1', id: '1', name: 'Rail 1', field: 'ADDRESS', was: '1.1', ours: '1.1', theirs: '1.100', side: 'THEIRS' },
    { uuid: 'u2', id: '2', name: 'Rail 2', field: 'ADDRESS', was: '1.10', ours: '2.1', theirs: '1.200', side: 'BOTH' },
    { uuid: 'u1', id: '1', name: 'Rail 1', field: 'NAME', was: 'Rail 1', ours: 'Bow', theirs: 'Rail 1', side: 'OURS' },
  ],
  quiet: 2,
  another: true,
  byUuid: 0,
  units: 3,
  last: { direction: 'IN', name: 'weir.mvr', author: 'Ines', at: '2026-06-01T10:00:00' },
  collisions: 0,
  afterwards: 1,
};

test('an update is taken by kind of change and one by one', async () => {
  const sent: unknown[] = [];
  serveRig(rig({ aside: [{ uuid: 'u7', id: '7', name: 'Gone', fixture: 'Lumbrook Moth, Nine', address: '1.40' }] }));
  house.use(
    http.get('*/api/rigs/:id/events', () => new HttpResponse(null, { status: 204 })),
    http.get('*/api/rigs/:id/moves', () => HttpResponse.json([])),
    http.post('*/api/scenes', () => HttpResponse.json(SCENE, { status: 201 })),
    http.post('*/api/scenes/s2/update-proposal', () => HttpResponse.json(UPDATE)),
    http.post('*/api/scenes/s2/update', async ({ request }) => {
      sent.push(await request.json());
      return HttpResponse.json({ version: 4 });
    }),
  );
  showOnPage(
    <Routes>
      <Route path="/rigs/:rigId" element={<RigPage />} />
    </Routes>,
    '/rigs/r1',
  );
  expect(await screen.findByText(/1 unit is gone from the file of this rig/)).toBeTruthy();
  await userEvent.upload(screen.getByLabelText('Newer scene'), new File(['x'], 'weir 2.mvr'));

  const dialog = within(await screen.findByRole('dialog', { name: 'Update Summer tour by weir 2.mvr' }));
  expect(await dialog.findByText(/None of its 3 fixtures is one of this rig/)).toBeTruthy();
  expect(dialog.getByText(/Last exchange: imported from weir.mvr, Ines/)).toBeTruthy();
  expect(dialog.getByText(/2 units move in the room as drawn/)).toBeTruthy();
  expect(dialog.getByText(/0 collisions now, 1 once everything is taken/)).toBeTruthy();
  const addresses = within(dialog.getByRole('region', { name: 'Address' }));
  expect(addresses.getByText('1 of 2 taken')).toBeTruthy();
  expect(addresses.getByText('changed here and in the file')).toBeTruthy();
  await userEvent.click(addresses.getByRole('checkbox', { name: 'Address' }));
  await userEvent.click(within(dialog.getByRole('region', { name: 'Gone from the file' })).getByRole('checkbox', { name: '3 Rail 3' }));
  await userEvent.click(dialog.getByRole('button', { name: 'Update, 4 changes' }));

  await waitFor(() => expect(screen.queryByRole('dialog')).toBeNull());
  expect(sent).toEqual([
    {
      rigId: 'r1',
      choice: {
        version: 3,
        decisions: [],
        added: ['u9'],
        removed: ['u3'],
        changed: [
          { unit: 'u1', fields: ['ADDRESS'] },
          { unit: 'u2', fields: ['ADDRESS'] },
        ],
      },
    },
  ]);
});
