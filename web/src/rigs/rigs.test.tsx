import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { http, HttpResponse } from 'msw';
import { Route, Routes } from 'react-router';
import { beforeAll, expect, test } from 'vitest';
import type { RigEdit, RigProposal, RigReplacement, UnitPath } from '#/api/types';
import { house } from '#/test/house';
import { showOnPage } from '#/test/on-page';
import { rig, serveRig, unit } from '#/test/rigs';
import { RigPage } from './rig-page';
import { RigsPage } from './rigs-page';

/** Without a size, a list that draws what is seen draws nothing. */
beforeAll(() => {
  Object.defineProperty(HTMLElement.prototype, 'clientHeight', { configurable: true, value: 600 });
  Object.defineProperty(HTMLElement.prototype, 'clientWidth', { configurable: true, value: 900 });
});

/** @returns the edits that were sent */
function shown(...asked: Parameters<typeof serveRig>) {
  const sent = serveRig(...asked);
  showOnPage(
    <Routes>
      <Route path="/rigs/:rigId" element={<RigPage />} />
      <Route path="/rigs" element={<RigsPage />} />
    </Routes>,
    '/rigs/r1',
  );
  return sent;
}

test('the list shows the rigs, and those in the bin can be restored', async () => {
  const restored: string[] = [];
  const line = { production: 'Opera', units: 8, universes: 2, changedBy: 'Ines', changedAt: '2026-06-01T10:00:00' };
  house.use(
    http.get('*/api/rigs', () =>
      HttpResponse.json([
        { ...line, id: 'r1', name: 'Summer tour', binned: false },
        { ...line, id: 'r2', name: 'Old ball', binned: true },
      ]),
    ),
    http.post('*/api/rigs/:id/restore', ({ params }) => {
      restored.push(String(params['id']));
      return HttpResponse.json(rig({ id: 'r2' }));
    }),
  );
  showOnPage(<RigsPage />);

  expect((await screen.findByRole('link', { name: /Summer tour/ })).textContent).toContain('8 units');
  await userEvent.click(screen.getByRole('button', { name: 'Restore Old ball' }));
  expect(restored).toEqual(['r2']);
});

test('a new rig without a name is refused at the name', async () => {
  house.use(
    http.get('*/api/rigs', () => HttpResponse.json([])),
    http.post('*/api/rigs', () => HttpResponse.json({ detail: 'A rig needs a name.', field: 'name' }, { status: 422 })),
  );
  showOnPage(<RigsPage />);

  await userEvent.click(await screen.findByRole('button', { name: 'New rig' }));
  await userEvent.click(screen.getByRole('button', { name: 'Create' }));

  expect(await screen.findByText('A rig needs a name.')).toBeTruthy();
  expect(screen.getByRole('textbox', { name: 'Name' }).getAttribute('aria-invalid')).toBe('true');
});

test('what a line would add is shown before Enter, and added with it', async () => {
  const edit = { type: 'addUnits', count: 2 } as RigEdit;
  const proposal: RigProposal = {
    refused: '',
    fixtures: [{ how: 'EXACT', pin: 'x', manufacturer: 'Lumbrook', model: 'Moth', mode: 'Nine', breaks: { '1': 9 }, sure: 1, why: '' }],
    count: 2,
    first: { id: '4', name: 'Moth 1', address: '1.28' },
    last: { id: '5', name: 'Moth 2', address: '1.37' },
    places: [{ dmxBreak: 1, universe: 1, from: 28, to: 36 }],
    hits: [],
    edit,
  };
  house.use(http.post('*/api/rigs/:id/line', () => HttpResponse.json(proposal)));
  const sent = shown(rig());

  await userEvent.type(await screen.findByRole('textbox', { name: 'Add' }), '2 Moth');
  expect(await screen.findByText('2 units 4 to 5')).toBeTruthy();
  expect(screen.getByText('1.28 … 1.37')).toBeTruthy();
  await userEvent.keyboard('{Enter}');

  await waitFor(() => expect(sent).toEqual([edit]));
  await waitFor(() => expect(screen.getByRole<HTMLInputElement>('textbox', { name: 'Add' }).value).toBe(''));
});

