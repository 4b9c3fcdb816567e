import { useQueryClient } from '@tanstack/react-query';
import { useRef, useState } from 'react';
import { answer, api } from '#/api/client';
import type { IntakeFile, IntakeResult, IntakeRun } from '#/api/types';
import { FEW, batches, sendBatch, type Placed, type Same } from '#/parts/files/intake';

/** Batches that are under way together: the server reads one while the other travels. */
const AT_ONCE = 2;

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

/** Drives one run of files at a time: begun, stopped, gone on with. */
export function useRun() {
  const queryClient = useQueryClient();
  const [run, setRun] = useState<Run | null>(null);
  const stop = useRef(new AbortController());

  async function begin(files: File[]) {
    stop.current = new AbortController();
    const begun = await answer(
      api.POST('/api/intake/runs', { body: { files: files.map((file) => ({ name: file.name, size: file.size })) } }),
    );
    await drive(begun, new Map(files.map((file, position) => [position, file])));
  }

  /** Goes on with what is left of a run, as far as it is among some files: they are told by name and size. */
  async function goOn(id: string, files: File[]) {
    stop.current = new AbortController();
    const known = await read(id);
    const free = [...files];
    const placed = new Map<number, File>();
    for (const line of known.files.filter(isLeft)) {
      const at = free.findIndex((file) => file.name === line.name && file.size === line.size);
      const [file] = at < 0 ? [] : free.splice(at, 1);
      if (file) placed.set(line.position, file);
    }
    await drive(known, placed);
  }

  async function drive(begun: IntakeRun, files: ReadonlyMap<number, File>) {
    const id = begun.run.id;
    const left = begun.files.filter((line) => isLeft(line) && files.has(line.position));
    setRun({
      id,
      lines: begun.files,
      results: new Map(),
      files,
      going: left.length > 0,
      trouble: left.length === 0 ? 'None of the files that are left were among those that you chose.' : null,
    });
    const waiting = batches(
      left.flatMap(({ position }) => {
        const file = files.get(position);
        return file ? [{ position, file }] : [];
      }),
      begun.files.length,
    );
    const signal = stop.current.signal;
    let trouble: string | null = null;
    async function work() {
      for (let batch = waiting.shift(); batch && !signal.aborted && !trouble; batch = waiting.shift()) {
        try {
          keep(batch, await sendBatch(id, batch, signal, begun.files.length > FEW));
        } catch (problem) {
          if (!signal.aborted)
            trouble = problem instanceof Error ? problem.message : 'It is not certain that this was saved; reload to see.';
        }
      }
    }
    await Promise.all(Array.from({ length: AT_ONCE }, work));
    await settle(id, trouble);
  }

  /** The server knows best what came in, also of a batch that was under way when it was stopped. */
  async function settle(id: string, trouble: string | null) {
    const known = await read(id).catch(() => null);
    setRun((now) => now && { ...now, lines: known?.files ?? now.lines, going: false, trouble });
    await Promise.all(['library', 'intake-runs', 'profile', 'releases'].map((key) => queryClient.invalidateQueries({ queryKey: [key] })));
  }

  function keep(batch: Placed[], results: IntakeResult[]) {
    setRun((now) => {
      if (!now) return now;
      const kept = new Map(now.results);
      const lines = [...now.lines];
      batch.forEach(({ position }, index) => {
        const result = results[index];
        const line = lines[position];
        if (!result || !line) return;
        // of many files, only what has to be decided is kept whole
        if (now.lines.length <= FEW || result.question) kept.set(position, result);
        else kept.delete(position);
        lines[position] = {
          ...line,
          outcome: result.accepted ? (result.accepted.isNew ? 'TAKEN' : 'KNOWN') : result.question ? 'WAITS' : 'REFUSED',
          says: result.refused ?? says(result),
          profileId: result.accepted?.profileId ?? null,
        };
      });
      return { ...now, lines, results: kept };
    });
  }

  /** Answers what had to be decided of one file, and takes it in. */
  async function decide(position: number, same: Same) {
    const file = run?.files.get(position);
    if (!run || !file) return;
    let trouble: string | null = null;
    try {
      keep([{ position, file }], await sendBatch(run.id, [{ position, file }], new AbortController().signal, run.lines.length > FEW, same));
    } catch (problem) {
      trouble = problem instanceof Error ? problem.message : 'It is not certain that this was saved; reload to see.';
    }
    await settle(run.id, trouble);
  }

  return {
    run,
    begin,
    goOn,
    decide,
    stop: () => stop.current.abort(),
    close: () => setRun(null),
    goOnHere: () => run && void goOn(run.id, [...run.files.values()]),
  };
}

/** As the report has it. */
function says({ accepted, question }: IntakeResult) {
  const named = accepted ?? question;
  return named ? `${named.manufacturer} ${named.name}, revision ${named.revision}` : '';
}

function read(id: string) {
  return answer(api.GET('/api/intake/runs/{id}', { params: { path: { id } } }));
}
