import { isValidElement } from 'react';
import { createBrowserRouter, matchRoutes, RouterProvider, type RouteObject } from 'react-router';
import { FirstPlace } from './parts/begin/FirstPlace';
import { beginFetching, fetched } from './parts/fetched';
import { Notices } from './parts/shell/notices';
import { PageFault } from './parts/shell/PageFault';
import { Shell } from './parts/shell/Shell';
import RecipesPage from './pages/recipes/RecipesPage';

const RecipePage = fetched(async () => {
  const page = await import('./pages/recipe/RecipePage');
  await page.askedLeaf;
  return page;
});
const BeginPage = fetched(() => import('./pages/draft/BeginPage'));
const DraftPage = fetched(() => import('./pages/draft/DraftPage'));
const OneFigurePage = fetched(() => import('./pages/sheet/OneFigurePage'));
const MatchPage = fetched(() => import('./pages/match/MatchPage'));
const ShelfPage = fetched(() => import('./pages/shelf/ShelfPage'));
const ShoppingPage = fetched(() => import('./pages/stock/ShoppingPage'));
const PaintablePage = fetched(() => import('./pages/stock/PaintablePage'));
const FillPage = fetched(() => import('./pages/fill/FillPage'));
const FilesPage = fetched(() => import('./pages/files/FilesPage'));
const ReplacePage = fetched(() => import('./pages/replace/ReplacePage'));
const ArmiesPage = fetched(() => import('./pages/army/ArmiesPage'));
const ArmyPage = fetched(() => import('./pages/army/ArmyPage'));
const BenchesPage = fetched(() => import('./pages/bench/BenchesPage'));
const BenchPage = fetched(() => import('./pages/bench/BenchPage'));
const LogPage = fetched(() => import('./pages/log/LogPage'));
const ModelPage = fetched(() => import('./pages/log/ModelPage'));
const PhotographPage = fetched(() => import('./pages/photograph/PhotographPage'));
const DoorPage = fetched(() => import('./pages/door/DoorPage'));
const TrustPage = fetched(() => import('./pages/door/TrustPage'));
const ClubPage = fetched(() => import('./pages/club/ClubPage'));
const PalettePage = fetched(() => import('./pages/palette/PalettePage'));

const routes: RouteObject[] = [
  {
    element: <Shell />,
    errorElement: <PageFault />,
    children: [
      { index: true, element: <FirstPlace /> },
      { path: 'begin', element: <BeginPage /> },
      { path: 'recipes', element: <RecipesPage /> },
      { path: 'recipes/draft', element: <DraftPage /> },
      { path: 'recipes/figure', element: <OneFigurePage /> },
      { path: 'recipes/:recipeId/:leaf?', element: <RecipePage /> },
      { path: 'shelf', element: <ShelfPage /> },
      { path: 'shelf/buy', element: <ShoppingPage /> },
      { path: 'shelf/paintable', element: <PaintablePage /> },
      { path: 'shelf/fill/:way?', element: <FillPage /> },
      { path: 'shelf/files', element: <FilesPage /> },
      { path: 'shelf/replace/:potId', element: <ReplacePage /> },
      { path: 'armies', element: <ArmiesPage /> },
      { path: 'armies/:armyId/:leaf?', element: <ArmyPage /> },
      { path: 'bench', element: <BenchesPage /> },
      { path: 'bench/:benchId', element: <BenchPage /> },
      { path: 'log/:leaf?', element: <LogPage /> },
      { path: 'log/models/:holder/:unitId/:model', element: <ModelPage /> },
      { path: 'photographs/:photographId', element: <PhotographPage /> },
      { path: 'palette', element: <PalettePage /> },
      { path: 'match', element: <MatchPage /> },
      { path: 'club/:leaf?', element: <ClubPage /> },
      { path: 'come-in', element: <DoorPage /> },
      { path: 'trust', element: <TrustPage /> },
      { path: '*', element: <PageFault /> },
    ],
  },
];
const router = createBrowserRouter(routes);

/** The code of the page that was asked for, which comes while its data is on its way. */
export const askedPage = Promise.all(
  (matchRoutes(routes, window.location) ?? []).map(
    ({ route }) => isValidElement(route.element) && beginFetching(route.element.type),
  ),
);

export function App() {
  return (
    <Notices>
      <RouterProvider router={router} />
    </Notices>
  );
}
