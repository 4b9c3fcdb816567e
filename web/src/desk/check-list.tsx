import { FindingList } from '../check/finding-list';
import type { Draft, Finding } from '../api/types';
import { useDeskActions } from './desk-context';
import { useChecks } from './desk-query';

/** Every finding of the profile; each leads to its place, and carries its fix where there is one. */
export function CheckList({ draft }: { draft: Draft }) {
  const checks = useChecks(draft);
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
      <FindingList findings={checks} onShow={show} onFix={async (check) => (check.fix ? edit(check.fix) : null)} />
    </section>
  );
}
