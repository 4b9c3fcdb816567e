import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { http, HttpResponse } from 'msw';
import { expect, test } from 'vitest';
import type { CurveView, Knot } from '#/api/types';
import { bar } from '#/test/drafts';
import { house } from '#/test/house';
import { showInEditor } from '#/editor/test/in-editor';
import { FromMeasured } from './from-measured';
import { FromPoints } from './from-points';
import { FromProfile } from './from-profile';
import { FromShelf } from './from-shelf';

const pieces = [{ percent: 0, c0: 0, c1: 1, c2: 0, c3: 0 }];

function curve(change: Partial<CurveView> = {}): CurveView {
  return {
    pieces,
    outputs: [0, 1],
    percents: ['0 %', '100 %'],
    eight: [0, 255],
    sixteen: [0, 65535],
    fade: [{ says: '0 % gives 0 %', hex: '#000000' }],
    inverse: null,
    inversePercents: null,
    points: [],
    run: 'SMOOTH',
    largest: null,
    ...change,
  };
}

/** A house that holds points as our core does: from left to right, and within the plane. */
function holdsPoints(asked: Knot[][] = []) {
  house.use(
    http.get('*/api/drafts/d1/curves', () => HttpResponse.json([])),
    http.post('*/api/drafts/d1/curve-changes', () => HttpResponse.json([])),
    http.post<never, { points: Knot[] }>('*/api/curves/points', async ({ request }) => {
      const { points } = await request.json();
      asked.push(points);
      const order = points.map((_, index) => index).sort((a, b) => (points[a]?.in ?? 0) - (points[b]?.in ?? 0));
      const held = order.map((index) => {
        const { in: input, out } = points[index] ?? { in: 0, out: 0 };
        const within = Math.min(1, Math.max(0, input));
        return { in: within, out, percentIn: String(100 * within), percentOut: String(100 * out) };
      });
      return HttpResponse.json({ curve: curve({ points: held }), order });
    }),
  );
  return asked;
}

const inputs = () => screen.getAllByRole<HTMLInputElement>('textbox', { name: /^Input of point/ }).map((field) => field.value);

test('points stand in the order that the core holds them in, and are cut to the plane', async () => {
  holdsPoints();
  showInEditor(<FromPoints bar={bar()} close={() => undefined} />);
  await waitFor(() => expect(inputs()).toEqual(['0', '100']));

  await userEvent.click(screen.getByRole('button', { name: 'Add a point' }));
  await waitFor(() => expect(inputs()).toEqual(['0', '50', '100']));

  const second = screen.getByRole('slider', { name: 'Point 2' });
  for (let step = 0; step < 60; step++) fireEvent.keyDown(second, { key: 'ArrowRight' });
  await waitFor(() => expect(inputs()).toEqual(['0', '100', '100']));
});

test('a point that is typed past its neighbour changes places with it', async () => {
  const asked = holdsPoints();
  showInEditor(<FromPoints bar={bar()} close={() => undefined} />);
  await waitFor(() => expect(inputs()).toEqual(['0', '100']));
  await userEvent.click(screen.getByRole('button', { name: 'Add a point' }));
  await waitFor(() => expect(inputs()).toEqual(['0', '50', '100']));

  const first = screen.getByRole('textbox', { name: 'Input of point 1, %' });
  await userEvent.clear(first);
  await userEvent.type(first, '75{Enter}');

  await waitFor(() => expect(inputs()).toEqual(['50', '75', '100']));
  expect(asked.at(-1)?.[0]).toEqual({ in: 0.75, out: 0 });
});

test('the last two points stay', async () => {
  holdsPoints();
  showInEditor(<FromPoints bar={bar()} close={() => undefined} />);
  await waitFor(() => expect(inputs()).toEqual(['0', '100']));

  expect(screen.getByRole<HTMLButtonElement>('button', { name: 'Delete point 1' }).disabled).toBe(true);
  fireEvent.keyDown(screen.getByRole('slider', { name: 'Point 1' }), { key: 'Delete' });
  expect(inputs()).toEqual(['0', '100']);

  await userEvent.click(screen.getByRole('button', { name: 'Add a point' }));
  await waitFor(() => expect(inputs()).toHaveLength(3));
  await userEvent.click(screen.getByRole('button', { name: 'Delete point 2' }));
  await waitFor(() => expect(inputs()).toEqual(['0', '100']));
});

