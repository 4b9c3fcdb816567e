import { useQueryClient } from '@tanstack/react-query';
import { useEffect, useRef, useState, type ReactNode } from 'react';
import type { IntakeResult } from '../api/types';
import { IntakeContext, sendFile, type Same } from './intake';
import { IntakeReport } from './intake-report';

type Run = { files: File[]; results: IntakeResult[]; stop: AbortController };

/** Takes in files that are dropped anywhere on the page, or chosen, and reports on each. */
export function IntakeZone({ children }: { children: ReactNode }) {
  const queryClient = useQueryClient();
  const [over, setOver] = useState(false);
  const [run, setRun] = useState<Run | null>(null);
  const chooser = useRef<HTMLInputElement>(null);

  async function take(files: File[]) {
    if (files.length === 0) return;
    const stop = new AbortController();
    const results: IntakeResult[] = [];
    setRun({ files, results: [], stop });
    for (const file of files) {
      results.push(await sendFile(file, stop.signal));
      setRun({ files, results: [...results], stop });
    }
    await queryClient.invalidateQueries({ queryKey: ['library'] });
  }

  /** Answers what had to be decided of one file, and takes it in. */
  async function decide(index: number, same: Same) {
    const file = run?.files[index];
    if (!run || !file) return;
    const result = await sendFile(file, run.stop.signal, same);
    setRun((now) => now && { ...now, results: now.results.map((each, at) => (at === index ? result : each)) });
    await queryClient.invalidateQueries({ queryKey: ['library'] });
  }

  useDroppedFiles(setOver, take);

  return (
    <IntakeContext value={() => chooser.current?.click()}>
      {children}
      <input
        ref={chooser}
        type="file"
        accept=".gdtf"
        multiple
        hidden
        aria-label="GDTF files to take in"
        onChange={(event) => {
          void take([...(event.currentTarget.files ?? [])]);
          event.currentTarget.value = '';
        }}
      />
      {over && (
        <div className="pointer-events-none fixed inset-3 z-50 grid place-items-center rounded-lg border-2 border-dashed border-kite bg-ground/85">
          <p className="text-lg font-semibold">Let go to take the files in</p>
        </div>
      )}
      {run && <IntakeReport total={run.files.length} results={run.results} onDecide={(index, same) => void decide(index, same)} onStop={() => run.stop.abort()} onClose={() => setRun(null)} />}
    </IntakeContext>
  );
}

function useDroppedFiles(setOver: (over: boolean) => void, take: (files: File[]) => void) {
  const latest = useRef(take);
  useEffect(() => {
    latest.current = take;
  });
  useEffect(() => {
    let depth = 0; // enter and leave are told for every element on the way
    const carriesFiles = (event: DragEvent) => event.dataTransfer?.types.includes('Files') ?? false;
    const moved = (step: number) => (event: DragEvent) => {
      if (!carriesFiles(event)) return;
      event.preventDefault();
      depth = Math.max(0, depth + step);
      setOver(depth > 0);
    };
    const enter = moved(1);
    const leave = moved(-1);
    const stay = moved(0);
    const drop = (event: DragEvent) => {
      if (!carriesFiles(event)) return;
      event.preventDefault();
      depth = 0;
      setOver(false);
      latest.current([...(event.dataTransfer?.files ?? [])]);
    };
    window.addEventListener('dragenter', enter);
    window.addEventListener('dragleave', leave);
    window.addEventListener('dragover', stay);
    window.addEventListener('drop', drop);
    return () => {
      window.removeEventListener('dragenter', enter);
      window.removeEventListener('dragleave', leave);
      window.removeEventListener('dragover', stay);
      window.removeEventListener('drop', drop);
    };
  }, [setOver]);
}
