import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { http, HttpResponse } from 'msw';
import { Route, Routes } from 'react-router';
import { expect, test } from 'vitest';
import type { RigFixture, SceneView } from '#/api/types';
import { house } from '#/test/house';
import { showOnPage } from '#/test/on-page';
import { RigsPage } from './rigs-page';

const NOTHING: RigFixture = {
  how: 'NONE',
  pin: '',
  manufacturer: '',
  model: '',
  mode: '',
  breaks: {},
  sure: 0,
  why: 'Nothing is known of this fixture.',
};
const MOTH: RigFixture = {
  ...NOTHING,
  how: 'EXACT',
  pin: 'x',
  manufacturer: 'Lumbrook',
  model: 'Moth',
  mode: 'Six',
  sure: 1,
  why: 'Same profile and mode.',
};
const SPOT: RigFixture = { ...MOTH, pin: 'Spot.gdtf', manufacturer: 'Tidewick', model: 'Petrel Spot', mode: 'Extended', sure: 0.75 };

const SCENE: SceneView = {
  id: 's1',
  name: 'weir.mvr',
  units: 3,
  kinds: [
    {
      asked: { spec: 'Spot', mode: 'Extended', footprint: null },
      words: 'Petrel Spot, Extended',
      units: 2,
      ids: ['1', '2'],
      theirs: SPOT,
      ours: { ...SPOT, pin: 'ours', why: 'Same profile and mode.' },
      difference: { worst: 'SHIFTS', count: 2 },
      usual: 'OURS',
      addresses: 22,
      decidedBy: 'Teun',
    },
    {
      asked: { spec: 'Lantern', mode: '', footprint: 6 },
      words: 'Old lantern',
      units: 1,
      ids: ['3'],
      theirs: { ...NOTHING, how: 'PLACEHOLDER', breaks: { '1': 6 }, why: 'It is a placeholder of 6 channels.' },
      ours: NOTHING,
      difference: null,
      usual: 'PLACEHOLDER',
      addresses: 6,
      decidedBy: null,
    },
  ],
  notes: [{ where: 'fixture 9', says: 'It has no uuid.' }],
};

async function handed(answer: () => Response) {
  house.use(
    http.get('*/api/rigs', () => HttpResponse.json([])),
    http.post('*/api/scenes/:id/lanes', () =>
      HttpResponse.json({
        lanes: [{ universe: 1, blocks: [{ from: 1, to: 22, kind: 0, collides: true }] }],
        troubles: [{ kind: 0, says: '2 units collide.' }],
      }),
    ),
    http.post('*/api/scenes', answer),
  );
  showOnPage(
    <Routes>
      <Route path="/rigs" element={<RigsPage />} />
      <Route path="/rigs/:id" element={<p>The new rig</p>} />
    </Routes>,
    '/rigs',
  );
  await userEvent.upload(await screen.findByLabelText('Scene'), new File(['x'], 'weir.mvr'));
}

test('a scene is decided kind by kind and becomes a rig', async () => {
  const sent: unknown[] = [];
  house.use(
    http.get('*/api/modes', () => HttpResponse.json([MOTH])),
    http.delete('*/api/scenes/:id', () => new HttpResponse(null, { status: 204 })),
    http.post('*/api/scenes/s1/take', async ({ request }) => {
      sent.push(await request.json());
      return HttpResponse.json({ rigId: 'r9' });
    }),
  );
  await handed(() => HttpResponse.json(SCENE, { status: 201 }));

  expect(await screen.findByText(/3 fixtures of 2 kinds/)).toBeTruthy();
  expect(screen.getByText('As Teun decided for an earlier scene.')).toBeTruthy();
  expect(screen.getByText(/2 differences to ours, the worst shifts/)).toBeTruthy();
  expect(screen.getByText('It is a placeholder of 6 channels.')).toBeTruthy();
  expect(screen.getByRole<HTMLInputElement>('spinbutton', { name: 'Addresses' }).value).toBe('6');
  expect(await screen.findByText('2 units collide.')).toBeTruthy();
  expect(screen.getByRole('img', { name: 'Universe 1: 1 units, 1 collide' })).toBeTruthy();
  await userEvent.selectOptions(screen.getByRole('combobox', { name: 'What Petrel Spot, Extended becomes' }), 'THEIRS');
  expect(screen.getByText('Same profile and mode. 75 % sure. It comes onto the House shelf.')).toBeTruthy();
  await userEvent.click(screen.getAllByRole('button', { name: 'Another …' })[1] as HTMLElement);
  await userEvent.type(screen.getByRole('textbox', { name: 'Fixture and mode' }), 'moth six');
  await userEvent.click(await screen.findByRole('button', { name: 'Lumbrook Moth, Six' }));
  await userEvent.click(screen.getByRole('button', { name: 'Make a rig of it' }));

  expect(await screen.findByText('The new rig')).toBeTruthy();
  expect(sent).toEqual([
    {
      name: 'weir',
      decisions: [
        { asked: SCENE.kinds[0]?.asked, choice: 'THEIRS', found: null, decided: true },
        { asked: SCENE.kinds[1]?.asked, choice: 'OURS', found: MOTH, decided: true },
      ],
    },
  ]);
});

test('a scene that is refused says why; one that is discarded is forgotten', async () => {
  const left: string[] = [];
  house.use(
    http.delete('*/api/scenes/:id', ({ params }) => {
      left.push(String(params['id']));
      return new HttpResponse(null, { status: 204 });
    }),
  );
  await handed(() => HttpResponse.json({ detail: "'weir.mvr' was refused: it is not a ZIP archive." }, { status: 422 }));
  expect(await screen.findByText(/is not a ZIP archive/)).toBeTruthy();
  await userEvent.click(screen.getByRole('button', { name: 'Close' }));

  house.use(http.post('*/api/scenes', () => HttpResponse.json(SCENE, { status: 201 })));
  await userEvent.upload(screen.getByLabelText('Scene'), new File(['x'], 'weir.mvr'));
  await userEvent.click(await screen.findByRole('button', { name: 'Decide later' }));
  expect(left).toEqual([]);

  await userEvent.upload(screen.getByLabelText('Scene'), new File(['x'], 'weir.mvr'));
  await userEvent.click(await screen.findByRole('button', { name: 'Discard file' }));
  await waitFor(() => expect(left).toEqual(['s1']));
});
