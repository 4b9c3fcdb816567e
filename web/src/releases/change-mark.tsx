import type { ChangeKind, ProfileUse, Rank } from '#/api/types';
import { rankOf } from '#/parts/profile/ranks';
import { Link } from 'react-router';
import { counted } from '#/ui/counted';

const KINDS: Record<ChangeKind, { sign: string; text: string; tone: string }> = {
  WITHDRAWN: { sign: '⊘', text: 'withdrawn', tone: 'text-error' },
  CHANGED: { sign: '·', text: 'changed', tone: 'text-muted' },
  NEW: { sign: '+', text: 'new', tone: 'text-good' },
  SAME: { sign: '=', text: 'unchanged', tone: 'text-muted' },
};

/** What a release does to a profile, in a sign and a word: how bad a change is says more than that it is one. */
export function ChangeMark({ kind, worst }: { kind: ChangeKind; worst: Rank | null | undefined }) {
  const { sign, text, tone } = kind === 'CHANGED' && worst ? rankOf(worst) : KINDS[kind];
  return (
    <span className="flex w-26 shrink-0 items-baseline gap-2 text-sm">
      <span aria-hidden className={`w-3 text-center font-mono ${tone}`}>
        {sign}
      </span>
      <span className={tone}>{text}</span>
    </span>
  );
}

/** Who in this house uses a profile that a release touches. */
export function UsedBy({ uses }: { uses: ProfileUse[] }) {
  if (uses.length === 0) return null;
  return (
    <p className="text-sm text-warning">
      {'Used here by '}
      {uses.map((use, index) => (
        <span key={use.profileId}>
          {index > 0 && ', '}
          <Link to={`/${use.kind === 'RIG' ? 'rigs' : 'profile'}/${use.profileId}`} className="underline underline-offset-2">
            {use.kind === 'PRODUCTION_VERSION'
              ? `the production version for ${use.name}`
              : use.kind === 'RIG'
                ? `the rig ${use.name}`
                : use.name}
          </Link>
          {use.kind === 'TWIN'
            ? ', the same fixture on the House shelf'
            : use.kind === 'RIG'
              ? `, ${counted(use.units, 'unit pins', 'units pin')} revision ${use.revision}`
              : `, taken from revision ${use.revision}`}
        </span>
      ))}
    </p>
  );
}
