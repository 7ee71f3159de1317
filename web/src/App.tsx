import { lazy } from 'react';
import { createBrowserRouter, Navigate, RouterProvider } from 'react-router';
import { Notices } from './parts/shell/notices';
import { PageFault } from './parts/shell/PageFault';
import { Shell } from './parts/shell/Shell';

const RecipesPage = lazy(() => import('./pages/recipes/RecipesPage'));
const RecipePage = lazy(() => import('./pages/recipe/RecipePage'));
const ShelfPage = lazy(() => import('./pages/shelf/ShelfPage'));

const router = createBrowserRouter([
  {
    element: <Shell />,
    errorElement: <PageFault />,
    children: [
      { index: true, element: <Navigate to="/recipes" replace /> },
      { path: 'recipes', element: <RecipesPage /> },
      { path: 'recipes/:recipeId', element: <RecipePage /> },
      { path: 'shelf', element: <ShelfPage /> },
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
