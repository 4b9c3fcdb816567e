import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { http, HttpResponse } from 'msw';
import { expect, test } from 'vitest';
import type { ModeMap } from '#/api/types';
import { channel, draft } from '#/test/drafts';
import { house } from '#/test/house';
import { showInEditor } from '#/editor/test/in-editor';
import { AddChannels } from './add-channels';
import { CellsDialog } from './cells-dialog';
import { SelectionBar } from './selection-bar';

const red = channel({ id: 10, pretty: 'Red', called: '1', addresses: [1] });
const green = channel({ id: 11, pretty: 'Green', called: '2', addresses: [2], offsets: [2] });
const map: ModeMap = { ...(draft().map as ModeMap), channels: [red, green], order: [10, 11] };

const makeCells = {
  type: 'makeCells' as const,
  mode: 1,
  channels: [10],
  name: 'Cell',
  count: 3,
  first: 1,
  spacing: 1,
  columns: 3,
  order: 'ROWS' as const,
};

function planned(refusal = '') {
  const asked: { count: number; first: number | null; pitch: string }[] = [];
  house.use(
    http.post<never, (typeof asked)[number]>('*/api/drafts/d1/cells-preview', async ({ request }) => {
      asked.push(await request.json());
      const cells = [0, 1, 2].map((column) => ({ place: { column, row: 0 }, address: 1 + column }));
      return HttpResponse.json({ first: 1, spacing: 1, columns: 3, cells, edit: makeCells, refusal });
    }),
  );
  return asked;
}

test('cells stand as the core would lay them, with what is usual in the empty fields', async () => {
  const previews = planned();
  const asked = showInEditor(<CellsDialog map={map} />);
  await userEvent.click(screen.getByRole('button', { name: 'Cells' }));

  await userEvent.click(screen.getByRole('checkbox', { name: /Red/ }));
  await waitFor(() => expect(screen.getByRole<HTMLInputElement>('textbox', { name: 'First address' }).value).toBe('1'));
  expect(previews.at(-1)).toMatchObject({ first: null, pitch: '' });
  await userEvent.click(screen.getByRole('button', { name: 'Make cells' }));

  expect(asked.edits).toEqual([makeCells]);
  await waitFor(() => expect(screen.queryByRole('dialog')).toBeNull());
});

test('a pitch that is no distance is said at once, and nothing is made', async () => {
  planned('Type how many cells share the length: 1 m / 10.');
  const asked = showInEditor(<CellsDialog map={map} />);
  await userEvent.click(screen.getByRole('button', { name: 'Cells' }));
  await userEvent.click(screen.getByRole('checkbox', { name: /Red/ }));
  fireEvent.change(screen.getByRole('textbox', { name: 'Pitch, or length / cells' }), { target: { value: '1 m / many' } });

  expect((await screen.findByRole('alert')).textContent).toBe('Type how many cells share the length: 1 m / 10.');
  expect(screen.getByRole<HTMLInputElement>('textbox', { name: 'Columns' }).value).toBe('3'); // the block stays in sight
  await userEvent.click(screen.getByRole('button', { name: 'Make cells' }));
  expect(asked.edits).toEqual([]);
});

test('what is no number is not asked for', async () => {
  const previews = planned();
  const asked = showInEditor(<CellsDialog map={map} />);
  await userEvent.click(screen.getByRole('button', { name: 'Cells' }));
  await userEvent.click(screen.getByRole('checkbox', { name: /Red/ }));
  fireEvent.change(screen.getByRole('textbox', { name: 'How many' }), { target: { value: 'ten' } });
  await userEvent.click(screen.getByRole('button', { name: 'Make cells' }));

  expect(screen.getByRole('alert').textContent).toBe('Type whole numbers.');
  expect(asked.edits).toEqual([]);
  expect(previews.every((each) => Number.isInteger(each.count))).toBe(true);
});

const choice = (name: string, pretty: string) => ({ name, pretty, featureGroup: 'Dimmer', unit: '', used: false });

/** A house that knows pan and dimmer. */
function knowsWords() {
  house.use(
    http.post<never, { text: string }>('*/api/drafts/d1/chart', async ({ request }) => {
      const words = (await request.json()).text.split(',').map((each) => each.trim());
      const known: Record<string, ReturnType<typeof choice>[]> = {
        pan: [choice('Pan', 'Pan'), choice('PanRotate', 'Pan rotates')],
        dimmer: [choice('Dimmer', 'Dimmer')],
      };
      const lines = words
        .filter((each) => each !== '')
        .map((each) => ({ words: each, bytes: each === 'pan' ? 2 : 1, choices: known[each] ?? [] }));
      const understood = lines.filter((line) => line.choices.length > 0);
      return HttpResponse.json({
        lines,
        channels: understood.length,
        addresses: understood.reduce((sum, line) => sum + line.bytes, 0),
        unknown: lines.length - understood.length,
      });
    }),
  );
}

