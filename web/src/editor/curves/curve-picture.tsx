import type { CurveView } from '#/api/types';

const SIZE = 200;

/** A curve drawn, with what undoes it, what it makes of a fade in ten steps, and its table. */
export function CurvePicture({ curve }: { curve: CurveView }) {
  return (
    <div className="flex flex-col gap-3">
      <svg
        role="img"
        aria-label="The curve, input to the right, output upwards"
        viewBox={`-3 -3 ${SIZE + 6} ${SIZE + 6}`}
        className="w-full max-w-60 rounded-sm bg-trough"
      >
        {[0.25, 0.5, 0.75].map((share) => (
          <path key={share} d={`M${SIZE * share} 0V${SIZE}M0 ${SIZE * share}H${SIZE}`} stroke="var(--line)" />
        ))}
        {curve.inverse && <path d={path(curve.inverse)} fill="none" stroke="var(--muted)" strokeWidth={1.5} strokeDasharray="5 4" />}
        <path d={path(curve.outputs)} fill="none" stroke="var(--kite-text)" strokeWidth={2.5} />
      </svg>
      <p className="text-xs text-muted">
        {curve.inverse ? 'Dashed: its inverse.' : 'It has no inverse: it stands still, jumps or comes back.'}
      </p>
      <CurveFade curve={curve} />
      <CurveTable curve={curve} />
    </div>
  );
}

function path(outputs: number[]) {
  return outputs
    .map((out, input) => `${input === 0 ? 'M' : 'L'}${((SIZE * input) / 255).toFixed(1)} ${(SIZE * (1 - out)).toFixed(1)}`)
    .join('');
}

/** What a curve makes of a fade in ten steps, shown as light. */
export function CurveFade({ curve }: { curve: CurveView }) {
  return (
    <div>
      <p className="mb-1 text-xs text-muted">A fade in ten steps, as light</p>
      <ol aria-label="Light of each step" className="flex gap-0.5">
        {curve.fade.map((step) => (
          <li key={step.says} title={step.says} className="h-9 flex-1 rounded-sm border border-line" style={{ background: step.hex }}>
            <span className="sr-only">{step.says}</span>
          </li>
        ))}
      </ol>
    </div>
  );
}

/** In and out for every value of 8 bit. */
export function CurveTable({ curve }: { curve: CurveView }) {
  return (
    <details className="text-sm">
      <summary className="cursor-pointer text-muted hover:text-text">The table</summary>
      <table className="mt-1 w-full max-w-xs font-mono text-xs [&_td]:text-right [&_th]:text-right [&_th]:font-normal">
        <thead className="text-muted">
          <tr>
            <th>in</th>
            <th>out</th>
            <th>of full</th>
            <th>16 bit</th>
            {curve.inverse && <th>inverse</th>}
          </tr>
        </thead>
        <tbody>
          {curve.percents.map((percent, input) => (
            <tr key={input}>
              <td>{input}</td>
              <td>{curve.eight[input]}</td>
              <td>{percent}</td>
              <td>{curve.sixteen[input]}</td>
              {curve.inversePercents && <td>{curve.inversePercents[input]}</td>}
            </tr>
          ))}
        </tbody>
      </table>
    </details>
  );
}
