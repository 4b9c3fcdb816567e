import { useState } from 'react';
import type { Finding } from '../api/types';
import { Notice } from '../ui/notice';

type Props = { findings: Finding[]; onShow: (finding: Finding) => void; onFix: (finding: Finding) => Promise<string | null>; mended?: string };

/** Findings, each with the way to its place and its fix; `onFix` ends with the sentence that refuses it, or null. */
export function FindingList({ findings, onShow, onFix, mended = '' }: Props) {
  return findings.map((finding, index) => <Line key={`${finding.rule} ${finding.where} ${index}`} finding={finding} onShow={onShow} onFix={onFix} mended={mended} />);
}

function Line({ finding, onShow, onFix, mended }: Omit<Required<Props>, 'findings'> & { finding: Finding }) {
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
      {done && <span className="text-good">{mended}</span>}
      {refusal && (
        <span role="alert" className="block text-error">
          {refusal}
        </span>
      )}
    </Notice>
  );
}
