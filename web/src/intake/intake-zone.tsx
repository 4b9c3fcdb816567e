import { useNavigate } from 'react-router';
import { useEffect, useRef, useState, type ReactNode } from 'react';
import { tell } from '#/ui/toast';
import { IntakeContext } from '#/parts/files/intake';
import { IntakeReport } from './intake-report';
import { progressOf } from './run-state';
import { useRun } from './use-run';

/** Imports files that are dropped anywhere on the page, or chosen, and reports on each. An import runs on when its report is closed. */
export function IntakeZone({ children }: { children: ReactNode }) {
  const [over, setOver] = useState(false);
  const [shown, setShown] = useState(true);
  const { run, begin, goOn, decide, stop, close, goOnHere } = useRun();
  const chooser = useRef<HTMLInputElement>(null);
  const later = useRef<string | null>(null); // the run that is gone on with by what is chosen

  const navigate = useNavigate();

  function take(files: File[]): void {
    if (files.length === 0) return;
    if (run?.going) return tell('Other files are coming in; wait until they are here, or stop them.');
    const id = later.current;
    later.current = null;
    setShown(true);
    (id ? goOn(id, files) : begin(files)).catch((problem: unknown) =>
      tell(problem instanceof Error ? problem.message : 'It is not certain that this was saved; reload to see.'),
    );
  }

  useDroppedFiles(setOver, (files) => {
    const [scene] = files;
    if (files.length === 1 && scene && /\.mvr$/i.test(scene.name)) void navigate('/rigs', { state: { scene } });
    else take(files);
  });
  const going = run?.going ?? false;
  useEffect(() => {
    if (!going) return;
    const ask = (event: BeforeUnloadEvent) => event.preventDefault();
    window.addEventListener('beforeunload', ask);
    return () => window.removeEventListener('beforeunload', ask);
  }, [going]);

  function choose(id: string | null) {
    later.current = id;
    chooser.current?.click();
  }

  return (
    <IntakeContext value={{ choose: () => choose(null), goOn: choose, progress: run && progressOf(run), show: () => setShown(true) }}>
      {children}
      <input
        ref={chooser}
        type="file"
        accept=".gdtf"
        multiple
        hidden
        aria-label="GDTF files to import"
        onChange={(event) => {
          take([...(event.currentTarget.files ?? [])]);
          event.currentTarget.value = '';
        }}
      />
      {over && (
        <div className="pointer-events-none fixed inset-3 z-50 grid place-items-center rounded-lg border-2 border-dashed border-kite-text bg-ground/85">
          <p className="text-lg font-semibold">Let go to import the files</p>
        </div>
      )}
      {run && shown && (
        <IntakeReport
          run={run}
          onDecide={(position, same) => void decide(position, same)}
          onStop={stop}
          onGoOn={goOnHere}
          onClose={() => {
            setShown(false); // what is under way runs on, and the rail leads back to it
            if (!run.going) close();
          }}
        />
      )}
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
      const taken = event.defaultPrevented; // by a part of the page that takes files itself
      event.preventDefault();
      depth = 0;
      setOver(false);
      if (taken) return;
      if (document.querySelector('[role=dialog]')) return; // a dialog takes its files itself
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
