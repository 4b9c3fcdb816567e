import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { http, HttpResponse } from 'msw';
import { expect, test } from 'vitest';
import type { ReleaseLine, ReleaseProposal } from '#/api/types';
import { house } from '#/test/house';
import { showOnPage } from '#/test/on-page';
import { GatherPage } from './gather-page';
import { ReleasesPage } from './releases-page';
import { TakeInRelease } from './take-in-release';

function release(change: Partial<ReleaseLine> = {}): ReleaseLine {
  return {
    id: 'r1',
    origin: 'THEIRS',
    house: 'Marigold lamp store',
    title: 'Winter mooring',
    dated: '2026-11-01',
    publishedAt: '2026-11-01T10:00:00',
    author: 'Ines',
    onShelf: false,
    ...change,
  };
}

function proposal(name: string, change: Partial<ReleaseProposal> = {}): ReleaseProposal {
  return {
    profileId: name,
    manufacturer: 'Tidewick',
    name,
    revision: 2,
    before: 1,
    change: { kind: 'CHANGED', worst: 'BREAKS', counts: {}, says: [] },
    note: `What changed in ${name}.`,
    withdrawn: null,
    leftOut: false,
    ...change,
  };
}

test('the list says of each release whether the shelf has it now, and where ours are', async () => {
  house.use(
    http.get('*/api/releases', () =>
      HttpResponse.json([
        release({ id: 'r2', title: 'Spring tide', onShelf: true }),
        release(),
        release({ id: 'r3', origin: 'OURS', title: 'Ours' }),
      ]),
    ),
  );
  showOnPage(<ReleasesPage />);

  expect((await screen.findByRole('link', { name: /Spring tide/ })).textContent).toContain('imported by Ines; on the shelf now');
  expect(screen.getByRole('link', { name: /Winter mooring/ }).textContent).not.toContain('on the shelf');
  expect(screen.getByRole('link', { name: /Ours/ }).textContent).toContain('published by Ines');
});

function gathers(published: unknown[], refusal?: { detail: string; field: string }) {
  house.use(
    http.get('*/api/releases', () => HttpResponse.json([release({ origin: 'OURS', house: 'Bargepole Hut' })])),
    http.post('*/api/releases/proposal', () =>
      HttpResponse.json([
        proposal('Petrel Spot'),
        proposal('Moth', { leftOut: true, withdrawn: 'the map was wrong' }),
        proposal('Fen', { change: { kind: 'SAME', worst: null, counts: {}, says: [] }, note: '' }),
      ]),
    ),
    http.post('*/api/releases', async ({ request }) => {
      published.push({ id: request.headers.get('Kite-Change'), ...((await request.json()) as object) });
      return refusal ? HttpResponse.json(refusal, { status: 422 }) : HttpResponse.json({ release: release({ origin: 'OURS' }) });
    }),
  );
}

test('what is left out is no part until somebody says so; notes can be put into other words', async () => {
  const published: { id: string; profiles: { profileId: string; note: string }[] }[] = [];
  gathers(published);
  showOnPage(<GatherPage />);
  expect(await screen.findByText('This revision is withdrawn: the map was wrong')).toBeTruthy();
  expect(screen.getByRole('heading', { level: 2 }).textContent).toContain('2 profiles; against Winter mooring');
  expect(screen.getByRole<HTMLInputElement>('textbox', { name: 'Publisher' }).value).toBe('Bargepole Hut');

  await userEvent.type(screen.getByRole('textbox', { name: 'Title' }), 'Spring tide');
  await userEvent.click(screen.getByRole('checkbox', { name: 'Fen is part of it' }));
  await userEvent.click(screen.getByRole('checkbox', { name: 'Moth is part of it' }));
  const note = screen.getByRole('textbox', { name: 'Note on Petrel Spot' });
  await userEvent.clear(note);
  await userEvent.type(note, 'Shake is right now.');
  await userEvent.click(screen.getByRole('button', { name: 'Publish the release' }));

  await waitFor(() => expect(published).toHaveLength(1));
  expect(published[0]?.profiles).toEqual([
    { profileId: 'Petrel Spot', note: 'Shake is right now.' },
    { profileId: 'Moth', note: 'What changed in Moth.' },
  ]);
});

