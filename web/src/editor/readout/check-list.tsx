import { FindingList } from '#/parts/finding/finding-list';
import type { Draft, Finding } from '#/api/types';
import { useEditorActions } from '#/editor/kit/editor-context';
import { useChecks } from '#/editor/kit/draft-facts';
import { Button } from '#/ui/button';
import { counted } from '#/ui/counted';

/** Every finding of the profile; each leads to its place, and carries its fix where there is one. */
export function CheckList({ draft }: { draft: Draft }) {
  const { state, findings: all, again } = useChecks(draft);
  const checks = all.filter((check) => check.meant === null);
  const meant = all.filter((check) => check.meant !== null);
  const { showMode, showBody, edit } = useEditorActions();
  function show(check: Finding) {
    if (check.part !== null) showBody(check.part, check.mode);
    else if (check.mode !== null) showMode(check.mode, check.channel);
    // what concerns the profile as a whole leads to its identity
    else document.getElementById(check.wheel === null ? 'identity' : `wheel-${check.wheel}`)?.focus();
  }

  return (
    <section aria-label="Checks" className="flex flex-col gap-2">
      <h2 className="text-xs font-semibold text-muted">Checks</h2>
      <p
        role="status"
        className={`text-sm ${state === 'known' && checks.length === 0 ? 'text-good' : state === 'failed' ? 'text-error' : 'text-muted'}`}
      >
        {state === 'checking' ? 'Checking …' : state === 'failed' ? 'Checks did not answer.' : verdict(checks.length, all.length)}
      </p>
      {state === 'failed' && (
        <Button className="self-start" onClick={again}>
          Try again
        </Button>
      )}
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

function verdict(problems: number, all: number) {
  if (problems > 0) return counted(problems, 'problem', 'problems');
  return all === 0 ? 'No problems found' : `No problems found, ${all} set aside`;
}
