import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { http, HttpResponse } from 'msw';
import { expect, test } from 'vitest';
import type { RigEdit, RigUnit } from '#/api/types';
import { house } from '#/test/house';
import { showOnPage } from '#/test/on-page';
import { IdentifyBar } from './identify-bar';

const UNITS = [
  { uuid: 'u1', id: '101', name: 'Rail 1', note: '' },
  { uuid: 'u2', id: '102', name: 'Rail 2', note: 'left of the door' },
] as RigUnit[];

test('units are lit up one after the other by keys, are noted, and the light goes at the end', async () => {
  const sent: unknown[] = [];
  const edits: RigEdit[] = [];
  house.use(
    http.get('*/api/live', () => HttpResponse.json({ live: false, dark: false, universes: [], by: '', note: '' })),
    http.post('*/api/rigs/g1/units/:uuid/identify', async ({ request, params }) => {
      sent.push([params.uuid, await request.json()]);
      return params.uuid === 'u2'
        ? HttpResponse.json({ detail: 'Unit 102 has no address.', field: 'unit' }, { status: 422 })
        : new HttpResponse(null, { status: 204 });
    }),
    http.delete('*/api/identify', () => {
      sent.push('end');
      return new HttpResponse(null, { status: 204 });
    }),
  );
  const { unmount } = showOnPage(
    <IdentifyBar
      rigId="g1"
      units={UNITS}
      first="u1"
      onSend={(edit) => {
        edits.push(edit);
        return Promise.resolve(null);
      }}
      onClose={() => undefined}
    />,
  );
  await screen.findByText('101 Rail 1');
  await waitFor(() => expect(sent).toHaveLength(1));
  await userEvent.type(screen.getByLabelText('Note'), 'fourth from the left{Enter}');
  await userEvent.click(document.body);
  await userEvent.keyboard('{]}');
  await screen.findByText('Unit 102 has no address.');
  await userEvent.click(screen.getByRole('button', { name: 'Previous unit' }));
  await screen.findByText('101 Rail 1');
  unmount();

  await waitFor(() => expect(sent.at(-1)).toBe('end'));
  expect(sent.slice(0, 2)).toEqual([
    ['u1', { by: 'LIGHT', destination: 'artnet 127.0.0.1:6454' }],
    ['u2', { by: 'LIGHT', destination: 'artnet 127.0.0.1:6454' }],
  ]);
  expect(edits).toEqual([{ type: 'describe', units: ['u1'], column: 'NOTE', to: 'fourth from the left', counting: false }]);
});
