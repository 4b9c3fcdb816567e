import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { http, HttpResponse } from 'msw';
import { Route, Routes } from 'react-router';
import { beforeEach, expect, test } from 'vitest';
import type { Hands, HandsState, Live, RdmDevice, UniverseLook, Walk, WalkPlan, WalkStep } from '#/api/types';
import { house } from '#/test/house';
import { showOnPage } from '#/test/on-page';
import { FixturesPage } from './fixtures-page';
import { HandsPage } from './hands-page';
import { UniversesPage } from './universes-page';
import { WalkPage } from './walk-page';
import { WalksPage } from './walks-page';

const HUE = {
  u: 0.2,
  v: 0.47,
  kelvin: null,
  duv: null,
  says: { x: '0.3', y: '0.3', xy: '', uv: '', white: '', duv: '' },
  hex: '#ffffff',
  onScreen: true,
};
const BEAM = { looks: 1, says: ['100 %'], hue: HUE, gobo: null };
const LIVE: Live = {
  live: true,
  dark: false,
  universes: [{ universe: 1, to: ['artnet 127.0.0.1:6454 0'], holder: 'w1', what: 'Walk of Tidewick Petrel Spot, Extended', held: 0 }],
  by: 'Ines',
  note: '',
  restarts: 0,
};
const WALK: Walk = {
  id: 'w1',
  profileId: 'p1',
  manufacturer: 'Tidewick',
  profile: 'Petrel Spot',
  revision: 2,
  mode: 'Extended',
  quick: false,
  changedOnly: false,
  destination: 'artnet 127.0.0.1:6454 0',
  universe: 1,
  address: 1,
  byInstruments: false,
  fixtureSerial: 'PS-0042',
  firmware: '1.4',
  notes: '',
  author: 'Ines',
  startedAt: '2026-06-01T10:00:00',
  state: 'GOING',
  says: '',
  steps: 3,
  minutes: 1,
  next: 2,
  done: 1,
  agree: 1,
  differ: 0,
  cannotTell: 0,
  differing: [],
  causes: [],
};
const PLAN: WalkPlan = {
  profileId: 'p1',
  manufacturer: 'Tidewick',
  profile: 'Petrel Spot',
  revision: 2,
  mode: 'Extended',
  slots: 22,
  whole: { steps: 139, minutes: 10 },
  quick: { steps: 60, minutes: 4 },
  proven: { number: 1, firmware: '1.3', author: 'Ines', at: '2026-05-01T10:00:00', changed: { steps: 7, minutes: 1 } },
};

function step(number: number): WalkStep {
  return {
    number,
    of: 3,
    kind: 'MIDDLE',
    channel: 'Yoke_Pan',
    function: 'Pan',
    range: null,
    dmx: 32768,
    shows: `Pan ${number}°`,
    measuredIn: '°',
    beam: BEAM,
    passing: null,
    verdict: null,
    reason: '',
  };
}

beforeEach(() => {
  house.use(
    http.get('*/api/live', () => HttpResponse.json(LIVE)),
    http.post('*/api/live/keep', () => HttpResponse.json(LIVE)),
    http.get('*/api/output-addresses', () => HttpResponse.json([])),
  );
});

test('a walk says beforehand how long it takes, and begins with what was typed; what is refused is said at its field', async () => {
  let begun: unknown = null;
  house.use(
    http.get('*/api/walks', () => HttpResponse.json([])),
    http.get('*/api/walk-plans', () => HttpResponse.json(PLAN)),
    http.post('*/api/walks', async ({ request }) => {
      begun = await request.json();
      return HttpResponse.json({ detail: 'This mode has 22 addresses: it begins from 1 to 491.', field: 'address' }, { status: 422 });
    }),
  );
  showOnPage(<WalksPage />, '/bench?pin=r2&mode=Extended');
  const form = within(await screen.findByRole('dialog', { name: 'New walk' }));
  await form.findByText('139 steps, about 10 minutes');
  await userEvent.click(form.getByRole('radio', { name: /Only what changed/ }));
  const address = form.getByLabelText('Address');
  await userEvent.clear(address);
  await userEvent.type(address, '500');
  await userEvent.type(form.getByLabelText('Firmware (optional)'), '1.4');
  await userEvent.click(form.getByRole('button', { name: 'Begin' }));

  await form.findByText('This mode has 22 addresses: it begins from 1 to 491.');
  expect(begun).toMatchObject({
    pin: 'r2',
    mode: 'Extended',
    quick: false,
    changedOnly: true,
    destination: 'artnet 127.0.0.1:6454',
    universe: 1,
    address: 500,
    telemetry: '',
    firmware: '1.4',
  });
});

