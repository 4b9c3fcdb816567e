import { useEffect, useRef, useState, type PointerEvent } from 'react';
import type { ChannelRow, FunctionBar, RangeBar as Range } from '#/api/types';
import { useEditorActions } from '#/editor/kit/editor-context';
import { InAllSituations } from '#/editor/kit/in-all-situations';

/** More boundaries than these lie too close to be dragged; they are typed in the table. */
const DRAGGABLE = 64;

type Boundary = { key: string; raw: number; name: string; isFunction: boolean; id: number };

/** The boundaries of a channel's functions and named ranges, to be dragged. Whoever goes by keys types them in the table below. */
export function Boundaries({
  channel,
  functions,
  height,
  rawAt,
  onProbe,
}: {
  channel: ChannelRow;
  functions: FunctionBar[];
  height: number;
  rawAt: (clientX: number) => number;
  onProbe: (raw: number) => void;
}) {
  const bars = functions.map((bar) => ({ bar, boundaries: boundariesOf(bar) }));
  if (bars.reduce((sum, each) => sum + each.boundaries.length, 0) > DRAGGABLE) return null;
  return bars.map(({ bar, boundaries }) => (
    <InAllSituations key={bar.id} bar={bar}>
      {boundaries.map((boundary) => (
        <Handle
          key={boundary.key}
          boundary={boundary}
          span={channel.max + 1}
          top={bar.layer * height}
          height={height}
          rawAt={rawAt}
          onProbe={onProbe}
        />
      ))}
    </InAllSituations>
  ));
}

function boundariesOf(bar: FunctionBar): Boundary[] {
  return [
    ...(bar.from > 0 ? [{ key: `f${bar.id}`, raw: bar.from, name: bar.name, isFunction: true, id: bar.id }] : []),
    ...bar.ranges
      .filter((range) => inside(bar, range))
      .map((range) => ({ key: `r${range.id}`, raw: range.from, name: range.name, isFunction: false, id: range.id })),
  ];
}

/** A range that begins with its function moves with it, so it has no handle of its own. */
function inside(bar: FunctionBar, range: Range) {
  return range.from > bar.from && range.from <= bar.to;
}

/** A boundary that is dragged: previewed here, sent once when it is let go. A press that drags nothing puts the probe, so that narrow ranges can be reached. */
function Handle({
  boundary,
  span,
  top,
  height,
  rawAt,
  onProbe,
}: {
  boundary: Boundary;
  span: number;
  top: number;
  height: number;
  rawAt: (clientX: number) => number;
  onProbe: (raw: number) => void;
}) {
  const { edit } = useEditorActions();
  const [dragged, setDragged] = useState<number | null>(null);
  const [refusal, setRefusal] = useState<string | null>(null);
  const began = useRef(0);

  async function drop(raw: number) {
    const refused =
      raw === boundary.raw
        ? null
        : await edit(
            boundary.isFunction
              ? { type: 'moveFunctionStart', function: boundary.id, from: raw }
              : { type: 'moveRangeStart', range: boundary.id, from: raw },
          );
    setRefusal(refused);
    setDragged(null);
    if (refused) setTimeout(() => setRefusal(null), 6000);
  }
  const isDrag = (event: PointerEvent) => Math.abs(event.clientX - began.current) > 2;
  const dragging = dragged !== null;
  useEffect(() => {
    if (!dragging) return;
    const cancel = (event: KeyboardEvent) => event.key === 'Escape' && setDragged(null);
    window.addEventListener('keydown', cancel);
    return () => window.removeEventListener('keydown', cancel);
  }, [dragging]);
  const stop = (event: PointerEvent) => event.stopPropagation();
  const shownAt = dragged ?? boundary.raw;
  return (
    <span
      data-boundary={boundary.key}
      className="absolute z-20 w-2 -translate-x-1/2 cursor-ew-resize touch-none"
      style={{ left: `${(100 * shownAt) / span}%`, top, height }}
      title={`Start of ${boundary.name || 'the range'}: ${shownAt}. Drag to move it.`}
      onPointerDown={(event) => {
        stop(event);
        event.currentTarget.setPointerCapture(event.pointerId);
        began.current = event.clientX;
        setDragged(boundary.raw);
      }}
      onPointerMove={(event) => {
        stop(event);
        if (dragged !== null) setDragged(isDrag(event) ? rawAt(event.clientX) : boundary.raw);
      }}
      onPointerUp={(event) => {
        stop(event);
        if (dragged === null) return;
        if (isDrag(event)) void drop(dragged);
        else {
          setDragged(null);
          onProbe(rawAt(event.clientX));
        }
      }}
      onPointerCancel={() => setDragged(null)}
    >
      {dragged !== null && (
        <>
          <span className="absolute inset-y-0 left-1/2 w-0.5 -translate-x-1/2 bg-text" />
          <span className="absolute -top-7 left-1/2 -translate-x-1/2 rounded-sm bg-raised px-1.5 py-0.5 font-mono text-xs text-text shadow">
            {dragged}
          </span>
        </>
      )}
      {refusal && (
        <span
          role="alert"
          className="absolute top-full left-1/2 z-30 mt-1 w-56 -translate-x-1/2 rounded-md border border-error bg-raised px-2 py-1.5 text-xs text-error shadow-lg"
        >
          {refusal}
        </span>
      )}
    </span>
  );
}
