import { useEffect, useRef, useState } from 'react';
import type { Place } from '#/api/types';
import type { CameraView } from './camera';
import type { Shown } from './shown';
import { makeStage, type Stage } from './stage';

const VIEWS: { view: CameraView; text: string; key: string }[] = [
  { view: 'front', text: 'Front', key: '1' },
  { view: 'side', text: 'Side', key: '2' },
  { view: 'above', text: 'Above', key: '3' },
  { view: 'seats', text: 'From the seats', key: '4' },
  { view: 'beam', text: 'Down the beam', key: '5' },
];
const STEP = 10;
const NEARER = 0.85;

/** The fixture in its room, in three dimensions: turned by the mouse, or by keys while it has the focus. */
export default function SceneView({
  shown,
  says,
  onPick,
  onPlaced,
  onLost,
}: {
  shown: Shown;
  says: string;
  onPick: (part: string) => void;
  onPlaced: (part: string, place: Place) => void;
  onLost: () => void;
}) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const stage = useRef<Stage | null>(null);
  const [rate, setRate] = useState<number | null>(null);
  const [view, setView] = useState<CameraView | null>(null);
  const events = useRef({ onPick, onPlaced, onLost });
  useEffect(() => {
    events.current = { onPick, onPlaced, onLost };
  });
  const latest = useRef(shown);
  useEffect(() => {
    latest.current = shown;
    stage.current?.show(shown);
  }, [shown]);
  useEffect(() => {
    if (!canvas.current) return;
    try {
      stage.current = makeStage(canvas.current, {
        onPick: (part) => events.current.onPick(part),
        onPlaced: (part, place) => events.current.onPlaced(part, place),
      });
      stage.current.show(latest.current);
    } catch {
      events.current.onLost(); // no WebGL here: the flat views show the same
    }
    return () => {
      stage.current?.end();
      stage.current = null;
    };
  }, []);

  function look(next: CameraView) {
    setView(next);
    stage.current?.look(next);
  }
  function key(event: React.KeyboardEvent) {
    const turns: Record<string, [number, number, number]> = {
      ArrowLeft: [-STEP, 0, 1],
      ArrowRight: [STEP, 0, 1],
      ArrowUp: [0, STEP, 1],
      ArrowDown: [0, -STEP, 1],
      '+': [0, 0, NEARER],
      '-': [0, 0, 1 / NEARER],
    };
    const turn = turns[event.key];
    const named = VIEWS.find((each) => each.key === event.key);
    if (!turn && !named) return;
    event.preventDefault();
    event.stopPropagation();
    if (turn) stage.current?.turn(...turn);
    else if (named) look(named.view);
  }

  return (
    <div className="relative min-h-0 min-w-0 flex-1 max-[700px]:min-h-72 max-[700px]:flex-none" data-letters>
      <canvas
        ref={canvas}
        tabIndex={0}
        role="img"
        aria-label={`The fixture in its room. ${says}`}
        aria-keyshortcuts="1 2 3 4 5 ArrowLeft ArrowRight ArrowUp ArrowDown + -"
        onKeyDown={key}
        className="absolute inset-0 h-full w-full cursor-grab outline-offset-[-3px] active:cursor-grabbing"
      />
      <div role="group" aria-label="Camera" className="absolute bottom-2 left-2 flex flex-wrap gap-1">
        {VIEWS.map((each) => (
          <button
            key={each.view}
            type="button"
            title={`${each.text} (${each.key})`}
            aria-pressed={view === each.view}
            onClick={() => look(each.view)}
            className="min-h-7 rounded-md border border-line bg-panel/90 px-2 text-xs text-text hover:border-text aria-pressed:border-kite-text"
          >
            {each.text}
          </button>
        ))}
      </div>
      <button
        type="button"
        onClick={() => void stage.current?.measure().then(setRate)}
        title="Draws for a second and counts the pictures"
        className="absolute right-2 bottom-2 min-h-7 rounded-md border border-line bg-panel/90 px-2 font-mono text-xs text-muted hover:text-text"
      >
        {rate === null ? 'Frame rate' : `${rate} frames/s`}
      </button>
    </div>
  );
}