function onWalk(walk: Walk) {
  house.use(
    http.get('*/api/walks/w1', () => HttpResponse.json(walk)),
    http.post('*/api/walks/w1/steps/:number/show', ({ params }) => HttpResponse.json(step(Number(params.number)))),
  );
  showOnPage(
    <Routes>
      <Route path="/bench/walks/:walkId" element={<WalkPage />} />
    </Routes>,
    '/bench/walks/w1',
  );
}

test('nothing goes out before somebody says so; then three keys answer, and arrows go back and forth', async () => {
  const answers: unknown[] = [];
  house.use(
    http.put('*/api/walks/w1/steps/:number', async ({ request, params }) => {
      const body: unknown = await request.json();
      answers.push([Number(params.number), body]);
      return HttpResponse.json(step(Number(params.number)));
    }),
  );
  onWalk(WALK);
  await userEvent.click(await screen.findByRole('button', { name: 'Go live' }));
  await screen.findByText('Pan 2°');
  await userEvent.keyboard('1');
  await screen.findByText('Pan 3°');
  await userEvent.keyboard('{ArrowLeft}');
  await screen.findByText('Pan 2°');
  await userEvent.keyboard('2');
  await userEvent.click(await screen.findByRole('button', { name: 'The other way round' }));
  await screen.findByText('Pan 3°');
  await userEvent.keyboard('2');
  await userEvent.type(await screen.findByLabelText('Measured, ° (optional)'), '41,5');
  await userEvent.click(screen.getByRole('button', { name: 'Save' }));

  await waitFor(() => expect(answers).toHaveLength(3));
  expect(answers).toEqual([
    [2, { verdict: 'AGREES', reason: '', measured: null }],
    [2, { verdict: 'DIFFERS', reason: 'The other way round', measured: null }],
    [3, { verdict: null, reason: '', measured: 41.5 }],
  ]);
});

test('a cause is told with what it explains, and its fix goes into the draft', async () => {
  let edit: unknown = null;
  const fix = { type: 'turnWheel', wheel: 3, by: 1 } as unknown as NonNullable<Walk['causes'][number]['fix']>;
  house.use(
    http.get('*/api/profiles/p1/draft', () => HttpResponse.json({ id: 'd1', version: 4 })),
    http.post('*/api/drafts/d1/edits', async ({ request }) => {
      edit = await request.json();
      return HttpResponse.json({ id: 'd1', version: 5 });
    }),
  );
  onWalk({
    ...WALK,
    state: 'DONE',
    done: 3,
    differ: 1,
    differing: [
      {
        step: 2,
        kind: 'MIDDLE',
        channel: 'Head_Gobo1',
        function: 'Gobo',
        range: 'Reeds',
        dmx: 20,
        expected: 'slot 2',
        seen: 'slot 3',
        says: '',
        reason: '',
      },
    ],
    causes: [{ says: "The wheel 'Gobos' is one slot on.", flaw: 'wheel:Gobos:+1', steps: 12, fix, fixSays: 'Turn the wheel by 1' }],
  });
  await screen.findByText('The fixture differs from the profile');
  expect(screen.getByRole('row', { name: '2 Head_Gobo1 Reeds 20 slot 2 slot 3' })).toBeTruthy();
  await userEvent.click(screen.getByRole('button', { name: 'Turn the wheel by 1' }));

  await screen.findByRole('link', { name: 'Open the editor' });
  expect(edit).toEqual({ version: 4, edit: fix });
});

