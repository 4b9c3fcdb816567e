import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { http, HttpResponse } from 'msw';
import { Route, Routes } from 'react-router';
import { beforeAll, beforeEach, expect, test } from 'vitest';
import type { RigKindCosts, RigMove, SheetReading, WheelPlan } from '#/api/types';
import { house } from '#/test/house';
import { showOnPage } from '#/test/on-page';
import { rig, serveRig, unit } from '#/test/rigs';
import { Toasts } from '#/ui/toast';
import { RigPage } from './rig-page';
import { hiddenColumns } from './unit-columns';

/** Without a size, a list that draws what is seen draws nothing. */
beforeAll(() => {
  Object.defineProperty(HTMLElement.prototype, 'clientHeight', { configurable: true, value: 600 });
  Object.defineProperty(HTMLElement.prototype, 'clientWidth', { configurable: true, value: 900 });
});
beforeEach(() => hiddenColumns.set(['groups', 'class', 'dip', 'place']));

function shown(...asked: Parameters<typeof serveRig>) {
  const sent = serveRig(...asked);
  showOnPage(
    <>
      <Routes>
        <Route path="/rigs/:rigId" element={<RigPage />} />
      </Routes>
      <Toasts />
    </>,
    '/rigs/r1',
  );
  return sent;
}

function ids() {
  return screen.getAllByRole<HTMLInputElement>('textbox', { name: /^Id of unit/ }).map((field) => field.value);
}

const THREE = [
  unit('10', 2, 1, { layer: 'Floor', colour: 'teal' }),
  unit('9', 1, 10, { differs: [{ kind: 'INVERT', says: 'Inverted: Pan' }] }),
  unit('2', 1, 1, { addresses: [], address: '' }),
];

test('a heading sorts up, down, and as the list was; numbers in ids count', async () => {
  shown(rig({ units: THREE }));
  const heading = await screen.findByRole('button', { name: 'Id' });

  await userEvent.click(heading);
  expect(ids()).toEqual(['2', '9', '10']);
  await userEvent.click(heading);
  expect(ids()).toEqual(['10', '9', '2']);
  await userEvent.click(heading);
  expect(ids()).toEqual(['10', '9', '2']);
  await userEvent.click(screen.getByRole('button', { name: 'Address' }));
  expect(ids()).toEqual(['9', '10', '2']); // what has no address comes last
});

test('units are filtered by what is said of them, and a column can be hidden', async () => {
  shown(rig({ units: THREE }));
  await screen.findByRole('button', { name: 'Filters' });

  async function choose(label: string, option: string) {
    await userEvent.click(screen.getByRole('button', { name: 'Filters' }));
    await userEvent.click(await screen.findByRole('combobox', { name: label }));
    await userEvent.click(await screen.findByRole('option', { name: option }));
    await userEvent.keyboard('{Escape}');
  }
  await choose('Show', 'Without an address');
  expect(ids()).toEqual(['2']);
  await choose('Show', 'Differing from their profile');
  expect(ids()).toEqual(['9']);
  await userEvent.click(screen.getByRole('button', { name: 'Show all' }));
  await choose('Colour tag', 'teal');
  expect(ids()).toEqual(['10']);
  expect(screen.getByText('1 of 3')).toBeTruthy();
  await userEvent.click(screen.getByRole('button', { name: 'Columns' }));
  await userEvent.click(await screen.findByRole('checkbox', { name: 'Layer' }));
  expect(screen.queryByRole('textbox', { name: 'Layer of unit 10' })).toBeNull();
});

test('cells of a spreadsheet are pasted from a cell on; a single value goes into its field', async () => {
  const sent = shown(rig({ units: THREE }));
  const name = await screen.findByRole('textbox', { name: 'Name of unit 9' });

  fireEvent.paste(name, { clipboardData: { getData: () => 'Left\t3.1\nRight\t3.20\n' } });
  fireEvent.paste(name, { clipboardData: { getData: () => 'Only one' } });

  await waitFor(() => expect(sent).toHaveLength(1));
  expect(sent[0]).toMatchObject({
    type: 'putCells',
    units: ['u9', 'u2'],
    columns: ['NAME', 'ADDRESS', 'POSITION', 'NUMBER', 'LAYER', 'COLOUR', 'NOTE'],
    rows: [
      ['Left', '3.1'],
      ['Right', '3.20'],
    ],
  });
});

test('what does not fit of a paste is told, and nothing was pasted', async () => {
  shown(rig({ units: THREE }), { status: 422, detail: 'Row 1 (unit 9): Address 0 does not exist: addresses begin at 1.' });

  fireEvent.paste(await screen.findByRole('textbox', { name: 'Name of unit 9' }), { clipboardData: { getData: () => 'Left\t0' } });

  expect(await screen.findByText(/Nothing was pasted. Row 1/)).toBeTruthy();
});

