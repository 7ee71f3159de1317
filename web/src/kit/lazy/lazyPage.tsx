import { lazy, Suspense, type ComponentType } from 'react';

/**
 * A part whose code is fetched when it is first shown.
 *
 * @param standIn shown for it where the code cannot be fetched, as when the server is away
 */
export function lazyPage<Props extends object>(
  load: () => Promise<ComponentType<Props>>,
  standIn: ComponentType<Props>,
): ComponentType<Props> {
  const Part = lazy(() => load().then(asDefault, () => asDefault(standIn)));
  return function Lazily(props: Props) {
    return (
      <Suspense fallback={<div className="part-wait" />}>
        <Part {...props} />
      </Suspense>
    );
  };
}

const asDefault = <Props,>(part: ComponentType<Props>) => ({ default: part });