const AT: HandsState['at'][number] = {
  raw: 128,
  function: 0,
  range: null,
  physical: '1.06',
  number: 1.06,
  unit: '°',
  percent: 50.2,
  says: 'Pan, at 1.06 °.',
};
const HANDS: Hands = {
  id: 'h1',
  profileId: 'p1',
  manufacturer: 'Tidewick',
  profile: 'Petrel Spot',
  revision: 2,
  mode: 'Compact',
  destination: 'artnet 127.0.0.1:6454 0',
  universe: 1,
  address: 1,
  channels: [
    {
      index: 0,
      pretty: 'Pan',
      attribute: 'Pan',
      group: 'Position',
      max: 255,
      start: 128,
      functions: [{ index: 0, name: 'Pan', from: 0, to: 255, physicalFrom: -270, physicalTo: 270, unit: '°', ranges: [] }],
    },
    {
      index: 1,
      pretty: 'Gobo 1',
      attribute: 'Gobo1',
      group: 'Gobo',
      max: 255,
      start: 0,
      functions: [
        {
          index: 0,
          name: 'Gobo',
          from: 0,
          to: 255,
          physicalFrom: 0,
          physicalTo: 0,
          unit: '',
          ranges: [
            { name: 'Open', from: 0, to: 19, value: 9, color: null, picture: null },
            { name: 'Reeds', from: 20, to: 39, value: 29, color: null, picture: '/api/media/aa' },
            { name: 'Kite', from: 40, to: 255, value: 147, color: null, picture: null },
          ],
        },
      ],
    },
  ],
  pan: null,
  tilt: null,
  mixes: false,
  unit: null,
  state: { live: false, at: [AT, { ...AT, raw: 0, range: 'Open', physical: '0', number: 0, unit: '' }], beam: BEAM },
};

test('hands set a channel by what it does: a named range, or a physical value', async () => {
  const moves: unknown[] = [];
  house.use(
    http.get('*/api/hands/h1', () => HttpResponse.json(HANDS)),
    http.get('*/api/hands/h1/looks', () => HttpResponse.json([{ id: 'l1', name: 'Tower', by: 'Ines' }])),
    http.post('*/api/hands/h1/moves', async ({ request }) => {
      moves.push(await request.json());
      return HttpResponse.json({ state: HANDS.state, passed: [], says: '' });
    }),
    http.post('*/api/hands/h1/looks/l1/send', async ({ request }) => {
      moves.push(await request.json());
      return HttpResponse.json({
        state: HANDS.state,
        passed: [{ channel: 1, name: 'Head_Gobo1', ranges: ['Reeds'], snaps: false }],
        says: '',
      });
    }),
  );
  showOnPage(
    <Routes>
      <Route path="/bench/hands/:handsId" element={<HandsPage />} />
    </Routes>,
    '/bench/hands/h1',
  );
  await userEvent.click(await screen.findByRole('button', { name: 'Kite' }));
  await waitFor(() => expect(moves).toHaveLength(1));
  const pan = screen.getByRole('textbox', { name: 'Pan, °' });
  await userEvent.clear(pan);
  await userEvent.type(pan, '90{Enter}');
  await waitFor(() => expect(moves).toHaveLength(2));
  await userEvent.click(screen.getByRole('button', { name: 'Tower' }));

  const passed = within(await screen.findByRole('region', { name: 'Passed over' }));
  expect(passed.getByText('Reeds')).toBeTruthy();
  expect(moves).toEqual([
    { moves: [{ channel: 1, raw: 147, function: null, physical: null }], seconds: 0 },
    { moves: [{ channel: 0, raw: null, function: 0, physical: 90 }], seconds: 0 },
    { seconds: 3 },
  ]);
});

test('once the output broke off, hands show the start values that the fixture is at again', async () => {
  let live: Live = { ...LIVE, live: false, universes: [] };
  let state: Hands['state'] = { ...HANDS.state, at: [{ ...AT, raw: 255, physical: '90', number: 90 }] };
  house.use(
    http.get('*/api/live', () => HttpResponse.json(live)),
    http.get('*/api/hands/h1', () => HttpResponse.json({ ...HANDS, state })),
    http.get('*/api/hands/h1/looks', () => HttpResponse.json([])),
    http.post('*/api/hands/h1/live', () => {
      live = { ...LIVE, restarts: 1 };
      const before = state;
      state = HANDS.state;
      return HttpResponse.json({ ...before, live: true });
    }),
  );
  showOnPage(
    <Routes>
      <Route path="/bench/hands/:handsId" element={<HandsPage />} />
    </Routes>,
    '/bench/hands/h1',
  );
  const pan = await screen.findByRole('textbox', { name: 'Pan, °' });
  expect(pan).toHaveProperty('value', '90');
  await userEvent.click(screen.getByRole('button', { name: 'Go live' }));
  await waitFor(() => expect(pan).toHaveProperty('value', '1.06'));
});

