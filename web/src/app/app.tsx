import { QueryClientProvider } from '@tanstack/react-query';
import { Tooltip } from 'radix-ui';
import type { ComponentType } from 'react';
import { createBrowserRouter } from 'react-router';
import { RouterProvider } from 'react-router/dom';
import { makeQueryClient } from '#/api/query-client';
import { Unfinished } from '#/intake/unfinished';
import { LibraryPage } from '#/library/library-page';
import { NotFound } from './not-found';
import { Opening } from './opening';
import { PageFailed } from './page-failed';
import { Shell } from './shell';

const queryClient = makeQueryClient();

/** A page that is fetched when somebody goes there. A page that fails takes no other one with it. */
function page(path: string, load: () => Promise<ComponentType>) {
  return { path, lazy: async () => ({ Component: await load() }), errorElement: <PageFailed />, hydrateFallbackElement: <Opening /> };
}

const router = createBrowserRouter([
  {
    element: <Shell />,
    errorElement: <PageFailed />,
    children: [
      { path: '/', element: <LibraryPage news={<Unfinished />} />, errorElement: <PageFailed /> },
      page('/editor/:profileId', async () => (await import('#/editor/editor-page')).EditorPage),
      page('/editor/:profileId/charts', async () => (await import('#/chart/chart-start')).ChartStart),
      page('/editor/:profileId/charts/:chartId', async () => (await import('#/chart/chart-page')).ChartPage),
      page('/profile/:profileId', async () => (await import('#/profile/profile-page')).ProfilePage),
      page('/compare', async () => (await import('#/compare/compare-page')).ComparePage),
      page('/wanted', async () => (await import('#/wanted/wanted-page')).WantedPage),
      page('/bin', async () => (await import('#/library/bin-page')).BinPage),
      page('/intake', async () => (await import('#/intake/run-page')).RunsPage),
      page('/intake/:id', async () => (await import('#/intake/run-page')).RunPage),
      page('/releases', async () => (await import('#/releases/releases-page')).ReleasesPage),
      page('/releases/new', async () => (await import('#/releases/gather-page')).GatherPage),
      page('/releases/:id', async () => (await import('#/releases/release-page')).ReleasePage),
      page('/rigs', async () => (await import('#/rigs/rigs-page')).RigsPage),
      page('/rigs/:rigId', async () => (await import('#/rigs/rig-page')).RigPage),
      page('/bench', async () => (await import('#/bench/walks-page')).WalksPage),
      page('/bench/walks/:walkId', async () => (await import('#/bench/walk-page')).WalkPage),
      page('/bench/hands', async () => (await import('#/bench/hands-page')).HandsPage),
      page('/bench/hands/:handsId', async () => (await import('#/bench/hands-page')).HandsPage),
      page('/bench/universes', async () => (await import('#/bench/universes-page')).UniversesPage),
      page('/bench/picture', async () => (await import('#/bench/picture-page')).PicturePage),
      page('/bench/fixtures', async () => (await import('#/bench/fixtures-page')).FixturesPage),
      page('/exchange', async () => (await import('#/exchange/exchange-page')).ExchangePage),
      page('/gobos', async () => (await import('#/gobos/gobo-page')).GoboPage),
      { path: '*', element: <NotFound /> },
    ],
  },
]);

export function App() {
  return (
    <QueryClientProvider client={queryClient}>
      <Tooltip.Provider delayDuration={300}>
        <RouterProvider router={router} />
      </Tooltip.Provider>
    </QueryClientProvider>
  );
}