test('a curve is put into the profile and applied by one edit', async () => {
  holdsPoints();
  let closed = false;
  const asked = showInEditor(<FromPoints bar={bar({ id: 7, name: 'Dim' })} close={() => (closed = true)} />);
  await waitFor(() => expect(inputs()).toEqual(['0', '100']));

  const name = screen.getByRole('textbox', { name: 'Name in this profile' });
  await userEvent.clear(name);
  await userEvent.type(name, ' Soft start ');
  await userEvent.click(screen.getByRole('button', { name: 'Apply to Dim' }));

  expect(asked.edits).toEqual([{ type: 'layCurve', function: 7, curve: 'Soft start', pieces }]);
  expect(closed).toBe(true);
});

test('a curve of that name is said to give way, and a refusal keeps the panel open', async () => {
  house.use(
    http.get('*/api/drafts/d1/curves', () => HttpResponse.json([{ name: 'Square law', curve: curve(), uses: ['Head_Dimmer in Wide'] }])),
    http.get('*/api/curves/shelf', () => HttpResponse.json([{ kind: 'SQUARE', least: 0, most: 0, usual: 0, outputs: [0, 1] }])),
    http.post('*/api/curves/shelf', () => HttpResponse.json(curve())),
    http.post('*/api/drafts/d1/curve-changes', () => HttpResponse.json([])),
  );
  let closed = false;
  const asked = showInEditor(<FromShelf bar={bar()} close={() => (closed = true)} />);
  asked.refusal = 'This profile has too many curves.';

  expect(await screen.findByText('Replaces the curve Square law of this profile.')).toBeTruthy();
  expect(screen.getByText('It has no inverse')).toBeTruthy();
  await userEvent.click(screen.getByRole('button', { name: 'Apply to Dim' }));

  expect((await screen.findByRole('alert')).textContent).toBe('This profile has too many curves.');
  expect(closed).toBe(false);
});

test('what the profile has is used as it is, or not at all', async () => {
  house.use(
    http.get('*/api/drafts/d1/curves', () => HttpResponse.json([{ name: 'Glow', curve: curve(), uses: [] }])),
    http.post('*/api/drafts/d1/curve-changes', () => HttpResponse.json([])),
  );
  const asked = showInEditor(<FromProfile bar={bar({ id: 7, curve: 'Glow' })} close={() => undefined} />);
  expect(await screen.findByText('No function uses it.')).toBeTruthy();

  await userEvent.click(screen.getByRole('combobox', { name: 'Curve' }));
  await userEvent.click(await screen.findByRole('option', { name: 'None, straight' }));
  await userEvent.click(screen.getByRole('button', { name: 'Use no curve' }));

  expect(asked.edits).toEqual([{ type: 'layCurve', function: 7, curve: '', pieces: null }]);
});

test('a measured table says how far the curve runs from it, or which row does not fit', async () => {
  house.use(
    http.get('*/api/drafts/d1/curves', () => HttpResponse.json([])),
    http.post('*/api/drafts/d1/curve-changes', () => HttpResponse.json([])),
    http.post<never, { text: string }>('*/api/curves/measured', async ({ request }) =>
      (await request.json()).text.includes('half')
        ? HttpResponse.json({ detail: 'Row 2 is no pair of numbers.' }, { status: 422 })
        : HttpResponse.json(curve({ largest: '0.25 %' })),
    ),
  );
  showInEditor(<FromMeasured bar={bar()} close={() => undefined} />);
  const table = screen.getByRole('textbox', { name: /^Level and light/ });

  fireEvent.change(table, { target: { value: '0;0\n255;100' } });
  expect(await screen.findByText('Largest distance from a measured point: 0.25 %.')).toBeTruthy();
  expect(within(screen.getByRole('list', { name: 'Light of each step' })).getByText('0 % gives 0 %')).toBeTruthy();

  fireEvent.change(table, { target: { value: '0;0\nhalf;50' } });
  expect((await screen.findByRole('alert')).textContent).toBe('Row 2 is no pair of numbers.');
});