test('an address of a universe is held by hand, and that is said', async () => {
  let look: UniverseLook = {
    universe: 1,
    moving: true,
    from: ['artnet 127.0.0.1:6454 0'],
    what: 'Hands on Tidewick Petrel Spot, Compact',
    levels: Array.from({ length: 512 }, () => 0),
    held: {},
    byHand: false,
  };
  house.use(
    http.get('*/api/universes/1', () => HttpResponse.json(look)),
    http.get('*/api/universes/1/owners', () =>
      HttpResponse.json(Array.from({ length: 512 }, (_, index) => (index === 1 ? 'Pan fine' : ''))),
    ),
    http.get('*/api/recording', () => HttpResponse.json({ state: 'NONE', universe: 0, incoming: false, seconds: 0, frames: 0 })),
    http.put('*/api/universes/1/held', async ({ request }) => {
      const { values } = (await request.json()) as { values: Record<string, number> };
      look = { ...look, held: values, levels: look.levels.map((level, index) => values[String(index + 1)] ?? level) };
      return HttpResponse.json(look);
    }),
  );
  showOnPage(<UniversesPage />);
  await userEvent.click(await screen.findByLabelText('Address 2: 0, Pan fine'));
  const value = screen.getByLabelText('Hold at, 0 to 255');
  await userEvent.clear(value);
  await userEvent.type(value, '99{Enter}');

  await screen.findByText('1 address is held by hand, whatever is sent.');
  expect(screen.getByLabelText('Address 2: 99, Pan fine, held')).toBeTruthy();
  await userEvent.click(screen.getByText('Release all'));
  await screen.findByLabelText('Address 2: 99, Pan fine');
});

test('what an RDM fixture differs in is cured on either side', async () => {
  const device: RdmDevice = {
    uid: '7ff0:00000008',
    manufacturer: 'Tidewick',
    model: 'Petrel Spot',
    label: '',
    software: '0.9',
    personality: 2,
    slots: 13,
    address: 101,
    personalities: [{ number: 2, slots: 13, text: 'Compact' }],
    profiles: [],
    differs: [],
    first: null,
    unit: {
      uuid: 'u1',
      called: '201',
      differs: [
        {
          says: 'The fixture is at 101; the rig has it at 21.',
          cures: [
            { says: 'Set fixture to address 21', address: 21, personality: null, edit: null },
            {
              says: 'Move unit to address 101',
              address: null,
              personality: null,
              edit: { type: 'moveUnits', units: ['u1'], to: '1.101' } as unknown as null,
            },
          ],
        },
      ],
    },
  };
  const sent: unknown[] = [];
  house.use(
    http.get('*/api/rigs', () => HttpResponse.json([{ id: 'g1', name: 'Summer tour', binned: false }])),
    http.get('*/api/rdm-devices', () => HttpResponse.json([device])),
    http.put('*/api/rdm-devices/:uid', async ({ request }) => {
      sent.push(await request.json());
      return HttpResponse.json(device);
    }),
    http.get('*/api/rigs/:id', () => HttpResponse.json({ id: 'g1', version: 6 })),
    http.post('*/api/rigs/:id/edits', async ({ request }) => {
      sent.push(await request.json());
      return HttpResponse.json({});
    }),
  );
  showOnPage(<FixturesPage />);
  await userEvent.click(await screen.findByRole('combobox', { name: 'Compare with rig' }));
  await userEvent.click(await screen.findByRole('option', { name: 'Summer tour' }));
  await userEvent.click(await screen.findByRole('button', { name: 'Find fixtures' }));
  await userEvent.click(await screen.findByRole('button', { name: 'Set fixture to address 21' }));
  await waitFor(() => expect(sent).toHaveLength(1));
  const move = await screen.findByRole('button', { name: 'Move unit to address 101' });
  await waitFor(() => expect(move.hasAttribute('disabled')).toBe(false));
  await userEvent.click(move);
  await waitFor(() => expect(sent).toHaveLength(2));

  expect(sent).toEqual([
    { destination: 'artnet 127.0.0.1:6454', universe: 1, address: 21, personality: null, label: null, identify: null },
    { version: 6, edit: { type: 'moveUnits', units: ['u1'], to: '1.101' } },
  ]);
});
