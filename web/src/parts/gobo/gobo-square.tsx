import { useRef } from 'react';

export type Square = { left: number; top: number; side: number };

/** The picture as it came, with the square that is taken; it is dragged, and moved by the arrow keys. */
export function GoboSquare({
  picture,
  width,
  height,
  square,
  onMove,
}: {
  picture: string;
  width: number;
  height: number;
  square: Square;
  onMove: (to: Square) => void;
}) {
  const grip = useRef<{ x: number; y: number; from: Square } | null>(null);
  const frame = useRef<SVGSVGElement>(null);
  const step = Math.max(1, Math.round(Math.max(width, height) / 100));
  function moved(x: number, y: number) {
    const box = frame.current?.getBoundingClientRect();
    if (!grip.current || !box) return;
    const scale = Math.max(width / box.width, height / box.height);
    onMove({
      ...square,
      left: Math.round(grip.current.from.left + (x - grip.current.x) * scale),
      top: Math.round(grip.current.from.top + (y - grip.current.y) * scale),
    });
  }
  const keys: Record<string, [number, number]> = {
    ArrowLeft: [-step, 0],
    ArrowRight: [step, 0],
    ArrowUp: [0, -step],
    ArrowDown: [0, step],
  };
  return (
    <svg
      ref={frame}
      viewBox={`0 0 ${width} ${height}`}
      className="max-h-40 w-full rounded-md bg-trough"
      preserveAspectRatio="xMidYMid meet"
    >
      <image href={picture} width={width} height={height} />
      <rect
        role="application"
        aria-label="Crop; arrow keys move it"
        tabIndex={0}
        x={square.left}
        y={square.top}
        width={square.side}
        height={square.side}
        fill="#ffc83d22"
        stroke="#ffc83d"
        strokeWidth={Math.max(width, height) / 110}
        className="cursor-move"
        onPointerDown={(event) => {
          event.currentTarget.setPointerCapture(event.pointerId);
          grip.current = { x: event.clientX, y: event.clientY, from: square };
        }}
        onPointerMove={(event) => moved(event.clientX, event.clientY)}
        onPointerUp={() => (grip.current = null)}
        onKeyDown={(event) => {
          const by = keys[event.key];
          if (!by) return;
          event.preventDefault();
          onMove({ ...square, left: square.left + by[0], top: square.top + by[1] });
        }}
      />
    </svg>
  );
}
