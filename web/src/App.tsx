import { isValidElement } from 'react';
import { createBrowserRouter, matchRoutes, RouterProvider, type RouteObject } from 'react-router';
import { FirstPlace } from './kit/begin/FirstPlace';
import { preload, lazyComponent } from './kit/lazy/lazyComponent';
import { Notices } from './kit/shell/notices';
import { PageFault } from './kit/shell/PageFault';
import { Shell } from './kit/shell/Shell';
import RecipesPage from './features/recipes/RecipesPage';

const RecipePage = lazyComponent(async () => {
  const page = await import('./features/recipe/RecipePage');
  await page.askedLeaf;
  return page;
});
const BeginPage = lazyComponent(() => import('./features/draft/BeginPage'));
const DraftPage = lazyComponent(() => import('./features/draft/DraftPage'));
const OneFigurePage = lazyComponent(() => import('./features/sheet/OneFigurePage'));
const MatchPage = lazyComponent(() => import('./features/match/MatchPage'));
const ShelfPage = lazyComponent(() => import('./features/shelf/ShelfPage'));
const ShoppingPage = lazyComponent(() => import('./features/stock/ShoppingPage'));
const LabelsPage = lazyComponent(() => import('./features/labels/LabelsPage'));
const PaintablePage = lazyComponent(() => import('./features/stock/PaintablePage'));
const GlazeCardPage = lazyComponent(() => import('./features/fill/glaze/GlazeCardPage'));
const FillPage = lazyComponent(() => import('./features/fill/FillPage'));
const FilesPage = lazyComponent(() => import('./features/files/FilesPage'));
const ReplacePage = lazyComponent(() => import('./features/replace/ReplacePage'));
const ArmiesPage = lazyComponent(() => import('./features/army/ArmiesPage'));
const ArmyPage = lazyComponent(() => import('./features/army/ArmyPage'));
const BenchesPage = lazyComponent(() => import('./features/bench/BenchesPage'));
const BenchPage = lazyComponent(() => import('./features/bench/BenchPage'));
const LogPage = lazyComponent(() => import('./features/log/LogPage'));
const ModelPage = lazyComponent(() => import('./features/log/ModelPage'));
const PhotographPage = lazyComponent(() => import('./features/photograph/PhotographPage'));
const DoorPage = lazyComponent(() => import('./features/door/DoorPage'));
const TrustPage = lazyComponent(() => import('./features/door/TrustPage'));
const ClubPage = lazyComponent(() => import('./features/club/ClubPage'));
const HistoryPage = lazyComponent(() => import('./features/history/HistoryPage'));
const PalettePage = lazyComponent(() => import('./features/palette/PalettePage'));

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
      { path: 'shelf/labels', element: <LabelsPage /> },
      { path: 'shelf/paintable', element: <PaintablePage /> },
      { path: 'shelf/fill/:way?', element: <FillPage /> },
      { path: 'shelf/glazes', element: <GlazeCardPage /> },
      { path: 'shelf/files', element: <FilesPage /> },
      { path: 'shelf/replace/:potId', element: <ReplacePage /> },
      { path: 'armies', element: <ArmiesPage /> },
      { path: 'armies/:armyId/:leaf?', element: <ArmyPage /> },
      { path: 'bench', element: <BenchesPage /> },
      { path: 'bench/:benchId', element: <BenchPage /> },
      { path: 'log/:leaf?', element: <LogPage /> },
      { path: 'log/models/:holder/:unitId/:model', element: <ModelPage /> },
      { path: 'photographs/:photographId', element: <PhotographPage /> },
      { path: 'history/:kind/:recordId', element: <HistoryPage /> },
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
    ({ route }) => isValidElement(route.element) && preload(route.element.type),
  ),
);

export function App() {
  return (
    <Notices>
      <RouterProvider router={router} />
    </Notices>
  );
}