test('a line that would collide says so, and Enter does nothing', async () => {
  house.use(
    http.post('*/api/rigs/:id/line', () =>
      HttpResponse.json({
        refused: 'Units 1 and 9 collide.',
        fixtures: [],
        count: 0,
        first: null,
        last: null,
        places: [],
        hits: [],
        edit: null,
      }),
    ),
  );
  const sent = shown(rig());

  await userEvent.type(await screen.findByRole('textbox', { name: 'Add' }), '1 Moth from 1.1{Enter}');

  expect(await screen.findByText('Units 1 and 9 collide.')).toBeTruthy();
  expect(screen.getByRole<HTMLButtonElement>('button', { name: 'Add' }).disabled).toBe(true);
  expect(sent).toEqual([]);
});

test('a collision is cured by a press', async () => {
  const cure: RigEdit = { type: 'putUnit', unit: 'u2', dmxBreak: null, to: '1.10' };
  const sent = shown(
    rig({
      collisions: [
        {
          universe: 1,
          from: 5,
          to: 9,
          units: ['u1', 'u2'],
          meant: false,
          says: 'Units 1 and 2 collide on addresses 1.5 to 1.9.',
          cures: [{ says: 'Move 2 behind 1, to 1.10', edit: cure }],
        },
      ],
      findings: [{ severity: 'ERROR', where: '1.5', unit: '', says: 'Units 1 and 2 collide on addresses 1.5 to 1.9.' }],
    }),
  );

  await userEvent.click(await screen.findByRole('button', { name: 'Move 2 behind 1, to 1.10' }));

  await waitFor(() => expect(sent).toEqual([cure]));
  expect(screen.getAllByText('Units 1 and 2 collide on addresses 1.5 to 1.9.')).toHaveLength(1);
});

test('blocks that are dragged move with their distances kept', async () => {
  const sent = shown(rig());
  const second = await screen.findByRole('button', { name: /^2 Rail 2/ });

  await userEvent.click(screen.getByRole('checkbox', { name: 'Select unit 1' }));
  await userEvent.click(screen.getByRole('checkbox', { name: 'Select unit 2' }));
  fireEvent.pointerDown(second, { clientX: 100, clientY: 10 });
  fireEvent.pointerMove(window, { clientX: 100, clientY: 60 });
  fireEvent.pointerUp(window);

  await waitFor(() => expect(sent).toEqual([{ type: 'shiftUnits', units: ['u1', 'u2'], universes: 1, addresses: 0 }]));
});

test('keys move the block that has the focus, with Shift by its footprint', async () => {
  const sent = shown(rig());
  const block = await screen.findByRole('button', { name: /^3 Rail 3/ });

  fireEvent.keyDown(block, { key: 'ArrowRight', altKey: true, shiftKey: true });
  fireEvent.keyDown(block, { key: 'ArrowDown', altKey: true });

  await waitFor(() =>
    expect(sent).toEqual([
      { type: 'shiftUnits', units: ['u3'], universes: 0, addresses: 9 },
      { type: 'shiftUnits', units: ['u3'], universes: 1, addresses: 0 },
    ]),
  );
});

test('a cell is edited where it stands, and a refusal is said there', async () => {
  const sent = shown(rig(), { status: 422, detail: 'Address 513 does not exist: a universe has addresses 1 to 512.' });
  const address = await screen.findByRole('textbox', { name: 'Address of unit 1' });

  await userEvent.clear(address);
  await userEvent.type(address, '1.513{Enter}');

  expect(await screen.findByText('Address 513 does not exist: a universe has addresses 1 to 512.')).toBeTruthy();
  expect(sent).toEqual([{ type: 'putUnit', unit: 'u1', dmxBreak: null, to: '1.513' }]);
});

