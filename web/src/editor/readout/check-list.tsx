import { FindingList } from '#/parts/finding/finding-list';
import type { Draft, Finding } from '#/api/types';
import { useDeskActions } from '#/editor/kit/editor-context';
import { useChecks } from '#/editor/kit/editor-query';

/** Every finding of the profile; each leads to its place, and carries its fix where there is one. */
export function CheckList({ draft }: { draft: Draft }) {
  const all = useChecks(draft);
  const checks = all.filter((check) => check.meant === null);
  const meant = all.filter((check) => check.meant !== null);
  const { showMode, edit } = useDeskActions();
  function show(check: Finding) {
    if (check.mode !== null) showMode(check.mode, check.channel);
    // what concerns the profile as a whole leads to its identity
    else document.getElementById(check.wheel === null ? 'identity' : `wheel-${check.wheel}`)?.focus();
  }

  return (
    <section aria-label="Checks" className="flex flex-col gap-2">
      <h2 className="text-xs font-semibold text-muted">Checks ({checks.length})</h2>
      {checks.length === 0 && <p className="text-sm text-good">Nothing is wrong with this profile.</p>}
      <FindingList
        findings={checks}
        onShow={show}
        onFix={async (check) => (check.fix ? edit(check.fix) : null)}
        onSetAside={(check, reason) => edit({ type: 'setMeant', rule: check.rule, place: check.where, reason })}
      />
      {meant.length > 0 && (
        <details className="text-sm text-muted">
          <summary className="cursor-pointer">{`Set aside (${meant.length})`}</summary>
          <ul className="mt-1 flex flex-col gap-2">
            {meant.map((check, index) => (
              <li key={index}>
                {`${check.says} ${check.meant}. `}
                <button
                  type="button"
                  className="text-text underline underline-offset-2"
                  onClick={() => void edit({ type: 'setMeant', rule: check.rule, place: check.where, reason: null })}
                >
                  Restore
                </button>
              </li>
            ))}
          </ul>
        </details>
      )}
    </section>
  );
}
