import { useState } from 'react';
import type { Check } from '../api/types';
import { Notice } from '../ui/notice';
import { useDeskActions } from './desk-context';

/** Every finding of the profile; each leads to its place, and carries its fix where there is one. */
export function CheckList({ checks }: { checks: Check[] }) {
  const { showMode, edit } = useDeskActions();
  const [refusal, setRefusal] = useState<string | null>(null);
  return (
    <section aria-label="Checks" className="flex flex-col gap-2">
      <h2 className="text-xs font-semibold text-muted">Checks ({checks.length})</h2>
      {checks.length === 0 && <p className="text-sm text-good">Nothing is wrong with this profile.</p>}
      {refusal && (
        <p role="alert" className="text-sm text-error">
          {refusal}
        </p>
      )}
      {checks.map((check, index) => (
        <Notice key={index} severity={check.severity} where={check.where}>
          <span className="break-words">{check.says}</span>{' '}
          {check.mode !== null && (
            <button type="button" className="text-text underline underline-offset-2" onClick={() => check.mode !== null && showMode(check.mode, check.channel)}>
              Show
            </button>
          )}{' '}
          {check.fix && (
            <button
              type="button"
              className="text-kite-text underline underline-offset-2"
              onClick={async () => check.fix && setRefusal(await edit(check.fix))}
            >
              {check.fixSays}
            </button>
          )}
        </Notice>
      ))}
    </section>
  );
}
