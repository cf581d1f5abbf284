import { Suspense, useDeferredValue, type ComponentType } from 'react';

/** A chart drawn after everything else: while a weight is dragged it keeps its last drawing and waits for a pause. */
export function Later<P extends object>({ chart: Chart, of }: { chart: ComponentType<P>; of: P }) {
  const settled = useDeferredValue(of);
  return (
    <Suspense fallback={<p className="working">The curve is coming</p>}>
      <Chart {...settled} />
    </Suspense>
  );
}
