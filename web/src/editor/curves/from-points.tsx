import { useQuery } from '@tanstack/react-query';
import { Plus, Trash2 } from 'lucide-react';
import { useDeferredValue, useState } from 'react';
import type { CurvePoint, CurveRun, FunctionBar, Knot } from '#/api/types';
import { Button } from '#/ui/button';
import { Choice } from '#/ui/choice';
import { Refusal } from '#/ui/refusal';
import { TextField } from '#/ui/text-field';
import { CurveFade, CurveTable } from './curve-picture';
import { pointsQuery, useCurves } from './curve-query';
import { LayForm } from './lay-form';
import { PercentField } from './percent-field';
import { PointPlane } from './point-plane';

const RUNS: { value: CurveRun; text: string }[] = [
  { value: 'SMOOTH', text: 'Smooth' },
  { value: 'STRAIGHT', text: 'Straight' },
  { value: 'STEPS', text: 'In steps' },
];
const STRAIGHT: Knot[] = [
  { in: 0, out: 0 },
  { in: 1, out: 1 },
];

/** Points that are drawn or typed; a curve that the function has already is gone on from. */
export function FromPoints({ bar, close }: { bar: FunctionBar; close: () => void }) {
  const { data } = useCurves();
  if (!data) return null;
  const there = data.find((each) => each.name === bar.curve);
  return (
    <Points
      bar={bar}
      close={close}
      name={there?.name ?? 'Own points'}
      points={there?.curve.points ?? STRAIGHT}
      run={there?.curve.run ?? 'SMOOTH'}
    />
  );
}

function Points({ bar, close, ...start }: { bar: FunctionBar; close: () => void; name: string; points: Knot[]; run: CurveRun }) {
  const [drawn, setDrawn] = useState(() => start.points.map(knot));
  const [run, setRun] = useState(start.run);
  const [name, setName] = useState(start.name);
  const [chosen, setChosen] = useState(0);
  const asked = useDeferredValue(drawn);
  const { data, error, isPlaceholderData } = useQuery(pointsQuery(asked, run));
  const isHeld = asked === drawn && !isPlaceholderData;
  const order = data?.order.length === drawn.length ? data.order : drawn.map((_, index) => index);
  const points = drawn.map((point, index): CurvePoint => {
    const said = data?.curve.points[data.order.indexOf(index)];
    // a point that is moved runs ahead of what the core says of it
    return said && isHeld ? said : { ...point, percentIn: said?.percentIn ?? '', percentOut: said?.percentOut ?? '' };
  });

  const move = (index: number, to: Knot) => setDrawn(drawn.map((each, i) => (i === index ? knot(to) : each)));
  function add(at: Knot) {
    setDrawn([...drawn, knot(at)]);
    setChosen(drawn.length);
  }
  function remove(index: number) {
    setDrawn(drawn.filter((_, i) => i !== index));
    setChosen(0);
  }
  /** Halfway to the next point, where there is room. */
  function addBehind() {
    const rank = order.indexOf(chosen);
    const here = points[chosen] ?? points[0];
    const next = points[order[rank + 1] ?? order[rank - 1] ?? 0];
    if (here && next) add({ in: (here.in + next.in) / 2, out: (here.out + next.out) / 2 });
  }

  return (
    <LayForm
      bar={bar}
      curve={error ? undefined : data?.curve}
      name={name}
      close={close}
      picture={
        data && (
          <div className="flex flex-col gap-3">
            <CurveFade curve={data.curve} />
            <CurveTable curve={data.curve} />
          </div>
        )
      }
    >
      <div className="flex flex-wrap items-end gap-3">
        <Choice
          label="From point to point"
          value={run}
          options={RUNS}
          onChoose={(value) => setRun(RUNS.find((each) => each.value === value)?.value ?? 'SMOOTH')}
        />
        <TextField label="Name in this profile" value={name} onChange={setName} maxLength={120} />
      </div>
      <div className="grid grid-cols-[minmax(0,1fr)_15rem] gap-5">
        <PointPlane
          points={points}
          order={order}
          outputs={data?.curve.outputs ?? []}
          chosen={chosen}
          onChoose={setChosen}
          onMove={move}
          onAdd={add}
          onRemove={remove}
        />
        <div className="flex flex-col gap-2">
          <ol aria-label="Points" className="flex max-h-72 flex-col gap-1 overflow-y-auto">
            {order.map((index, rank) => (
              <li
                key={index}
                data-chosen={index === chosen}
                className="flex items-center gap-2 border-l-2 border-transparent pl-2 data-[chosen=true]:border-kite-text"
              >
                <PercentField
                  label={`Input of point ${rank + 1}, %`}
                  value={points[index]?.in ?? 0}
                  text={points[index]?.percentIn ?? ''}
                  onFocus={() => setChosen(index)}
                  onChange={(to) => move(index, { in: to, out: points[index]?.out ?? 0 })}
                />
                <span aria-hidden className="text-muted">
                  →
                </span>
                <PercentField
                  label={`Output of point ${rank + 1}, %`}
                  value={points[index]?.out ?? 0}
                  text={points[index]?.percentOut ?? ''}
                  onFocus={() => setChosen(index)}
                  onChange={(to) => move(index, { in: points[index]?.in ?? 0, out: to })}
                />
                <button
                  type="button"
                  aria-label={`Delete point ${rank + 1}`}
                  title="Delete"
                  disabled={drawn.length <= 2}
                  onClick={() => remove(index)}
                  className="grid size-8 place-items-center rounded-sm text-muted hover:bg-raised hover:text-text disabled:opacity-35"
                >
                  <Trash2 size={15} aria-hidden />
                </button>
              </li>
            ))}
          </ol>
          <Button quiet className="self-start" onClick={addBehind}>
            <Plus size={14} aria-hidden /> Add a point
          </Button>
        </div>
      </div>
      <p className="text-sm text-muted">
        Click the plane to add a point, drag a point to move it; arrow keys move the chosen one, the Delete key removes it.
      </p>
      <Refusal says={error?.message} />
    </LayForm>
  );
}

function knot({ in: input, out }: Knot): Knot {
  return { in: input, out };
}
