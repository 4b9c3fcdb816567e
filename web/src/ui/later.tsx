import { lazy, Suspense, type ComponentType } from 'react';

/** A dialog whose code is fetched when it is first opened; until it is there, nothing is shown. */
export function later<Props extends object>(load: () => Promise<ComponentType<Props>>) {
  const Fetched = lazy(async () => ({ default: await load() }));
  return function Later(props: Props) {
    return (
      <Suspense fallback={null}>
        <Fetched {...props} />
      </Suspense>
    );
  };
}
