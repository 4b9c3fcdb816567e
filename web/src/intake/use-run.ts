import { useQueryClient } from '@tanstack/react-query';
import { useRef, useState } from 'react';
import { answer, api } from '#/api/client';
import type { IntakeRun } from '#/api/types';
import { FEW, batches, sendBatch, type Same } from '#/parts/files/intake';
import { isLeft, placed, withResults, type Run } from './run-state';

/** Batches that are under way together: the server reads one while the other travels. */
const AT_ONCE = 2;

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
    await drive(known, placed(known.files, files));
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
          const results = await sendBatch(id, batch, signal, begun.files.length > FEW);
          setRun((now) => now && withResults(now, batch, results));
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

  /** Answers what had to be decided of one file, and takes it in. */
  async function decide(position: number, same: Same) {
    const file = run?.files.get(position);
    if (!run || !file) return;
    let trouble: string | null = null;
    try {
      const batch = [{ position, file }];
      const results = await sendBatch(run.id, batch, new AbortController().signal, run.lines.length > FEW, same);
      setRun((now) => now && withResults(now, batch, results));
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

function read(id: string) {
  return answer(api.GET('/api/intake/runs/{id}', { params: { path: { id } } }));
}
