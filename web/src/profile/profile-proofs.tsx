import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { answer, api } from '#/api/client';
import type { ProfilePageView, ProvenMode } from '#/api/types';
import { buttonLook } from '#/ui/button';
import { counted } from '#/ui/counted';
import { dayOf } from '#/ui/dates';

/** The fixtures that each mode was walked on, and what of this revision that does not cover. */
export function ProfileProofs({ profile }: { profile: ProfilePageView }) {
  const { id: profileId, revision: number } = profile;
  const { data: proven } = useQuery({
    queryKey: ['proofs', profileId, number],
    queryFn: () => answer(api.GET('/api/profiles/{profileId}/revisions/{number}/proofs', { params: { path: { profileId, number } } })),
  });
  if (profile.modes.length === 0) return null;
  return (
    <section aria-label="Proven on a fixture">
      <h2 className="mb-2 text-xs font-semibold text-muted">Proven on a fixture</h2>
      <ul className="flex flex-col">
        {profile.modes.map(({ summary }) => (
          <li key={summary.name} className="flex flex-wrap items-start gap-x-4 gap-y-1 border-b border-line py-2">
            <span className="w-44 shrink-0 truncate pt-1 font-semibold" title={summary.name}>
              {summary.name}
            </span>
            <Proofs of={proven?.find((each) => each.mode === summary.name)} known={proven !== undefined} revision={profile.revision} />
            <Link
              to={`/bench?pin=${profile.pin}&mode=${encodeURIComponent(summary.name)}`}
              aria-label={`Prove ${summary.name}`}
              className={buttonLook({})}
            >
              Prove
            </Link>
          </li>
        ))}
      </ul>
    </section>
  );
}

function Proofs({ of, known, revision }: { of: ProvenMode | undefined; known: boolean; revision: number }) {
  // what stands below must not move while somebody presses it
  if (!of) return <p className="flex-1 pt-1 text-sm text-muted">{known ? 'not yet' : '…'}</p>;
  return (
    <ul className="flex min-w-0 flex-1 flex-col gap-1 pt-1 text-sm">
      {of.on.map((each) => (
        <li key={each.walkId}>
          <Link to={`/bench/walks/${each.walkId}`} className="text-kite-text underline underline-offset-2">
            {each.firmware === '' ? 'A fixture' : `Firmware ${each.firmware}`}
          </Link>
          <span className={each.differ > 0 ? 'text-error' : each.agree > 0 ? 'text-good' : 'text-muted'}>
            {each.differ > 0 ? ` ${counted(each.differ, 'step', 'steps')} differ` : each.agree > 0 ? ' agrees' : ' could not be told'}
          </span>
          <span className="text-muted">
            {`, ${each.author}, ${dayOf(each.at)}${each.revision === revision ? '' : `, as revision ${each.revision}`}`}
          </span>
          {each.uncovered > 0 && (
            <span className="text-warning">
              {`; ${each.uncovered} of ${of.steps} steps are not covered${each.changed.length > 0 ? `: ${shown(each.changed)}` : ''}`}
            </span>
          )}
        </li>
      ))}
    </ul>
  );
}

function shown(channels: string[]) {
  return channels.length > 4 ? `${channels.slice(0, 4).join(', ')} and ${channels.length - 4} more channels` : channels.join(', ');
}