test('every nth of a selection, in the order in which the rows stand; one column over all of them', async () => {
  const sent = shown(rig({ units: THREE }));
  await userEvent.click(await screen.findByRole('button', { name: 'Id' }));
  await userEvent.click(screen.getByRole('checkbox', { name: 'Select all units' }));
  await userEvent.selectOptions(screen.getByRole('combobox', { name: 'Column to fill' }), 'Position');
  await userEvent.type(screen.getByRole('textbox', { name: 'Fill with' }), 'Rail 1{Enter}');
  await userEvent.selectOptions(screen.getByRole('combobox', { name: 'Gaps' }), 'gaps kept');
  await userEvent.type(screen.getByRole('textbox', { name: 'Address from' }), '4.1{Enter}');
  await userEvent.type(screen.getByRole('textbox', { name: 'Select every nth' }), '2{Enter}');

  expect(await screen.findByText('2 units selected')).toBeTruthy();
  expect(sent).toEqual([
    { type: 'describe', units: ['u2', 'u9', 'u10'], column: 'POSITION', to: 'Rail 1', counting: true },
    { type: 'moveUnits', units: ['u2', 'u9', 'u10'], to: '4.1' },
  ]);
});

test('a row opens to its channels, and to the switches as they have to stand', async () => {
  house.use(
    http.get('*/api/rigs/:id/units/:uuid', () =>
      HttpResponse.json({
        channels: [{ name: 'Base_Pan', attribute: 'Pan', geometry: 'Base', addresses: ['1.10', '1.11'], start: 32768, bytes: 2 }],
        switches: [
          {
            dmxBreak: 1,
            at: '1.10',
            switches: { value: 10, on: [false, true, false, true, false, false, false, false, false], fits: true },
          },
        ],
        focus: 'Lock gate',
        fromZero: false,
      }),
    ),
  );
  shown(rig({ units: THREE }));

  await userEvent.click(await screen.findByRole('button', { name: 'Channels of unit 9' }));

  const channels = await screen.findByRole('table', { name: 'Channels of unit 9' });
  expect(within(channels).getByText('1.10 + 1.11')).toBeTruthy();
  expect(within(channels).getByText('32768')).toBeTruthy();
  expect(screen.getByRole('img', { name: 'Switches for 1.10: 2, 4 on' })).toBeTruthy();
  expect(screen.getByText('Lock gate')).toBeTruthy();
});

test('universes say how full they are, and what another mode would cost leads to replacing', async () => {
  const found = {
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
    http.get('*/api/rigs/:id/costs', () =>
      HttpResponse.json([
        {
          kind: { ...found, mode: 'Nine' },
          units: ['u10', 'u9'],
          others: [{ cost: { mode: 'Six', footprint: 6, addresses: -6, universes: -1 }, fixture: found }],
        },
      ] satisfies RigKindCosts[]),
    ),
    http.post('*/api/rigs/:id/replacement', () => HttpResponse.json({ used: 18, needed: 12, changes: [], lines: [] })),
  );
  const sent = shown(rig({ units: THREE, console: 0 }));

  await userEvent.click(await screen.findByRole('button', { name: 'Universes' }));
  expect(await screen.findByText('6 addresses less, 1 universe less')).toBeTruthy();
  expect(screen.getByText('+ 485 free')).toBeTruthy();
  await userEvent.type(screen.getByRole('textbox', { name: 'Name of universe 1' }), 'Rails{Enter}');
  await userEvent.selectOptions(screen.getByRole('combobox', { name: 'How universe 1 is sent' }), 'Art-Net');
  await userEvent.type(screen.getByRole('textbox', { name: 'Add a universe' }), 'seven{Enter}');
  expect(await screen.findByText('A universe is a whole number, such as 7.')).toBeTruthy();
  await userEvent.click(screen.getByRole('button', { name: 'Replace …' }));
  await userEvent.click(await screen.findByRole('button', { name: 'Replace' }));

  await waitFor(() =>
    expect(sent.map((edit) => (edit === 'undo' ? edit : edit.type))).toEqual(['putUniverse', 'putUniverse', 'replaceFixture']),
  );
  expect(sent[2]).toMatchObject({ units: ['u10', 'u9'], fixture: found });
});

