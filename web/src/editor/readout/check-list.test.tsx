import { QueryClientProvider } from '@tanstack/react-query';
import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { http, HttpResponse } from 'msw';
import { beforeEach, expect, test } from 'vitest';
import { makeQueryClient } from '#/api/query-client';
import type { Finding } from '#/api/types';
import { EditorActionsContext, EditorContext, type EditorActions } from '#/editor/kit/editor-context';
import { PublishPopover } from '#/editor/publish-popover';
import { draft } from '#/test/drafts';
import { house } from '#/test/house';
import { CheckList } from './check-list';

const now = draft({ canUndo: true });
const published: unknown[] = [];
const actions = { publish: (what: unknown) => (published.push(what), Promise.resolve(null)) } as unknown as EditorActions;
const error: Finding = {
  rule: 'gap',
  severity: 'error',
  where: 'Channel 1',
  says: 'Values 8 to 9 mean nothing.',
  mode: 1,
  channel: 10,
  wheel: null,
  part: null,
  fix: null,
  fixSays: '',
  meant: null,
};

beforeEach(() => {
  published.length = 0;
});

function show() {
  render(
    <QueryClientProvider client={makeQueryClient(5)}>
      <EditorActionsContext value={actions}>
        <EditorContext value={{ draft: now, chosen: null, part: null, probe: {}, selected: new Set(), canUndo: true }}>
          <CheckList draft={now} />
          <PublishPopover />
        </EditorContext>
      </EditorActionsContext>
    </QueryClientProvider>,
  );
}

const checks = '*/api/drafts/d1/checks';

async function publish() {
  await userEvent.click(screen.getByText('Publish'));
  await userEvent.type(screen.getByLabelText('What changed, in one line'), 'Shake ranges');
  return screen.getByRole<HTMLButtonElement>('button', { name: 'Publish revision' });
}

test('says that it is checking, is never green before there is an answer, and publishing waits', async () => {
  let answer: (response: Response) => void = () => undefined;
  house.use(http.get(checks, () => new Promise<Response>((resolve) => (answer = resolve))));
  show();

  expect((await screen.findAllByText('Checking …')).length).toBeGreaterThan(0);
  expect(screen.queryByText(/No problems/)).toBeNull();
  const button = await publish();
  expect(button.disabled).toBe(true);

  answer(HttpResponse.json([]));
  expect(await screen.findByText('No problems found')).toBeTruthy();
  expect(button.disabled).toBe(false);
  await userEvent.click(button);
  expect(published).toHaveLength(1);
});

test('says that the checks did not answer, and asks again', async () => {
  house.use(http.get(checks, () => HttpResponse.json({ detail: 'no' }, { status: 500 })));
  show();

  expect(await screen.findByText('Checks did not answer.')).toBeTruthy();
  expect(screen.queryByText(/No problems/)).toBeNull();
  house.use(http.get(checks, () => HttpResponse.json([])));
  await userEvent.click(screen.getByText('Try again'));

  expect(await screen.findByText('No problems found')).toBeTruthy();
});

test('counts what was found, and asks for a reason to publish with errors', async () => {
  house.use(http.get(checks, () => HttpResponse.json([error])));
  show();

  expect(await screen.findByText('1 problem')).toBeTruthy();
  expect(screen.getByText(/Values 8 to 9 mean nothing/)).toBeTruthy();
  await publish();
  expect(screen.getByLabelText('Reason for publishing with errors')).toBeTruthy();
});
