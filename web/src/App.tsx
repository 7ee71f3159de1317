import { lazy } from 'react';
import { createBrowserRouter, Navigate, RouterProvider } from 'react-router';
import { Notices } from './parts/shell/notices';
import { PageFault } from './parts/shell/PageFault';
import { Shell } from './parts/shell/Shell';

const RecipesPage = lazy(() => import('./pages/recipes/RecipesPage'));
const RecipePage = lazy(() => import('./pages/recipe/RecipePage'));
const DraftPage = lazy(() => import('./pages/draft/DraftPage'));
const MatchPage = lazy(() => import('./pages/match/MatchPage'));
const ShelfPage = lazy(() => import('./pages/shelf/ShelfPage'));
const ShoppingPage = lazy(() => import('./pages/stock/ShoppingPage'));
const PaintablePage = lazy(() => import('./pages/stock/PaintablePage'));
const FilesPage = lazy(() => import('./pages/files/FilesPage'));
const ReplacePage = lazy(() => import('./pages/replace/ReplacePage'));
const ArmiesPage = lazy(() => import('./pages/army/ArmiesPage'));
const ArmyPage = lazy(() => import('./pages/army/ArmyPage'));
const BenchesPage = lazy(() => import('./pages/bench/BenchesPage'));
const BenchPage = lazy(() => import('./pages/bench/BenchPage'));
const LogPage = lazy(() => import('./pages/log/LogPage'));
const ModelPage = lazy(() => import('./pages/log/ModelPage'));
const PalettePage = lazy(() => import('./pages/palette/PalettePage'));

const router = createBrowserRouter([
  {
    element: <Shell />,
    errorElement: <PageFault />,
    children: [
      { index: true, element: <Navigate to="/recipes" replace /> },
      { path: 'recipes', element: <RecipesPage /> },
      { path: 'recipes/draft', element: <DraftPage /> },
      { path: 'recipes/:recipeId/:leaf?', element: <RecipePage /> },
      { path: 'shelf', element: <ShelfPage /> },
      { path: 'shelf/buy', element: <ShoppingPage /> },
      { path: 'shelf/paintable', element: <PaintablePage /> },
      { path: 'shelf/files', element: <FilesPage /> },
      { path: 'shelf/replace/:potId', element: <ReplacePage /> },
      { path: 'armies', element: <ArmiesPage /> },
      { path: 'armies/:armyId/:leaf?', element: <ArmyPage /> },
      { path: 'bench', element: <BenchesPage /> },
      { path: 'bench/:benchId', element: <BenchPage /> },
      { path: 'log/:leaf?', element: <LogPage /> },
      { path: 'log/models/:holder/:unitId/:model', element: <ModelPage /> },
      { path: 'palette', element: <PalettePage /> },
      { path: 'match', element: <MatchPage /> },
      { path: '*', element: <PageFault /> },
    ],
  },
]);

export function App() {
  return (
    <Notices>
      <RouterProvider router={router} />
    </Notices>
  );
}
