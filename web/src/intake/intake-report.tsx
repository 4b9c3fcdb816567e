import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import type { IntakeResult } from '#/api/types';
import { Button } from '#/ui/button';
import { Modal } from '#/ui/modal';
import { Notice } from '#/ui/notice';
import { ProgressBar } from '#/ui/progress-bar';
import { FindingList } from '#/parts/finding/finding-list';
import { RANKS } from '#/parts/profile/ranks';
import { FEW, type Same } from '#/parts/files/intake';
import { RunLines } from './run-lines';
import type { Run } from './run-state';
import { mend } from './mend';
import { ModeLine } from '#/parts/channel/mode-line';

/** What became of each file: what came in, and what is wrong with it, or why it did not. Of many files, each has a line. */
export function IntakeReport({
  run,
  onDecide,
  onStop,
  onGoOn,
  onClose,
}: {
  run: Run;
  onDecide: (position: number, same: Same) => void;
  onStop: () => void;
  onGoOn: () => void;
  onClose: () => void;
}) {
  const { lines, results, going } = run;
  const total = lines.length;
  const done = lines.filter((line) => line.outcome !== null).length;
  const taken = lines.filter((line) => line.outcome === 'TAKEN' || line.outcome === 'KNOWN').length;
  const waiting = lines.filter((line) => line.outcome === 'WAITS').length;
  const few = total <= FEW;
  const questions = [...results].filter(([, result]) => result.question);
  return (
    <Modal
      size={few ? 'wide' : 'large'}
      open
      onClose={onClose}
      title={
        going
          ? `Importing file ${Math.min(total, done + 1)} of ${total}`
          : done < total
            ? `Stopped after ${done} of ${total} files`
            : 'Imported'
      }
      description={going ? 'Each file comes in whole or not at all.' : summary(taken, waiting, done, total)}
    >
      {going && (
        <div className="flex items-center gap-3">
          <ProgressBar label="Files imported" done={done} all={total} />
          <Button onClick={onStop}>Stop</Button>
        </div>
      )}
      {run.trouble && (
        <Notice severity="error" where="What was imported before stays.">
          {run.trouble}
        </Notice>
      )}
      {!going && done < total && (
        <div className="flex items-center gap-3">
          <p className="flex-1 text-sm text-muted">{`${total - done} files were not sent. You can go on now, or later from the library.`}</p>
          <Button main onClick={onGoOn}>
            Go on
          </Button>
        </div>
      )}
      {few ? (
        <ul className="flex min-h-0 flex-col gap-5 overflow-y-auto" aria-label="Files">
          {lines.map((line) => {
            const result = results.get(line.position);
            return (
              result && (
                <li key={line.position}>
                  {result.question ? (
                    <Question file={result.file} question={result.question} onDecide={(same) => onDecide(line.position, same)} />
                  ) : (
                    <Result result={result} onOpen={onClose} />
                  )}
                </li>
              )
            );
          })}
        </ul>
      ) : (
        <>
          {questions.length > 0 && !going && (
            <ul className="flex max-h-72 shrink-0 flex-col gap-3 overflow-y-auto" aria-label="Questions">
              {questions.map(([position, result]) => (
                <li key={position}>
                  {result.question && (
                    <Question file={result.file} question={result.question} onDecide={(same) => onDecide(position, same)} />
                  )}
                </li>
              ))}
            </ul>
          )}
          <RunLines lines={lines} className="h-[52vh]" />
        </>
      )}
    </Modal>
  );
}

function summary(taken: number, waiting: number, done: number, total: number) {
  if (done < total) return `${taken} are in the library, each whole.`;
  if (waiting > 0)
    return `${taken} of ${total} files are in the library; ${waiting === 1 ? 'one waits' : `${waiting} wait`} for your answer.`;
  if (taken === total) return total === 1 ? 'The file is in the library.' : `All ${total} files are in the library.`;
  if (taken === 0) return total === 1 ? 'The file was refused; nothing was changed.' : 'No file was imported; nothing was changed.';
  return `${taken} of ${total} files are in the library; the others were refused.`;
}

/** The library has this profile with other content: what differs, and what is to become of it. */
function Question({
  file,
  question,
  onDecide,
}: {
  file: string;
  question: NonNullable<IntakeResult['question']>;
  onDecide: (same: Same) => void;
}) {
  const [leftOut, setLeftOut] = useState(false);
  const all = RANKS.reduce((sum, each) => sum + (question.counts[each.rank] ?? 0), 0);
  if (leftOut) return <p className="text-sm text-muted">{`${file} was left out; nothing was imported.`}</p>;
  return (
    <article aria-label={`A question about ${file}`} className="flex flex-col gap-2.5 rounded-lg border border-warning p-4">
      <h3 className="font-semibold break-words">{`${question.manufacturer} ${question.name}`}</h3>
      <p className="text-sm break-words">{`${file} has this profile's id but differs from revision ${question.revision}:`}</p>
      {all === 0 ? (
        <p className="text-sm text-muted">Nothing differs that a show would notice; only how the file is written.</p>
      ) : (
        <p className="flex flex-wrap gap-x-4 text-sm">
          {RANKS.map((each) => (
            <span key={each.rank} title={each.means} className={(question.counts[each.rank] ?? 0) === 0 ? 'text-muted' : ''}>
              <span aria-hidden className={`font-mono ${each.tone}`}>
                {each.sign}
              </span>{' '}
              {`${question.counts[each.rank] ?? 0} ${each.text}`}
            </span>
          ))}
        </p>
      )}
      <ul className="flex list-disc flex-col gap-0.5 pl-5 text-sm text-muted">
        {question.says.map((sentence, index) => (
          <li key={index}>{sentence}</li>
        ))}
        {all > question.says.length && <li>{`and ${all - question.says.length} more`}</li>}
      </ul>
      <div className="flex flex-wrap gap-2">
        <Button onClick={() => onDecide('NEXT')}>{`Import as revision ${question.revision + 1}`}</Button>
        <Button onClick={() => onDecide('OWN')}>Import as a separate profile</Button>
        <Button quiet onClick={() => setLeftOut(true)}>
          Leave it out
        </Button>
      </div>
    </article>
  );
}

function Result({ result, onOpen }: { result: IntakeResult; onOpen: () => void }) {
  const navigate = useNavigate();
  if (!result.accepted) {
    return (
      <Notice severity="error" where="Nothing was imported.">
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
        <Link
          to={`/editor/${profileId}`}
          onClick={onOpen}
          className="inline-flex min-h-8 items-center rounded-md border border-line bg-raised px-3.5 text-sm hover:border-muted"
        >
          Edit
        </Link>
      </div>
      <div className="flex flex-col gap-1.5">
        {modes.map((mode, index) => (
          <ModeLine key={index} mode={mode} />
        ))}
      </div>
      {problems.length === 0 && <p className="text-sm text-good">No problems found.</p>}
      <FindingList
        findings={problems}
        mended="Mended in the draft; publish it in the editor."
        onShow={({ mode, channel }) => {
          onOpen();
          void navigate(`/editor/${profileId}${mode === null ? '' : `?mode=${mode}`}${channel === null ? '' : `&channel=${channel}`}`);
        }}
        onFix={async (problem) => (problem.fix ? mend(profileId, revision, problem.fix) : null)}
      />
    </article>
  );
}