test('what was understood is added, and what was not stays in the field', async () => {
  knowsWords();
  const asked = showInEditor(<AddChannels map={map} />);
  const field = screen.getByRole<HTMLInputElement>('textbox', { name: 'Channels to add' });
  await userEvent.type(field, 'pan, dimmer, marmalade');
  expect(await screen.findByText('2 channels, 3 addresses; 1 not understood')).toBeTruthy();

  await userEvent.click(screen.getByRole('button', { name: 'Pan rotates' }));
  await userEvent.type(field, '{Enter}');

  await waitFor(() => expect(field.value).toBe('marmalade'));
  expect(asked.edits).toMatchObject([
    {
      type: 'addChannels',
      mode: 1,
      at: null,
      channels: [
        { attribute: 'PanRotate', bytes: 2 },
        { attribute: 'Dimmer', bytes: 1 },
      ],
    },
  ]);
  expect(screen.getByRole('alert').textContent).toBe('This was not understood and not added.');
});

test('Enter adds what stands in the field, not what was understood a moment ago', async () => {
  knowsWords();
  const asked = showInEditor(<AddChannels map={map} />, { chosen: 11 });
  const field = screen.getByRole<HTMLInputElement>('textbox', { name: 'Channels to add' });
  await userEvent.type(field, 'pan');
  await screen.findByText('1 channel, 2 addresses');
  await userEvent.click(screen.getByRole('checkbox', { name: 'Insert before address 2' }));
  fireEvent.change(field, { target: { value: 'dimmer' } });
  fireEvent.submit(screen.getByRole('form', { name: 'Add channels' }));

  await waitFor(() => expect(asked.edits).toMatchObject([{ channels: [{ attribute: 'Dimmer' }], at: 2 }]));
});

test('a chart that is pasted where channels are typed opens on its page', async () => {
  house.use(http.post('*/api/profiles/p1/pasted-charts', () => HttpResponse.json({ id: 'c9' })));
  const asked = showInEditor(<AddChannels map={map} />);
  fireEvent.paste(screen.getByRole('textbox', { name: 'Channels to add' }), { clipboardData: { getData: () => '1\tPan\n2\tTilt' } });

  await waitFor(() => expect(asked.address()).toBe('/editor/p1/charts/c9'));
});

test('several channels are changed by one edit each time', async () => {
  const asked = showInEditor(<SelectionBar map={map} />, { selected: new Set([10, 11]) });
  const bar = screen.getByRole('region', { name: 'Selection' });
  expect(within(bar).getByText('2 channels')).toBeTruthy();

  await userEvent.click(within(bar).getByRole('combobox', { name: 'Fades' }));
  await userEvent.click(await screen.findByRole('option', { name: 'Snaps' }));
  await userEvent.click(within(bar).getByRole('combobox', { name: 'Width' }));
  await userEvent.click(await screen.findByRole('option', { name: '16 bit' }));
  await userEvent.click(within(bar).getByRole('button', { name: 'Remove, leave gaps' }));
  await userEvent.click(within(bar).getByRole('button', { name: 'Clear' }));

  expect(asked.edits).toEqual([
    { type: 'setReaction', channels: [10, 11], snap: 'YES', master: null, mibFade: null, dmxChangeTimeLimit: null },
    { type: 'several', edits: [10, 11].map((id) => ({ type: 'changeWidth', channel: id, bytes: 2 })) },
    { type: 'removeChannels', channels: [10, 11], closeUp: false },
  ]);
  expect(asked.selection).toEqual([null]);
});

test('times that are no numbers are refused before they are sent; an empty one stays as it is', async () => {
  const asked = showInEditor(<SelectionBar map={map} />, { selected: new Set([10]) });
  await userEvent.click(screen.getByRole('button', { name: 'Times' }));
  await userEvent.type(await screen.findByRole('textbox', { name: 'Change time limit, s' }), 'soon');
  await userEvent.click(screen.getByRole('button', { name: 'Set' }));
  expect((await screen.findByRole('alert')).textContent).toBe('Type seconds, such as 0.5, or leave a field empty.');

  await userEvent.clear(screen.getByRole('textbox', { name: 'Change time limit, s' }));
  await userEvent.type(screen.getByRole('textbox', { name: 'Change time limit, s' }), '0,5');
  await userEvent.click(screen.getByRole('button', { name: 'Set' }));
  expect(asked.edits).toMatchObject([{ mibFade: null, dmxChangeTimeLimit: 0.5, snap: null }]);
});
