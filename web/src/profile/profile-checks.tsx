import type { ProfilePageView } from '#/api/types';
import { Notice } from '#/ui/notice';

const SHOWN = 12;

/** What the checks find in the shown revision; it is mended in the editor. */
export function ProfileChecks({ profile }: { profile: ProfilePageView }) {
  const checks = profile.checks.filter((check) => check.meant === null);
  const meant = profile.checks.filter((check) => check.meant !== null);
  return (
    <section aria-label="Checks" className="flex flex-col gap-2">
      <h2 className="text-xs font-semibold text-muted">Checks ({checks.length})</h2>
      {checks.length === 0 && <p className="text-sm text-good">No problems found.</p>}
      {checks.slice(0, SHOWN).map((check, index) => (
        <Notice key={index} severity={check.severity} where={check.where}>
          {check.says}
        </Notice>
      ))}
      {meant.length > 0 && (
        <details className="text-sm text-muted">
          <summary className="cursor-pointer">{`Set aside (${meant.length})`}</summary>
          <ul className="mt-1 flex flex-col gap-1">
            {meant.map((check, index) => (
              <li key={index}>{`${check.says} ${check.where}: ${check.meant}`}</li>
            ))}
          </ul>
        </details>
      )}
      {checks.length > SHOWN && <p className="text-sm text-muted">{`and ${checks.length - SHOWN} more; the editor lists them all.`}</p>}
    </section>
  );
}
