import type { ModeSummary } from '#/api/types';
import { saidTail } from './said-tail';
import { Tail } from './tail';

/** A mode by name, footprint and tail, wherever one is listed. */
export function ModeLine({ mode }: { mode: ModeSummary }) {
  return (
    <div className="grid grid-cols-[minmax(6rem,11rem)_3rem_minmax(0,1fr)] items-center gap-3">
      <span className="truncate" title={mode.name}>
        {mode.name}
      </span>
      <span className="text-right font-mono text-sm">
        {mode.footprint}
        <span className="sr-only"> addresses</span>
      </span>
      <Tail bundles={mode.tail} height={8} label={`${mode.channels} channels on ${mode.footprint} addresses: ${saidTail(mode.tail)}`} />
    </div>
  );
}