test('an older revision moves up once it is shown what that breaks', async () => {
  const edit = { type: 'severalRigEdits', edits: [] } as const;
  house.use(
    http.get('*/api/rigs/:id/moves', () =>
      HttpResponse.json([
        {
          profileId: 'p1',
          manufacturer: 'Lumbrook',
          model: 'Moth',
          revision: 1,
          newest: 3,
          units: ['u9'],
          displaced: 1,
          gone: [],
          edit: { type: 'severalRigEdits', edits: [] },
          moving: {
            effects: [
              { rank: 'BREAKS', mode: 'Nine', where: 'Pan', says: 'It has moved.', before: '1', after: '2', units: 1, adjusted: ['9'] },
            ],
            elsewhere: 2,
          },
        },
      ] satisfies RigMove[]),
    ),
  );
  const first = rig({ units: THREE });
  const sent = shown({ ...first, kinds: first.kinds.map((kind) => ({ ...kind, newest: 3 })) });

  await userEvent.click(await screen.findByRole('button', { name: 'Compare and move up …' }));
  expect(screen.getByText('Unit 9 adjusts this channel.')).toBeTruthy();
  expect(screen.getByText(/1 unit does not fit between its neighbours/)).toBeTruthy();
  expect(screen.getByText(/2 differences more in modes/)).toBeTruthy();
  await userEvent.click(screen.getByRole('button', { name: 'Move up' }));

  await waitFor(() => expect(sent).toEqual([edit]));
});

const READING: SheetReading = {
  columns: { Unit: 'Id' },
  ignored: ['Purpose'],
  kinds: [
    {
      kind: {
        asked: { spec: '@Old lamp.gdtf', mode: '', footprint: 3 },
        found: {
          how: 'PLACEHOLDER',
          pin: '',
          manufacturer: '',
          model: '',
          mode: '',
          breaks: { '1': 3 },
          sure: 0,
          why: 'Only its footprint is known.',
        },
        units: ['7'],
      },
      words: 'Old lamp',
    },
  ],
  units: [{ id: '7', name: 'Front', asked: 'Old lamp', found: 'a footprint of 3', address: '2.1' }],
  count: 1,
  doubts: [{ place: 'row 3', says: 'Its columns disagree.' }],
  twice: ['7'],
  collisions: 1,
  refused: '',
};

test('a patch sheet is shown before it is taken, and a whole kind is left out at once', async () => {
  const asked: unknown[] = [];
  house.use(
    http.post('*/api/rigs/:id/sheet-reading', async ({ request }) => {
      asked.push(await request.text());
      return HttpResponse.json(READING);
    }),
    http.post('*/api/rigs/:id/sheet-taking', () => HttpResponse.json(rig({ version: 9 }))),
  );
  shown(rig({ units: THREE }));

  await userEvent.click(await screen.findByRole('button', { name: 'Import' }));
  await userEvent.click(await screen.findByRole('menuitem', { name: /Patch sheet/ }));
  fireEvent.change(await screen.findByRole('textbox', { name: /Or paste the rows/ }), { target: { value: 'Id,Address\n7,2.1' } });
  await userEvent.click(screen.getByRole('button', { name: 'Read the rows' }));

  expect(await screen.findByText(/1 id is in this rig already: 7/)).toBeTruthy();
  expect(screen.getByText('Its columns disagree.')).toBeTruthy();
  expect(screen.getByText(/Not read: Purpose/)).toBeTruthy();
  expect(screen.getByText('1 collision then, to resolve in the rig.')).toBeTruthy();
  await userEvent.click(screen.getByRole('button', { name: 'Leave out' }));
  await waitFor(() => expect(asked).toHaveLength(2));
  await userEvent.click(await screen.findByRole('button', { name: 'As found' }));
  await userEvent.click(screen.getByRole('button', { name: 'Import 1 unit' }));

  expect(await screen.findByText('1 unit imported from pasted rows.csv.')).toBeTruthy();
});

test('a sheet of gobos and colours shows what fits, then makes the versions', async () => {
  const line = { fixture: 'Petrel Spot', wheel: 'Gobos', slot: '2', was: 'One', will: 'Reeds' };
  house.use(
    http.post('*/api/rigs/:id/wheel-plan', () =>
      HttpResponse.json({
        production: 'Opera',
        types: [
          {
            plan: {
              pin: 'x',
              manufacturer: 'Tidewick',
              model: 'Petrel Spot',
              lines: [{ ...line, place: 'row 2', fit: 'DOUBTFUL', says: 'A still gobo in a turning wheel.' }],
              changes: [{ wheel: 'Gobos', slot: 2, name: 'Reeds', gobo: 'g', colour: null }],
            },
            known: false,
            units: 2,
          },
        ],
        lost: [{ ...line, place: 'row 3', fit: 'NOT', says: 'No fixture of this rig is called so.' }],
      } satisfies WheelPlan),
    ),
    http.post('*/api/rigs/:id/wheel-versions', () =>
      HttpResponse.json([{ manufacturer: 'Tidewick', model: 'Petrel Spot', profileId: 'p9', revision: 1, refused: '' }]),
    ),
  );
  shown(rig({ units: THREE }));

  await userEvent.click(await screen.findByRole('button', { name: 'Import' }));
  await userEvent.click(await screen.findByRole('menuitem', { name: /Gobos and colours/ }));
  const file = new File(['Fixture,Gobo'], 'order.csv');
  await userEvent.upload(await screen.findByLabelText('Sheet'), file);

  expect(await screen.findByText('A still gobo in a turning wheel.')).toBeTruthy();
  expect(screen.getByText('No fixture of this rig is called so.')).toBeTruthy();
  await userEvent.click(screen.getByRole('button', { name: 'Make 1 production version' }));

  const made = await screen.findByRole('link', { name: /revision 1 of its production version/ });
  expect(made.getAttribute('href')).toBe('/profile/p9');
});

