import { createContext, use } from 'react';
import { authorHeader } from '../api/client';
import { Problem } from '../api/problem';
import type { IntakeResult } from '../api/types';

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
export async function sendBatch(run: string, batch: Placed[], signal: AbortSignal, brief: boolean, same: Same = 'ASK'): Promise<IntakeResult[]> {
  const form = new FormData();
  for (const { file } of batch) form.append('files', file, file.name);
  let response;
  try {
    response = await fetch(`/api/intake/runs/${run}/files?same=${same}&brief=${brief}&at=${batch.map(({ position }) => position).join(',')}`, { method: 'POST', body: form, headers: authorHeader(), signal });
  } catch {
    throw Problem.unreachable();
  }
  const body: unknown = await response.json().catch(() => null);
  if (!response.ok || !Array.isArray(body)) throw Problem.from(response.status, body);
  return body;
}

export type Intake = {
  /** Opens the file chooser. */
  choose: () => void;
  /** Opens the file chooser for the rest of a run that was cut off. */
  goOn: (run: string) => void;
};

export const IntakeContext = createContext<Intake | null>(null);

export function useIntake() {
  const intake = use(IntakeContext);
  if (!intake) throw new Error('useIntake needs an <IntakeZone> around it');
  return intake;
}