test('a release that is refused is sent again as the same one, with the field that did not fit', async () => {
  const published: { id: string }[] = [];
  gathers(published, { detail: 'There is a release of that title.', field: 'title' });
  showOnPage(<GatherPage />);
  const title = await screen.findByRole('textbox', { name: 'Title' });
  const publish = screen.getByRole<HTMLButtonElement>('button', { name: 'Publish the release' });
  expect(publish.disabled).toBe(true);

  await userEvent.type(title, 'Spring tide');
  await userEvent.click(publish);
  expect(await screen.findByText('There is a release of that title.')).toBeTruthy();
  await userEvent.click(publish);

  await waitFor(() => expect(published).toHaveLength(2));
  expect(published[0]?.id).toBe(published[1]?.id);
});

const impact = {
  house: 'Marigold lamp store',
  title: 'Spring tide',
  dated: '2026-11-01',
  says: '1 new; 2 changed, of which 1 breaks',
  notes: '',
  touched: [],
  skipped: [],
};

/** A release that was handed over, as the server tells of it: one state after the other, the last for ever. */
function arrives(states: object[], asked: string[] = []) {
  let at = 0;
  const now = () => ({
    id: 'a1',
    state: { done: 0, all: 0, impact: null, release: null, refused: null, ...states[Math.min(at, states.length - 1)] },
  });
  house.use(
    http.post('*/api/releases/arrivals', () => HttpResponse.json(now())),
    http.get('*/api/releases/arrivals/a1', () => {
      const answer = HttpResponse.json(now());
      at++;
      return answer;
    }),
    http.post('*/api/releases/arrivals/a1/take', () => {
      asked.push('take');
      return HttpResponse.json(now());
    }),
    http.delete('*/api/releases/arrivals/a1', () => {
      asked.push('leave');
      return new HttpResponse(null, { status: 204 });
    }),
  );
}

test('a release is read with its progress, shown, and imported', async () => {
  const asked: string[] = [];
  arrives(
    [
      { phase: 'READING', done: 3, all: 1500 },
      { phase: 'READ', impact },
      { phase: 'TAKING', done: 700, all: 1500 },
      { phase: 'TAKEN', release: 'r1' },
    ],
    asked,
  );
  const closed: string[] = [];
  showOnPage(<TakeInRelease file={new File(['x'], 'spring.zip')} onClose={() => closed.push('closed')} />);
  expect(await screen.findByText('Reading: 3 of 1500')).toBeTruthy();
  expect(await screen.findByText(/1 new; 2 changed, of which 1 breaks\./)).toBeTruthy();

  await userEvent.click(screen.getByRole('button', { name: 'Import release' }));

  expect(await screen.findByText('Importing: 700 of 1500')).toBeTruthy();
  await waitFor(() => expect(closed).toHaveLength(1));
  expect(asked[0]).toBe('take');
});

test('whoever stops a release leaves it', async () => {
  const asked: string[] = [];
  arrives([{ phase: 'READING', done: 3, all: 1500 }], asked);
  const { unmount } = showOnPage(<TakeInRelease file={new File(['x'], 'spring.zip')} onClose={() => undefined} />);
  await screen.findByText('Reading: 3 of 1500');
  expect(screen.getByRole('button', { name: 'Stop' })).toBeTruthy();

  unmount();

  await waitFor(() => expect(asked).toEqual(['leave']));
});

test('a release that is refused cannot be imported', async () => {
  house.use(
    http.post('*/api/releases/arrivals', () => HttpResponse.json({ detail: 'spring.zip has no list of its profiles.' }, { status: 422 })),
  );
  showOnPage(<TakeInRelease file={new File(['x'], 'spring.zip')} onClose={() => undefined} />);

  expect(await screen.findByText('spring.zip has no list of its profiles.')).toBeTruthy();
  expect(screen.getAllByRole('button', { name: 'Close' }).length).toBeGreaterThan(0);
  expect(screen.queryByRole('button', { name: /Import/ })).toBeNull();
});

test('a release whose file is wrong on the way says which', async () => {
  arrives([{ phase: 'READING' }, { phase: 'REFUSED', refused: "'profiles/b.gdtf' is not the file that was released." }]);
  showOnPage(<TakeInRelease file={new File(['x'], 'spring.zip')} onClose={() => undefined} />);

  expect(await screen.findByText("'profiles/b.gdtf' is not the file that was released.")).toBeTruthy();
  expect(screen.getByText('This release was refused')).toBeTruthy();
});
