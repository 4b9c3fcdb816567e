import { useState } from 'react';
import type { Finding } from '#/api/types';
import { Notice } from '#/ui/notice';

type Props = {
  findings: Finding[];
  onShow: (finding: Finding) => void;
  onFix: (finding: Finding) => Promise<string | null>;
  mended?: string;
  onSetAside?: (finding: Finding, reason: string) => Promise<string | null>;
};

/** Findings, each with the way to its place and its fix; what is meant can be set aside with a reason. `onFix` and `onSetAside` end with the sentence that refuses it, or null. */
export function FindingList({ findings, onShow, onFix, mended = '', onSetAside }: Props) {
  return findings.map((finding, index) => (
    <Line
      key={`${finding.rule} ${finding.where} ${index}`}
      finding={finding}
      onShow={onShow}
      onFix={onFix}
      mended={mended}
      onSetAside={onSetAside}
    />
  ));
}

function Line({
  finding,
  onShow,
  onFix,
  mended,
  onSetAside,
}: Pick<Required<Props>, 'onShow' | 'onFix' | 'mended'> & { finding: Finding; onSetAside: Props['onSetAside'] | undefined }) {
  const [reason, setReason] = useState<string | null>(null);
  const [refusal, setRefusal] = useState<string | null>(null);
  const [done, setDone] = useState(false);

  async function fix() {
    const refused = await onFix(finding);
    setRefusal(refused);
    setDone(refused === null && mended !== '');
  }

  return (
    <Notice severity={finding.severity} where={finding.where}>
      <span className={`break-words ${done ? 'line-through' : ''}`}>{finding.says}</span>{' '}
      <button type="button" className="text-text underline underline-offset-2" onClick={() => onShow(finding)}>
        Show
      </button>{' '}
      {finding.fix && !done && (
        <button type="button" className="text-kite-text underline underline-offset-2" onClick={() => void fix()}>
          {finding.fixSays}
        </button>
      )}
      {onSetAside && finding.severity !== 'error' && reason === null && (
        <button type="button" className="text-muted underline underline-offset-2" onClick={() => setReason('')}>
          Set aside …
        </button>
      )}
      {onSetAside && reason !== null && (
        <form
          className="mt-1 flex gap-1.5"
          onSubmit={(event) => {
            event.preventDefault();
            void onSetAside(finding, reason).then(setRefusal);
          }}
        >
          <input
            autoFocus
            aria-label="Why this is meant"
            placeholder="Why it is meant"
            maxLength={200}
            value={reason}
            onChange={(event) => setReason(event.currentTarget.value)}
            className="min-h-7 min-w-0 flex-1 rounded-sm border border-edge bg-trough px-1.5 text-text"
          />
          <button type="submit" className="text-text underline underline-offset-2">
            Set aside
          </button>
          <button type="button" className="text-muted underline underline-offset-2" onClick={() => setReason(null)}>
            Cancel
          </button>
        </form>
      )}
      {done && <span className="text-good">{mended}</span>}
      {refusal && (
        <span role="alert" className="block text-error">
          {refusal}
        </span>
      )}
    </Notice>
  );
}
