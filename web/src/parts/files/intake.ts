import { createContext, use } from 'react';
import { answer, api } from '#/api/client';
import type { IntakeResult } from '#/api/types';
import { withFiles } from '#/api/with-file';

/** What becomes of a file whose profile the library has with other content: it waits, is the next revision, or a profile of its own. */
export type Same = 'ASK' | 'NEXT' | 'OWN';

/** So many files have room for all that there is to say of each. */
export const FEW = 20;
const MOST_FILES = 10;
const MOST_BYTES = 32 << 20;

/** A file with its place in the run. */
export type Placed = { position: number; file: File };

/** Files in batches that are quick to send: small ones together, but each by itself where there are few, so that one sees them come in. */
export function batches(files: Placed[], total: number): Placed[][] {
  const most = total > FEW ? MOST_FILES : 1;
  const all: Placed[][] = [];
  let bytes = 0;
  for (const each of files) {
    const last = all.at(-1);
    if (last && last.length < most && bytes + each.file.size <= MOST_BYTES) {
      last.push(each);
      bytes += each.file.size;
    } else {
      all.push([each]);
      bytes = each.file.size;
    }
  }
  return all;
}

/** Sends a batch of a run's files. A brief answer leaves out what is only shown of few. Throws a Problem if it did not get through as a whole. */
export function sendBatch(run: string, batch: Placed[], signal: AbortSignal, brief: boolean, same: Same = 'ASK'): Promise<IntakeResult[]> {
  const params = { path: { id: run }, query: { at: batch.map(({ position }) => position), same, brief } };
  return answer(api.POST('/api/intake/runs/{id}/files', { params, ...withFiles(batch.map(({ file }) => file)), signal }));
}

export type Intake = {
  /** Opens the file chooser. */
  choose: () => void;
  /** How far the import is that this page drives; null if it drives none. */
  progress: { done: number; total: number; going: boolean } | null;
  /** Shows the report of that import. */
  show: () => void;
  /** Opens the file chooser for the rest of a run that was interrupted. */
  goOn: (run: string) => void;
};

export const IntakeContext = createContext<Intake | null>(null);

export function useIntake() {
  const intake = use(IntakeContext);
  if (!intake) throw new Error('useIntake needs an <IntakeZone> around it');
  return intake;
}
