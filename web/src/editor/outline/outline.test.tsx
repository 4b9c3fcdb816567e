import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { http, HttpResponse } from 'msw';
import { expect, test } from 'vitest';
import type { FixtureFacts } from '#/api/types';
import { draft } from '#/test/drafts';
import { house } from '#/test/house';
import { showInEditor } from '#/editor/test/in-editor';
import { Facts } from './facts';
import { ModeList } from './mode-list';

test('facts are sent as they are typed, and what the core makes of them is the edit', async () => {
  const typed: FixtureFacts[] = [];
  const facts = draft().facts;
  const edit = { type: 'setFacts', facts: { weight: 21.5 } };
  house.use(
    http.post<never, { typed: FixtureFacts }>('*/api/drafts/d1/facts', async ({ request }) => {
      typed.push((await request.json()).typed);
      return typed.length === 1
        ? HttpResponse.json({ detail: 'Write each connector as its name and its type: DMX in: XLR5.' }, { status: 422 })
        : HttpResponse.json(edit);
    }),
  );
  const asked = showInEditor(<Facts />, { draft: draft({ facts: { ...facts, personalities: [{ mode: 'Mode 2', number: '2' }] } }) });
  await userEvent.click(screen.getByRole('button', { name: 'Facts of the fixture' }));
  await userEvent.type(await screen.findByRole('textbox', { name: 'Weight, kg' }), '21,5 kg');
  await userEvent.type(screen.getByRole('textbox', { name: /^Connectors/ }), 'XLR5');
  await userEvent.type(screen.getByRole('textbox', { name: 'Mode 1' }), '1');
  await userEvent.click(screen.getByRole('button', { name: 'Save' }));

  expect((await screen.findByRole('alert')).textContent).toContain('Write each connector');
  expect(asked.edits).toEqual([]);
  expect(typed[0]).toMatchObject({
    weight: '21,5 kg',
    connectors: 'XLR5',
    personalities: [
      { mode: 'Mode 2', number: '2' },
      { mode: 'Mode 1', number: '1' },
    ],
  });

  await userEvent.click(screen.getByRole('button', { name: 'Save' }));
  await waitFor(() => expect(screen.queryByRole('dialog')).toBeNull());
  expect(asked.edits).toEqual([edit]);
});

async function openMenu(name: string) {
  await userEvent.click(screen.getAllByRole('button', { name: /^Actions on Mode/ })[0] as HTMLElement);
  await userEvent.click(await screen.findByRole('menuitem', { name }));
}

test('a mode without channels is asked for by a list, which the core reads', async () => {
  house.use(
    http.post<never, { text: string }>('*/api/address-lists', async ({ request }) =>
      (await request.json()).text === '2, 4-6'
        ? HttpResponse.json({ addresses: [2, 4, 5, 6] })
        : HttpResponse.json({ detail: 'List addresses from 1 to 512: 2, 4, 10-12.' }, { status: 422 }),
    ),
  );
  const asked = showInEditor(<ModeList />);
  await openMenu('Without channels …');
  const list = await screen.findByRole('textbox', { name: 'Addresses in Mode 1 that it does not have' });
  await userEvent.type(list, 'pan{Enter}');
  expect((await screen.findByRole('alert')).textContent).toBe('List addresses from 1 to 512: 2, 4, 10-12.');

  await userEvent.clear(list);
  await userEvent.type(list, '2, 4-6{Enter}');
  await waitFor(() => expect(screen.queryByRole('dialog')).toBeNull());
  expect(asked.edits).toEqual([{ type: 'deriveMode', mode: 1, name: 'Mode 1 short', eightBit: false, without: [2, 4, 5, 6] }]);
});

test('a new mode is called after the next number that is free', async () => {
  const asked = showInEditor(<ModeList />, {
    draft: draft({ modes: [1, 3].map((id) => ({ ...draft().modes[0], id, name: `Mode ${id}` }) as never) }),
  });
  await userEvent.click(screen.getByRole('button', { name: 'Add' }));

  expect(asked.edits).toMatchObject([{ type: 'addMode' }]);
  expect(['Mode 1', 'Mode 3']).not.toContain((asked.edits[0] as { name: string }).name);
});

test('the only mode of a profile stays', async () => {
  showInEditor(<ModeList />, { draft: draft({ modes: [draft().modes[0] as never] }) });
  await userEvent.click(screen.getAllByRole('button', { name: /^Actions on Mode/ })[0] as HTMLElement);
  expect((await screen.findByRole('menuitem', { name: 'Remove' })).getAttribute('aria-disabled')).toBe('true');
});