test('fields write the line that adds', async () => {
  const found = { how: 'EXACT', pin: 'x', manufacturer: 'Lumbrook', model: 'Moth', mode: 'Six', breaks: { '1': 6 }, sure: 1, why: '' };
  const lines: string[] = [];
  house.use(
    http.get('*/api/rigs/:id/fixtures', () => HttpResponse.json([found])),
    http.post('*/api/rigs/:id/line', async ({ request }) => {
      lines.push(((await request.json()) as { text: string }).text);
      return HttpResponse.json({ refused: '', fixtures: [], count: 0, first: null, last: null, places: [], hits: [], edit: null });
    }),
  );
  shown(rig({ units: THREE }));

  await userEvent.click(await screen.findByRole('button', { name: 'Fields' }));
  await userEvent.type(screen.getByRole('textbox', { name: 'Fixture and mode' }), 'moth');
  await userEvent.click(await screen.findByRole('button', { name: 'Lumbrook Moth, Six' }));
  fireEvent.change(screen.getByRole('textbox', { name: 'How many' }), { target: { value: '4' } });
  fireEvent.change(screen.getByRole('textbox', { name: 'Name, counting on' }), { target: { value: 'Rail, 1' } });

  expect(screen.getByRole<HTMLInputElement>('textbox', { name: 'Add' }).value).toBe('4 Moth Six, next free, name Rail  1');
  await waitFor(() => expect(lines).toContain('4 Moth Six, next free, name Rail  1'));
});

test('before a scene is written it is told what it lacks, and each line leads to its unit', async () => {
  const asked: unknown[] = [];
  house.use(
    http.post('*/api/rigs/:id/scene-proposal', async ({ request }) => {
      asked.push(await request.json());
      return HttpResponse.json({
        units: 3,
        profiles: ['Lumbrook@Moth.gdtf'],
        untouched: 0,
        from: null,
        losses: [{ kind: 'NO_ADDRESS', unit: 'u2', says: 'Unit 2 (Rail 2) has no address.' }],
      });
    }),
  );
  shown(rig({ units: THREE }));

  await userEvent.click(await screen.findByRole('button', { name: 'Export' }));
  await userEvent.click(await screen.findByRole('menuitem', { name: /Scene/ }));
  expect(await screen.findByText('Lumbrook@Moth.gdtf')).toBeTruthy();
  await userEvent.selectOptions(screen.getByRole('combobox', { name: 'What goes out' }), 'Layer Floor');
  await waitFor(() =>
    expect(asked).toEqual([
      { units: null, profiles: 'UNTOUCHED' },
      { units: ['u10'], profiles: 'UNTOUCHED' },
    ]),
  );
  await userEvent.click(await screen.findByRole('button', { name: 'Unit 2 (Rail 2) has no address.' }));

  expect(await screen.findByText('Unit 2 selected')).toBeTruthy();
});

test('the profiles that a rig pins are viewed, compared and exported', async () => {
  const [kind] = rig().kinds;
  shown(rig({ kinds: kind ? [{ ...kind, newest: 3 }] : [] }));

  await userEvent.click(await screen.findByRole('button', { name: 'Universes' }));

  const profiles = within(await screen.findByRole('region', { name: 'Profiles' }));
  expect(profiles.getByText('Lumbrook Moth, revision 1').textContent).toBe('Lumbrook Moth, revision 1, 3 units');
  expect(profiles.getByRole('link', { name: 'Compare with revision 3' }).getAttribute('href')).toBe(
    '/compare?left=p1&leftRevision=1&right=p1&rightRevision=3',
  );
  expect(profiles.getByRole('link', { name: 'View' }).getAttribute('href')).toBe('/profile/p1?revision=1');
  expect(profiles.getByRole('link', { name: 'Export' }).getAttribute('href')).toBe('/api/profiles/p1/revisions/1/file');
});
