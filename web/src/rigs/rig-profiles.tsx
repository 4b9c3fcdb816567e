import { Link } from 'react-router';
import type { Rig, RigKind } from '#/api/types';
import { buttonLook } from '#/ui/button';
import { counted } from '#/ui/counted';

/** The revisions that a rig pins: viewed, compared with newer ones, exported one or all. */
export function RigProfiles({ rig }: { rig: Rig }) {
  const pinned = new Map<string, { kind: RigKind; units: number }>();
  for (const unit of rig.units) {
    const kind = rig.kinds[unit.kind];
    if (kind?.profileId) pinned.set(kind.pin, { kind, units: (pinned.get(kind.pin)?.units ?? 0) + 1 });
  }
  if (pinned.size === 0) return null;
  return (
    <section aria-label="Profiles">
      <h3 className="mb-1 flex items-baseline gap-3 text-sm font-semibold">
        Profiles
        <a href={`/api/rigs/${rig.id}/profiles.zip`} download className="font-normal underline">
          Export all as ZIP
        </a>
      </h3>
      <ul className="text-sm">
        {[...pinned.values()].map(({ kind, units }) => (
          <li key={kind.pin} className="flex flex-wrap items-center gap-3 border-t border-line py-1">
            <span className="min-w-0 flex-1">
              {`${kind.manufacturer} ${kind.model}, revision ${kind.revision}`}
              <span className="text-muted">{`, ${counted(units, 'unit', 'units')}`}</span>
            </span>
            {kind.newest > kind.revision && (
              <Link
                to={`/compare?left=${kind.profileId}&leftRevision=${kind.revision}&right=${kind.profileId}&rightRevision=${kind.newest}`}
                className={buttonLook({ quiet: true })}
              >
                {`Compare with revision ${kind.newest}`}
              </Link>
            )}
            <Link to={`/profile/${kind.profileId}?revision=${kind.revision}`} className={buttonLook({ quiet: true })}>
              View
            </Link>
            <a href={`/api/profiles/${kind.profileId}/revisions/${kind.revision}/file`} download className={buttonLook({ quiet: true })}>
              Export
            </a>
          </li>
        ))}
      </ul>
    </section>
  );
}
