import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { http, HttpResponse } from 'msw';
import { expect, test } from 'vitest';
import type { RangeBar } from '#/api/types';
import { bar, channel, draft } from '#/test/drafts';
import { house } from '#/test/house';
import { showInEditor } from '#/editor/test/in-editor';
import { ChannelSettings } from './channel-settings';
import { DivideFunction } from './divide-function';
import { PasteTable } from './paste-table';
import { RangeMark } from './range-mark';

const range = { id: 200, name: 'Open', from: 0, to: 9, mark: null } as unknown as RangeBar;
const wheel = { id: 5, name: 'Gobos', kind: 'GOBO', slots: [{ name: 'Open' }, { name: 'Reeds' }] } as never;
const none = () => undefined;

test('a division that is not counted is left to the slots of the wheel', async () => {
  const asked = showInEditor(<DivideFunction channel={channel()} bar={bar({ id: 7, wheel: 'Gobos' })} close={none} />, {
    draft: draft({ wheels: [wheel] }),
  });
  await userEvent.click(screen.getByRole('checkbox', { name: 'Every second part shows half of two slots' }));
  await userEvent.click(screen.getByRole('button', { name: 'Divide' }));

  expect(asked.edits).toEqual([
    {
      type: 'divideFunction',
      function: 7,
      range: null,
      parts: 0,
      steps: 0,
      name: '{slot}',
      first: 1,
      firstSlot: 1,
      eachWhole: false,
      splits: true,
    },
  ]);
});

test('a division by steps has no number of parts, and can be of one range', async () => {
  const asked = showInEditor(<DivideFunction channel={channel()} bar={bar({ id: 7, name: 'Macros', ranges: [range] })} close={none} />);
  expect(screen.getByText(/Replaces the 1 named ranges/)).toBeTruthy();
  await userEvent.click(screen.getByRole('combobox', { name: 'Divide' }));
  await userEvent.click(await screen.findByRole('option', { name: 'Open, 0 to 9' }));
  await userEvent.type(screen.getByRole('textbox', { name: 'or values each' }), '5');
  await userEvent.click(screen.getByRole('button', { name: 'Divide' }));

  expect(asked.edits).toMatchObject([{ range: 200, parts: 0, steps: 5, name: 'Macros {number}', firstSlot: 0 }]);
});

test('each fact of a channel is an edit of its own, and what is as usual says nothing else', async () => {
  const asked = showInEditor(<ChannelSettings channel={channel({ snap: true, master: 'GROUP' })} />);
  expect(screen.getByRole('combobox', { name: 'Fades' }).textContent).toBe('Snaps');
  await userEvent.click(screen.getByRole('combobox', { name: 'Master' }));
  await userEvent.click(await screen.findByRole('option', { name: 'Grand master' }));
  await userEvent.click(screen.getByRole('combobox', { name: 'Width' }));
  await userEvent.click(await screen.findByRole('option', { name: '16 bit' }));

  expect(asked.edits).toEqual([
    { type: 'setReaction', channels: [10], snap: null, master: 'GRAND', mibFade: null, dmxChangeTimeLimit: null },
    { type: 'changeWidth', channel: 10, bytes: 2 },
  ]);
});

test('what an edit is refused for stands below the facts', async () => {
  const asked = showInEditor(<ChannelSettings channel={channel()} />);
  asked.refusal = 'Address 2 is taken by Red.';
  await userEvent.click(screen.getByRole('combobox', { name: 'Width' }));
  await userEvent.click(await screen.findByRole('option', { name: '16 bit' }));

  expect((await screen.findByRole('alert')).textContent).toBe('Address 2 is taken by Red.');
});

test('a sign is chosen by its picture, and one that is refused stays open with the reason', async () => {
  const asked = showInEditor(<RangeMark range={range} called="Open" slot={undefined} />);
  await userEvent.click(screen.getByRole('button', { name: 'Sign of Open' }));
  await userEvent.click(await screen.findByTitle('Shakes'));
  await waitFor(() => expect(screen.queryByRole('group', { name: 'Signs' })).toBeNull());

  asked.refusal = 'That range is gone.';
  await userEvent.click(screen.getByRole('button', { name: 'Sign of Open' }));
  await userEvent.click(await screen.findByRole('button', { name: 'Split' }));
  expect((await screen.findByRole('alert')).textContent).toBe('That range is gone.');
  expect(asked.edits).toEqual([
    { type: 'markRange', range: 200, mark: { sign: 'SHAKE', color: '', second: '' } },
    { type: 'markRange', range: 200, mark: { sign: 'SPLIT', color: '#ffcc00', second: '#2255cc' } },
  ]);
});

test('a pasted table is the edit that the core makes of it, and rows without a meaning are none', async () => {
  const edit = { type: 'setFunctions', marks: 'the one of the answer' };
  house.use(
    http.post<never, { text: string }>('*/api/drafts/d1/channel-table', async ({ request }) =>
      HttpResponse.json({
        channel: 'Shutter',
        functions: (await request.json()).text.includes('Closed')
          ? [{ index: 0, from: 0, to: 19, name: 'Closed', pretty: 'Shutter', attribute: 'Shutter1', unit: '', assumed: false, ranges: [] }]
          : [],
        left: [{ place: 1, text: '20-49 ???' }],
        doubts: ['Values 50 to 255 are not said.'],
        edit,
      }),
    ),
  );
  let closed = false;
  const asked = showInEditor(<PasteTable channel={channel()} bar={bar()} close={() => (closed = true)} />);
  const rows = screen.getByRole('textbox', { name: /^Rows of the chart/ });
  await userEvent.type(rows, '20-49 ???');
  await userEvent.click(screen.getByRole('button', { name: 'Set functions' }));
  expect((await screen.findByRole('alert')).textContent).toContain('No row was understood.');

  await userEvent.type(rows, '{Enter}0-19 Closed');
  expect(await screen.findByText('Values 50 to 255 are not said.')).toBeTruthy();
  await userEvent.keyboard('{Control>}{Enter}{/Control}');
  await waitFor(() => expect(closed).toBe(true));
  expect(asked.edits).toEqual([edit]);
});
