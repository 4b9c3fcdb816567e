import { QueryClientProvider } from '@tanstack/react-query';
import { act, renderHook } from '@testing-library/react';
import fc from 'fast-check';
import type { ReactNode } from 'react';
import { beforeEach, describe, expect, test } from 'vitest';
import { makeQueryClient } from '#/api/query-client';
import type { Draft, Edit, ModeMap } from '#/api/types';
import { DraftHouse, channel, draft } from '#/test/drafts';
import { house } from '#/test/house';
import { draftKeys, editorQuery, newestDraft } from './draft-cache';
import { asking, whole, type Asked } from './draft-queue';
import { useDraftQueue } from './use-draft';

const rename: Edit = { type: 'renameMode', mode: 1, to: 'Wide' };
const start: Edit = { type: 'setStartValue', channel: 10, value: 7 };

let there: DraftHouse;
let client: ReturnType<typeof makeQueryClient>;

beforeEach(() => {
  there = new DraftHouse();
  house.use(...there.handlers);
  client = makeQueryClient(5);
});

/** The queue of a page that shows a mode. */
function queue() {
  const wrapper = ({ children }: { children: ReactNode }) => <QueryClientProvider client={client}>{children}</QueryClientProvider>;
  return renderHook(() => useDraftQueue('p1'), { wrapper }).result.current.mutateAsync;
}

function shown(mode: number | null) {
  return client.fetchQuery(editorQuery('p1', mode));
}

/** The map that a draft of the tests always has. */
function mapOf(now: Draft): ModeMap {
  if (!now.map) throw new Error('a draft without a map');
  return now.map;
}

function edit(now: Draft, mode: number | null, what: Edit): Asked {
  return asking(now, mode, { kind: 'edit', edit: what });
}

describe('the queue of changes', () => {
  test('sends two quick edits one after the other, the second upon what the first made', async () => {
    const send = queue();
    const now = await shown(1);

    await act(() => Promise.all([send(edit(now, 1, rename)), send(edit(now, 1, start))]));

    expect(there.made).toEqual([
      { edit: 'renameMode', mode: '1', version: 0 },
      { edit: 'setStartValue', mode: '1', version: 1 },
    ]);
    expect(client.getQueryData(draftKeys('p1').mode(1))).toMatchObject({ version: 2 });
  });

  test('leaves an edit with the mode that it was asked for in, whatever is shown when it arrives', async () => {
    there.away = 2;
    const send = queue();
    const now = await shown(1);
    const waiting = send(edit(now, 1, rename));
    await shown(2);

    await act(() => waiting);

    expect(there.made).toEqual([{ edit: 'renameMode', mode: '1', version: 0 }]);
    expect(client.getQueryData<Draft>(draftKeys('p1').mode(1))?.map?.id).toBe(1);
    expect(client.getQueryData<Draft>(draftKeys('p1').mode(2))?.map?.id ?? 2).toBe(2);
  });

  test('makes an edit once, though its answer was lost', async () => {
    there.losesAnswers = 1;
    const send = queue();

    await act(async () => send(edit(await shown(1), 1, rename)));

    expect(there.made).toHaveLength(1);
    expect(there.version).toBe(1);
  });

  test('goes on upon the newer state after a colleague was faster', async () => {
    there.clashes.add('renameMode');
    const send = queue();
    const now = await shown(1);
    there.version = 4; // what the colleague did
    const refused = send(edit(now, 1, rename)).catch((problem: Error) => problem.message);
    const taken = send(edit(now, 1, start));

    await act(() => taken);

    expect(await refused).toBe('Teun has changed the same place meanwhile.');
    expect(there.made).toHaveLength(1);
    expect(newestDraft(client, 'p1', 'd1')?.version).toBe(5);
  });

  test('publishes after what was asked for before, upon the version that this made', async () => {
    const send = queue();
    const now = await shown(1);
    const publishing = { summary: 'x', despite: '', firmware: '', restsOn: 'UNSAID' as const, fromWhom: '' };

    const [, published] = await act(() => Promise.all([send(edit(now, 1, rename)), send(asking(now, 1, { kind: 'publish', publishing }))]));

    expect(there.made.map((each) => [each.edit, each.version])).toEqual([
      ['renameMode', 0],
      ['publish', 1],
    ]);
    expect(published).toEqual({ kind: 'published', revision: 2 });
  });

  test('publishes nothing while an edit before it was refused', async () => {
    there.clashes.add('renameMode');
    const send = queue();
    const now = await shown(1);
    const publishing = { summary: 'x', despite: '', firmware: '', restsOn: 'UNSAID' as const, fromWhom: '' };
    const refused = send(edit(now, 1, rename)).catch(() => 'refused');
    const publish = send(asking(now, 1, { kind: 'publish', publishing })).catch((problem: Error) => problem.message);

    expect(await act(() => publish)).toContain('An edit before it was refused');
    expect(await refused).toBe('refused');
    expect(there.made).toEqual([]);
  });

  test('does not take an answer for the newest that was overtaken on its way', async () => {
    client.setQueryData(draftKeys('p1').mode(2), draft({ version: 3 }, 2));
    let asked = 0;
    const { http, HttpResponse } = await import('msw');
    house.use(http.get('*/api/profiles/p1/draft', () => HttpResponse.json(draft({ version: asked++ === 0 ? 1 : 3 }))));

    expect(await shown(1)).toMatchObject({ version: 3 });
  });
});

describe('an answer that holds only changed rows', () => {
  const ids = fc.uniqueArray(fc.integer({ min: 1, max: 60 }), { maxLength: 12 });

  test('is made whole in the order that it says, from the rows that are here', () => {
    fc.assert(
      fc.property(ids, fc.integer({ min: 0, max: 0xfff }), (order, changed) => {
        const here = draft();
        const map = (rows: number[], name: string) => ({
          ...mapOf(here),
          order,
          channels: rows.map((id) => channel({ id, name })),
        });
        const isNew = (id: number) => ((changed >> order.indexOf(id)) & 1) === 1;
        const made = whole({ ...here, map: map(order.filter(isNew), 'new') }, { ...here, map: map(order, 'old') });

        expect(made?.map?.channels.map((row) => [row.id, row.name])).toEqual(order.map((id) => [id, isNew(id) ? 'new' : 'old']));
      }),
    );
  });

  test('is asked for anew where a row is missing, and never mixed with another map', () => {
    const answered = draft();
    const missing = { ...answered, map: { ...mapOf(answered), order: [10, 11] } };

    expect(whole(missing, answered)).toBeNull();
    expect(whole(missing, { ...answered, map: { ...mapOf(answered), id: 9, channels: [channel({ id: 11 })] } })).toBeNull();
    expect(whole({ ...answered, map: null }, undefined)).toMatchObject({ map: null });
    expect(whole({ ...answered, map: { ...mapOf(answered), order: [], channels: [] } }, undefined)?.map?.channels).toEqual([]);
  });
});
