import { Link, useNavigate } from 'react-router';
import type { IntakeResult } from '../api/types';
import { Button } from '../ui/button';
import { Modal } from '../ui/modal';
import { Notice } from '../ui/notice';
import { FindingList } from '../check/finding-list';
import { mend } from './mend';
import { ModeLine } from '../library/mode-line';

/** What became of each file: what came in, and what is wrong with it, or why it did not. */
export function IntakeReport({ total, results, onStop, onClose }: { total: number; results: IntakeResult[]; onStop: () => void; onClose: () => void }) {
  const running = results.length < total;
  const taken = results.filter((result) => result.accepted).length;
  return (
    <Modal size="wide" open onClose={onClose} title={running ? `Taking in file ${results.length + 1} of ${total}` : 'Taken in'} description={running ? 'Each file comes in whole or not at all.' : summary(taken, total)}>
      {running && (
        <div className="flex items-center gap-3">
          <progress className="h-2 flex-1 accent-kite" value={results.length} max={total} aria-label="Files taken in" />
          <Button onClick={onStop}>Stop</Button>
        </div>
      )}
      <ul className="flex min-h-0 flex-col gap-5 overflow-y-auto" aria-label="Files">
        {results.map((result, index) => (
          <li key={index}>
            <Result result={result} onOpen={onClose} />
          </li>
        ))}
      </ul>
    </Modal>
  );
}

function summary(taken: number, total: number) {
  if (taken === total) return total === 1 ? 'The file is in the library.' : `All ${total} files are in the library.`;
  if (taken === 0) return total === 1 ? 'The file was refused; nothing was changed.' : 'No file was taken in; nothing was changed.';
  return `${taken} of ${total} files are in the library; the others were refused.`;
}

function Result({ result, onOpen }: { result: IntakeResult; onOpen: () => void }) {
  const navigate = useNavigate();
  if (!result.accepted) {
    return (
      <Notice severity="error" where="Nothing of it was kept.">
        <span className="break-words">{result.refused}</span>
      </Notice>
    );
  }
  const { name, manufacturer, revision, isNew, modes, problems, profileId } = result.accepted;
  return (
    <article className="flex flex-col gap-2.5">
      <div className="flex items-center gap-3">
        <div className="min-w-0 flex-1">
          <h3 className="font-semibold break-words">
            {manufacturer} {name}
          </h3>
          <p className="text-sm break-words text-muted">
            {isNew ? `Revision ${revision}, from ${result.file}` : `Already here as revision ${revision}; ${result.file} holds nothing new`}
          </p>
        </div>
        <Link to={`/desk/${profileId}`} onClick={onOpen} className="inline-flex min-h-8 items-center rounded-md border border-line bg-raised px-3.5 text-sm hover:border-muted">
          Open on the desk
        </Link>
      </div>
      <div className="flex flex-col gap-1.5">
        {modes.map((mode, index) => (
          <ModeLine key={index} mode={mode} />
        ))}
      </div>
      {problems.length === 0 && <p className="text-sm text-good">Nothing is wrong with it.</p>}
      <FindingList
        findings={problems}
        mended="Mended in the draft; publish it on the desk."
        onShow={({ mode, channel }) => {
          onOpen();
          void navigate(`/desk/${profileId}${mode === null ? '' : `?mode=${mode}`}${channel === null ? '' : `&channel=${channel}`}`);
        }}
        onFix={async (problem) => (problem.fix ? mend(profileId, revision, problem.fix) : null)}
      />
    </article>
  );
}
