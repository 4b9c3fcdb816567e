import { Check, CircleDashed, CircleX, Pause, X } from 'lucide-react';
import type { Walk } from '#/api/types';
import { counted } from '#/ui/counted';

type Told = Pick<Walk, 'state' | 'differ' | 'done' | 'steps'>;

/** What became of a walk, as a sign; the words beside it say the same. */
export function WalkSign({ walk }: { walk: Told }) {
  if (walk.state === 'FAILED') return <CircleX size={18} className="shrink-0 text-error" aria-hidden />;
  if (walk.differ > 0) return <X size={18} className="shrink-0 text-error" aria-hidden />;
  if (walk.state === 'GOING') return <CircleDashed size={18} className="shrink-0 text-kite-text" aria-hidden />;
  if (walk.state === 'STOPPED') return <Pause size={18} className="shrink-0 text-muted" aria-hidden />;
  return <Check size={18} className="shrink-0 text-good" aria-hidden />;
}

/** What became of a walk, in few words. */
export function walkSays({ state, differ, done, steps }: Told) {
  const differing = differ > 0 ? `${counted(differ, 'step', 'steps')} differ` : '';
  if (state === 'DONE') return differing || 'Agrees';
  const far = `${done} of ${steps} steps`;
  const what = state === 'GOING' ? far : state === 'STOPPED' ? `Stopped at ${far}` : `Broke off at ${far}`;
  return differing ? `${what}, ${differing}` : what;
}
