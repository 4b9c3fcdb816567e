import { createContext, use } from 'react';
import type { IntakeResult } from '../api/types';
import { authorHeader } from '../api/client';
import { Problem } from '../api/problem';

/** What becomes of a file whose profile the library has with other content: it waits, is the next revision, or a profile of its own. */
export type Same = 'ASK' | 'NEXT' | 'OWN';

/** Sends one file; a file that the server refuses comes back as a result too. */
export async function sendFile(file: File, signal: AbortSignal, same: Same = 'ASK'): Promise<IntakeResult> {
  const form = new FormData();
  form.append('files', file, file.name);
  let response;
  try {
    response = await fetch(`/api/intake?same=${same}`, { method: 'POST', body: form, headers: authorHeader(), signal });
  } catch {
    return refused(file, signal.aborted ? `'${file.name}' was not sent: you stopped before it.` : `'${file.name}' did not get through: ${Problem.unreachable().message}`);
  }
  const body: unknown = await response.json().catch(() => null);
  if (!response.ok || !Array.isArray(body)) return refused(file, Problem.from(response.status, body).message);
  return body[0];
}

function refused(file: File, sentence: string): IntakeResult {
  return { file: file.name, refused: sentence, accepted: null, question: null };
}

/** Opens the file chooser of the intake that surrounds the page. */
export const IntakeContext = createContext<(() => void) | null>(null);

export function useChooseFiles() {
  const choose = use(IntakeContext);
  if (!choose) throw new Error('useChooseFiles needs an <IntakeZone> around it');
  return choose;
}
