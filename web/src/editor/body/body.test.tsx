import { fireEvent, render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { http, HttpResponse } from 'msw';
import { useState } from 'react';
import { expect, test, vi } from 'vitest';
import type { Body, BodyPart, Heading } from '#/api/types';
import { showInEditor } from '#/editor/test/in-editor';
import { channel, draft } from '#/test/drafts';
import { house } from '#/test/house';
import { CellsPanel } from './cells-panel';
import { Compass } from './compass';
import { ForwardPanel } from './forward-panel';
import { ModelsPanel } from './models-panel';
import { PartDetails } from './part-details';
import { PartTree } from './part-tree';
import { PhysicalPanel } from './physical-panel';
import { ProbeStrip, type CellProbes } from './probe-strip';
import { readShape } from './scene/shape';
import { spreadOf } from './scene/beam-picture';
import { around, barOf, pairs } from './scene/sheet';

const ORIGIN = { x: 0, y: 0, z: 0, turnX: 0, turnY: 0, turnZ: 0 };

function part(name: string, kind: string, parent: string, depth: number, change: Partial<BodyPart> = {}): BodyPart {
  return {
    name,
    kind,
    parent,
    depth,
    model: '',
    place: ORIGIN,
    unlike: null,
    repeats: '',
    channels: 0,
    addresses: '',
    attributes: [],
    pins: '',
    ...change,
  };
}

function body(change: Partial<Body> = {}): Body {
  return {
    top: 'Base',
    parts: [
      part('Base', 'Geometry', '', 0),
      part('Yoke', 'Axis', 'Base', 1, { channels: 1 }),
      part('Lens', 'Beam', 'Yoke', 2, {
        attributes: [
          { name: 'LuminousFlux', label: 'Luminous flux', unit: 'lm', form: 'NUMBER', choices: [], value: '18000', standard: '10000' },
          { name: 'BeamType', label: 'Kind of beam', unit: '', form: 'CHOICE', choices: ['Wash', 'Spot'], value: 'Spot', standard: 'Wash' },
        ],
      }),
    ],
    models: [],
    cells: [],
    probed: [],
    sources: [],
    source: '',
    templates: [],
    accessories: [],
    physical: { lowest: '', highest: '', legs: '', supplies: '', plugs: '' },
    truncated: false,
    ...change,
  };
}

test('triangles are read as they are sent', () => {
  const sent = new DataView(new ArrayBuffer(4 + 12 + 4 * 9 + 4 * 3));
  [1, 0x112233, 9, 3].forEach((value, index) => sent.setInt32(4 * index, value, true));
  [0, 0, 0, 1, 0, 0, 0, 1, 0].forEach((value, index) => sent.setFloat32(16 + 4 * index, value, true));
  [0, 1, 2].forEach((value, index) => sent.setInt32(52 + 4 * index, value, true));

  expect(readShape(sent.buffer)).toEqual([
    { rgb: 0x112233, points: new Float32Array([0, 0, 0, 1, 0, 0, 0, 1, 0]), corners: new Uint32Array([0, 1, 2]) },
  ]);
});

test('the copies of a prism widen the picture of a beam', () => {
  const shine = { copies: [] as { x: number; y: number; hex: string | null }[] };
  expect(spreadOf(shine as never)).toBe(1);
  shine.copies = [{ x: 0.3, y: 0.4, hex: null }];
  expect(spreadOf(shine as never)).toBe(1.5);
});

test('a sheet holds all that is on it, with room around, and its bar is a round length', () => {
  expect(pairs([1, 2, -3, 4])).toBe('1,-2 -3,-4');
  const box = around([{ points: [0, 3] }, { points: [2, 4] }]);
  expect(box.left).toBeCloseTo(-0.24);
  expect(box.top).toBeCloseTo(-4.24);
  expect(box.width).toBeCloseTo(2.48);
  expect(box.height).toBeCloseTo(1.48);
  expect(around([])).toEqual({ left: -1, top: -1, width: 2, height: 2 });
  expect([barOf(2.48), barOf(0.9), barOf(0.01)]).toEqual([0.5, 0.2, 0.01]);
});

test('a step of the test says what is sent, and puts the probe there', async () => {
  const steps = [
    {
      pan: 0,
      tilt: 90,
      sent: [
        { channel: 1, attribute: 'Pan', raw: 32768 },
        { channel: 2, attribute: 'Tilt', raw: 56360 },
      ],
      expected: 'BACK',
      says: 'to the back',
    },
  ];
  house.use(
    http.get('*/api/drafts/d1/forward', () => HttpResponse.json({ pan: null, tilt: null, steps })),
    http.get('*/api/profiles/:id/turned-units', () => HttpResponse.json([])),
  );
  const asked = showInEditor(<ForwardPanel mounted="Hanging" />);
  await userEvent.click(await screen.findByRole('button', { name: /Pan 32768.*Tilt 56360/ }));
  expect(asked.probe).toEqual({ 1: 32768, 2: 56360 });
});

function Stored() {
  const [highest, setHighest] = useState('');
  return (
    <>
      <PhysicalPanel body={body({ physical: { lowest: '', highest, legs: '', supplies: '', plugs: '' } })} />
      <button onClick={() => setHighest('40')}>answer</button>
    </>
  );
}

test('what was saved stands there when the answer comes', async () => {
  showInEditor(<Stored />);
  expect(screen.getByLabelText<HTMLInputElement>('to, °C').value).toBe('');
  await userEvent.click(screen.getByText('answer'));
  expect(screen.getByLabelText<HTMLInputElement>('to, °C').value).toBe('40');
});

test('connectors are typed into a table, and the weight goes with them as one edit', async () => {
  const written = { type: 'setPhysical', facts: {} };
  const facts = { type: 'setFacts', facts: {} };
  const sent: unknown[] = [];
  house.use(
    http.post<never, { typed: object }>('*/api/written-physical', async ({ request }) => {
      sent.push((await request.json()).typed);
      return HttpResponse.json(written);
    }),
    http.post('*/api/drafts/d1/facts', () => HttpResponse.json(facts)),
  );
  const physical = { lowest: '', highest: '', legs: '', supplies: 'Power in; 470; 0.95; 100; 240; 50; 60', plugs: '' };
  const asked = showInEditor(<PhysicalPanel body={body({ physical })} />, { draft: draft() });
  const watts = screen.getByLabelText('Draws, W, supply 1');
  await userEvent.clear(watts);
  await userEvent.type(watts, '480');
  await userEvent.click(screen.getByRole('button', { name: 'Add connector' }));
  await userEvent.type(screen.getByLabelText('Connector, connector 1'), 'DMX; in');
  await userEvent.selectOptions(screen.getByLabelText('Form, connector 1'), 'male');
  await userEvent.click(screen.getByRole('button', { name: 'Save' }));
  expect(sent).toEqual([{ ...physical, supplies: 'Power in; 480; 0.95; 100; 240; 50; 60', plugs: 'DMX, in; ; ; male; ' }]);
  expect(asked.edits).toEqual([written]);

  await userEvent.type(screen.getByLabelText('Weighs, kg'), '21');
  await userEvent.click(screen.getByRole('button', { name: 'Remove connector 1' }));
  await userEvent.click(screen.getByRole('button', { name: 'Save' }));
  expect(asked.edits[1]).toEqual({ type: 'several', edits: [facts, written] });
});

function Strip({ told }: { told: (cells: CellProbes) => void }) {
  const [cells, setCells] = useState<CellProbes>({});
  const repeated = body({
    parts: [
      part('Rail', 'Geometry', '', 0),
      part('Row 1', 'GeometryReference', 'Rail', 1, { repeats: 'Row' }),
      part('Row', 'Geometry', '', 0),
      part('Cell 1', 'GeometryReference', 'Row', 1, { repeats: 'Cell' }),
      part('Cell', 'Beam', '', 0),
    ],
    probed: [
      { called: 'Row 1', path: ['Row 1'], channels: [2, 3] },
      { called: 'Row 1, Cell 1', path: ['Row 1', 'Cell 1'], channels: [2] },
    ],
  });
  return (
    <ProbeStrip
      body={repeated}
      cells={cells}
      setCells={(to) => {
        setCells(to);
        told(to);
      }}
    />
  );
}

async function alone(cell: string) {
  await userEvent.click(screen.getByRole('combobox', { name: 'Cell that the probe moves' }));
  await userEvent.click(await screen.findByRole('option', { name: `${cell} alone` }));
}

test('the probe moves one cell by itself, with the channels that it repeats', async () => {
  const told = vi.fn();
  const whole = draft();
  const channels = [channel({ id: 1, pretty: 'Dimmer', geometry: 'Rail' }), channel({ id: 2, pretty: 'Red', geometry: 'Cell', max: 255 })];
  const asked = showInEditor(<Strip told={told} />, { draft: { ...whole, map: whole.map && { ...whole.map, channels } } });
  fireEvent.change(screen.getByLabelText('Red, Cell'), { target: { value: '9' } });
  expect(asked.probe).toEqual({ 2: 9 });

  await alone('Row 1');
  expect(screen.queryByLabelText('Dimmer, Rail')).toBeNull();
  fireEvent.change(screen.getByLabelText('Red, Cell'), { target: { value: '70' } });
  const row = { path: ['Row 1'], values: { 2: 70 } };
  expect(told).toHaveBeenLastCalledWith({ 'Row 1': row });

  await alone('Row 1, Cell 1');
  expect(screen.getByLabelText<HTMLInputElement>('Red, Cell').value).toBe('70');
  fireEvent.change(screen.getByLabelText('Red, Cell'), { target: { value: '80' } });
  expect(told).toHaveBeenLastCalledWith({ 'Row 1': row, 'Row 1, Cell 1': { path: ['Row 1', 'Cell 1'], values: { 2: 80 } } });
  await alone('Row 1');
  expect(screen.getByLabelText<HTMLInputElement>('Red, Cell').value).toBe('70');

  await userEvent.click(screen.getByRole('button', { name: 'Make all cells alike' }));
  expect(told).toHaveBeenLastCalledWith({});
});

test('a part is moved by what is typed, and nonsense is said at once', async () => {
  const asked = showInEditor(<PartDetails body={body()} says={['Lens looks straight down.']} />, { part: 'Lens' });
  const up = screen.getByLabelText('Up, m');
  await userEvent.clear(up);
  await userEvent.type(up, '-0,4{Enter}');
  expect(asked.edits).toEqual([{ type: 'placePart', part: 'Lens', place: { ...ORIGIN, z: -0.4 } }]);

  const turn = screen.getByLabelText('About z, °');
  await userEvent.clear(turn);
  await userEvent.type(turn, 'north{Enter}');
  expect((await screen.findByRole('alert')).textContent).toContain('Type a number');
  screen.getByText('Lens looks straight down.');
});

test('a field of a light is sent by the standard’s name', async () => {
  const asked = showInEditor(<PartDetails body={body()} says={[]} />, { part: 'Lens' });
  const flux = screen.getByLabelText('Luminous flux, lm');
  await userEvent.clear(flux);
  await userEvent.type(flux, '9000{Enter}');
  expect(asked.edits).toEqual([{ type: 'setPartAttribute', part: 'Lens', attribute: 'LuminousFlux', value: '9000' }]);
});

test('without a part in hand it is said what points where', () => {
  showInEditor(<PartDetails body={body()} says={['Lens looks straight down.']} />, { part: '' });
  expect(screen.getByRole('list', { name: 'What points where' }).textContent).toContain('Lens looks straight down.');
});

test('a matrix that is no place is told', () => {
  const skewed = body({ parts: [part('Base', 'Geometry', '', 0, { unlike: 'is mirrored' })] });
  showInEditor(<PartDetails body={skewed} says={[]} />, { part: 'Base' });
  screen.getByText(/The matrix of this part is mirrored/);
});

test('the tree is walked and folded by keys', async () => {
  showInEditor(<PartTree body={body()} />, { part: 'Yoke' });
  expect(screen.getByRole('treeitem', { name: /Yoke/ }).getAttribute('aria-selected')).toBe('true');
  expect(screen.getByRole('treeitem', { name: /Yoke/ }).getAttribute('aria-expanded')).toBe('true');
  screen.getByRole('treeitem', { name: /Yoke/ }).focus();
  await userEvent.keyboard('{ArrowLeft}');
  expect(screen.queryByRole('treeitem', { name: /Lens/ })).toBeNull();
  await userEvent.keyboard('{ArrowRight}');
  screen.getByRole('treeitem', { name: /Lens/ });
});

function Dial({ told }: { told: (to: Heading) => void }) {
  const [value, setValue] = useState<Heading | null>(null);
  return (
    <Compass
      label="Where it looks"
      value={value}
      expected="DOWN"
      onChange={(to) => {
        setValue(to);
        told(to);
      }}
    />
  );
}

test('the dot of the compass goes by click and by arrows', async () => {
  const told = vi.fn();
  render(<Dial told={told} />);
  await userEvent.click(screen.getByRole('radio', { name: 'left' }));
  expect(screen.getByRole('radio', { name: 'left' }).getAttribute('aria-checked')).toBe('true');
  await userEvent.keyboard('{ArrowRight}');
  expect(told).toHaveBeenLastCalledWith('DOWN');
  expect(document.activeElement).toBe(screen.getByRole('radio', { name: 'down' }));
});

test('what a model costs is said, and a box is offered for a heavy one', async () => {
  const file = {
    path: 'models/gltf/head.glb',
    detail: 'usual',
    form: 'glb',
    triangles: 184_000,
    bytes: 9_000_000,
    cost: '184,000 triangles: heavy for a rig of 60; the usual is under 5,000',
    heavy: true,
    size: '0.3 x 0.3 x 0.4 m',
    trouble: '',
    textures: [],
  };
  const model = {
    name: 'Head',
    length: 0.3,
    width: 0.3,
    height: 0.4,
    primitive: 'Undefined',
    file: 'head',
    files: [file],
    drawn: false,
    shape: 's',
  };
  const asked = showInEditor(
    <ModelsPanel body={body({ models: [model] })} shown="USUAL" show={() => {}} refusal={null} setRefusal={() => {}} />,
  );
  screen.getByText(/heavy for a rig of 60/);
  await userEvent.click(screen.getByRole('button', { name: /^Use its boxes instead/ }));
  expect(asked.brought).toEqual([{ kind: 'standIn', model: 'Head' }]);
});

test('cells are laid, and numbered with their addresses only where asked', async () => {
  const cells = [{ cell: 'Cell', numbers: [1, 2].map((number) => ({ name: `Cell ${number}`, number, address: 3 * number })) }];
  const asked = showInEditor(<CellsPanel body={body({ cells })} />);
  await userEvent.click(screen.getByRole('button', { name: 'Lay cells' }));
  await userEvent.click(screen.getByRole('button', { name: 'Number cells' }));
  await userEvent.click(screen.getByLabelText('Addresses follow'));
  await userEvent.click(screen.getByRole('button', { name: 'Number cells' }));
  expect(asked.edits).toEqual([
    { type: 'layCells', cell: 'Cell', layout: { form: 'ROW', columns: 1, pitch: 0.1, rowPitch: 0.1 } },
    { type: 'orderCells', cell: 'Cell', order: 'ROWS', readdress: false },
    { type: 'orderCells', cell: 'Cell', order: 'ROWS', readdress: true },
  ]);
});
