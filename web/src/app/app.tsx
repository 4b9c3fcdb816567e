import { QueryClientProvider } from '@tanstack/react-query';
import { Tooltip } from 'radix-ui';
import { createBrowserRouter } from 'react-router';
import { RouterProvider } from 'react-router/dom';
import { makeQueryClient } from '#/api/query-client';
import { ChartPage } from '#/chart/chart-page';
import { ChartStart } from '#/chart/chart-start';
import { ComparePage } from '#/compare/compare-page';
import { EditorPage } from '#/editor/editor-page';
import { GoboPage } from '#/gobos/gobo-page';
import { Unfinished } from '#/intake/unfinished';
import { RunPage, RunsPage } from '#/intake/run-page';
import { BinPage } from '#/library/bin-page';
import { LibraryPage } from '#/library/library-page';
import { ProfilePage } from '#/profile/profile-page';
import { GatherPage } from '#/releases/gather-page';
import { ReleasePage } from '#/releases/release-page';
import { ReleasesPage } from '#/releases/releases-page';
import { NotFound } from './not-found';
import { Shell } from './shell';
import { WantedPage } from '#/wanted/wanted-page';

const queryClient = makeQueryClient();

const router = createBrowserRouter([
  {
    element: <Shell />,
    children: [
      { path: '/', element: <LibraryPage news={<Unfinished />} /> },
      { path: '/editor/:profileId', element: <EditorPage /> },
      { path: '/editor/:profileId/charts', element: <ChartStart /> },
      { path: '/editor/:profileId/charts/:chartId', element: <ChartPage /> },
      { path: '/profile/:profileId', element: <ProfilePage /> },
      { path: '/compare', element: <ComparePage /> },
      { path: '/wanted', element: <WantedPage /> },
      { path: '/bin', element: <BinPage /> },
      { path: '/intake', element: <RunsPage /> },
      { path: '/intake/:id', element: <RunPage /> },
      { path: '/releases', element: <ReleasesPage /> },
      { path: '/releases/new', element: <GatherPage /> },
      { path: '/releases/:id', element: <ReleasePage /> },
      { path: '/gobos', element: <GoboPage /> },
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
