import type { IntakeFile, IntakeResult } from '#/api/types';
import { FEW, type Placed } from '#/parts/files/intake';

/** A run as this page drives it. `results` are those that this page saw; `files` those that it holds. */
export type Run = {
  id: string;
  lines: IntakeFile[];
  results: ReadonlyMap<number, IntakeResult>;
  files: ReadonlyMap<number, File>;
  going: boolean;
  trouble: string | null;
};

/** Whether a file still has to be sent: it never was, or waits for an answer that only comes with it. */
export function isLeft(line: IntakeFile) {
  return line.outcome === null || line.outcome === 'WAITS';
}

/** How far a run is. */
export function progressOf(run: Run) {
  return { done: run.lines.filter((line) => line.outcome !== null).length, total: run.lines.length, going: run.going };
}

/** The run after a batch came through. */
export function withResults(run: Run, batch: Placed[], results: IntakeResult[]): Run {
  const kept = new Map(run.results);
  const lines = [...run.lines];
  batch.forEach(({ position }, index) => {
    const result = results[index];
    const line = lines[position];
    if (!result || !line) return;
    // of many files, only what has to be decided is kept whole
    if (run.lines.length <= FEW || result.question) kept.set(position, result);
    else kept.delete(position);
    lines[position] = {
      ...line,
      outcome: outcomeOf(result),
      says: result.refused ?? says(result),
      profileId: result.accepted?.profileId ?? null,
    };
  });
  return { ...run, lines, results: kept };
}

function outcomeOf(result: IntakeResult) {
  if (result.accepted) return result.accepted.isNew ? 'TAKEN' : 'KNOWN';
  return result.question ? 'WAITS' : 'REFUSED';
}

/** Files that stand in the lines that are left, told by name and size: each file for one line. */
export function placed(lines: IntakeFile[], files: File[]): Map<number, File> {
  const free = [...files];
  const found = new Map<number, File>();
  for (const line of lines.filter(isLeft)) {
    const at = free.findIndex((file) => file.name === line.name && file.size === line.size);
    const [file] = at < 0 ? [] : free.splice(at, 1);
    if (file) found.set(line.position, file);
  }
  return found;
}

/** As the report has it. */
function says({ accepted, question }: IntakeResult) {
  const named = accepted ?? question;
  return named ? `${named.manufacturer} ${named.name}, revision ${named.revision}` : '';
}