test('a selection is addressed, renumbered and thinned to every second', async () => {
  const sent = shown(rig());

  await userEvent.click(await screen.findByRole('checkbox', { name: 'Select all units' }));
  const bar = within(screen.getByRole('toolbar', { name: 'Selected units' }));
  await userEvent.click(bar.getByRole('button', { name: 'Every second' }));
  await userEvent.type(bar.getByRole('textbox', { name: 'Address from' }), '2.1{Enter}');
  await userEvent.type(bar.getByRole('textbox', { name: 'Renumber from' }), '101{Enter}');

  await waitFor(() =>
    expect(sent).toEqual([
      { type: 'readdress', units: ['u1', 'u3'], from: '2.1', aroundOthers: true },
      { type: 'renumber', units: ['u1', 'u3'], first: '101' },
    ]),
  );
});

test('a lane says who has the address under the pointer, and which channel it is', async () => {
  shown(rig());
  const lane = await screen.findByRole('group', { name: 'Universe 1' });

  fireEvent.pointerMove(lane, { clientX: 1 });

  expect(screen.getByText(/: Dimmer, Body, coarse/)).toBeTruthy();
});

test('the filter leaves what it fits, and undo is asked for once', async () => {
  const sent = shown(rig({ units: [unit('1', 1, 1, { position: 'Deck' }), unit('2', 1, 10)] }));

  await userEvent.type(await screen.findByRole('textbox', { name: 'Filter units' }), 'deck');
  expect(screen.getByText('1 of 2')).toBeTruthy();
  await userEvent.click(screen.getByRole('button', { name: 'Undo my last edit' }));

  await waitFor(() => expect(sent).toEqual(['undo']));
});

test('before a rig is deleted it is said what goes', async () => {
  let gone = 0;
  house.use(
    http.delete('*/api/rigs/:id', () => {
      gone++;
      return new HttpResponse(null, { status: 204 });
    }),
    http.get('*/api/rigs', () => HttpResponse.json([])),
  );
  shown(rig());

  await userEvent.click(await screen.findByRole('button', { name: 'Delete rig' }));
  expect(screen.getByText(/3 units, 0 of them adjusted; Ines worked on it/)).toBeTruthy();
  await userEvent.click(screen.getByRole('button', { name: 'Delete rig' }));

  await waitFor(() => expect(gone).toBe(1));
});

const OWN = { invert: false, curve: [], scale: 1, from: 0, to: 1, outsideMaster: false, snap: null, start: null };

function pathOf(change: Partial<UnitPath> = {}): UnitPath {
  const step = (name: UnitPath['reading']['steps'][number]['step'], set = false, says = '') => ({ step: name, after: 0.5, set, says });
  return {
    unit: 'u1',
    level: 0.5,
    reading: {
      channels: [
        { name: 'Yoke_Pan', attribute: 'Pan', adjusted: true, start: 0.5 },
        { name: 'Head_Tilt', attribute: 'Tilt', adjusted: false, start: 0.5 },
      ],
      shown: 0,
      steps: [
        step('MASTER'),
        step('SWAP'),
        step('INVERT', true, 'Runs the other way.'),
        step('CURVE'),
        step('SCALE'),
        step('LIMIT'),
        step('BYTES', false, '32767 of 65535, 127:255'),
      ],
    },
    key: 'Pan',
    own: { ...OWN, invert: true },
    adjustments: {
      swapPanTilt: false,
      outsideMaster: false,
      warmUp: null,
      startAtZero: false,
      channels: { Pan: { ...OWN, invert: true } },
    },
    ...change,
  };
}

test('the path of a unit is read step by step and changed where it stands', async () => {
  house.use(http.get('*/api/rigs/:id/units/:uuid/path', () => HttpResponse.json(pathOf())));
  const sent = shown(rig({ units: [unit('1', 1, 1, { differs: [{ kind: 'INVERT', says: 'Inverted: Pan' }] }), unit('2', 1, 10)] }));

  await userEvent.click(await screen.findByRole('checkbox', { name: 'Select unit 1' }));
  expect(await screen.findByText('Runs the other way.')).toBeTruthy();
  expect(screen.getByText('32767 of 65535, 127:255')).toBeTruthy();
  await userEvent.click(screen.getByRole('button', { name: 'Invert', pressed: true }));
  await userEvent.click(screen.getByRole('button', { name: /^Swap/ }));
  await userEvent.click(screen.getByRole('button', { name: 'Swap pan and tilt' }));
  await userEvent.click(screen.getByRole('button', { name: /^Scale/ }));
  await userEvent.clear(screen.getByRole('textbox', { name: 'Scale, %' }));
  await userEvent.type(screen.getByRole('textbox', { name: 'Scale, %' }), '150{Enter}');

  await waitFor(() =>
    expect(sent).toEqual([
      { type: 'adjustChannel', units: ['u1'], channel: 'Pan', to: OWN },
      { type: 'adjustUnits', units: ['u1'], swapPanTilt: true, outsideMaster: false, warmUp: null, startAtZero: false },
      { type: 'adjustChannel', units: ['u1'], channel: 'Pan', to: { ...OWN, invert: true, scale: 1.5 } },
    ]),
  );
});

test('the path of the first unit is applied to all that are selected', async () => {
  house.use(http.get('*/api/rigs/:id/units/:uuid/path', () => HttpResponse.json(pathOf())));
  const sent = shown(rig());

  await userEvent.click(await screen.findByRole('checkbox', { name: 'Select all units' }));
  await userEvent.click(await screen.findByRole('button', { name: 'Apply this path to 3 units' }));
  await userEvent.click(screen.getByRole('button', { name: /^Curve/ }));
  await userEvent.type(screen.getByRole('textbox', { name: 'Curve points' }), 'up{Enter}');

  expect(await screen.findByText(/Pairs of percent/)).toBeTruthy();
  expect(sent).toEqual([{ type: 'setAdjustments', units: ['u1', 'u2', 'u3'], to: pathOf().adjustments }]);
});

test('before units are replaced it is shown what they lose, and which have to move', async () => {
  const basic = {
    how: 'EXACT',
    pin: 'x',
    manufacturer: 'Lumbrook',
    model: 'Moth',
    mode: 'Six',
    breaks: { '1': 6 },
    sure: 1,
    why: '',
  } as const;
  house.use(
    http.get('*/api/rigs/:id/fixtures', () => HttpResponse.json([basic])),
    http.post('*/api/rigs/:id/replacement', () =>
      HttpResponse.json({
        used: 9,
        needed: 6,
        changes: [{ was: 'Lumbrook Moth, Nine', units: 1, lost: ['ColorAdd_UV'], gained: [] }],
        lines: [
          {
            unit: 'u2',
            id: '2',
            name: 'Rail 2',
            was: 'Lumbrook Moth, Nine',
            will: 'Lumbrook Moth, Six',
            footprintWas: 9,
            footprintWill: 6,
            address: '1.10',
            stays: false,
            orphans: ['ColorAdd_UV'],
          },
        ],
      } satisfies RigReplacement),
    ),
  );
  const sent = shown(rig());

  await userEvent.click(await screen.findByRole('checkbox', { name: 'Select unit 2' }));
  await userEvent.click(screen.getByRole('button', { name: 'Replace …' }));
  await userEvent.type(screen.getByRole('textbox', { name: 'With' }), 'moth six');
  await userEvent.click(await screen.findByRole('button', { name: 'Lumbrook Moth, Six' }));
  expect(await screen.findByText(/6 addresses instead of 9, 3 less/)).toBeTruthy();
  expect(screen.getByText(/lost: ColorAdd_UV/)).toBeTruthy();
  expect(screen.getByText(/1.10 has to move/)).toBeTruthy();
  await userEvent.click(screen.getByRole('button', { name: 'Replace' }));

  await waitFor(() => expect(sent).toEqual([{ type: 'replaceFixture', units: ['u2'], fixture: basic }]));
  await waitFor(() => expect(screen.queryByRole('dialog')).toBeNull());
});
