import type { CurveView } from '../api/types';

const SIZE = 200;

/** A curve drawn, with what it makes of a fade in ten steps, and its table. */
export function CurvePicture({ curve }: { curve: CurveView }) {
  const path = curve.outputs.map((out, input) => `${input === 0 ? 'M' : 'L'}${((SIZE * input) / 255).toFixed(1)} ${(SIZE * (1 - out)).toFixed(1)}`).join('');
  return (
    <div className="grid grid-cols-[13rem_minmax(0,1fr)] gap-5">
      <svg role="img" aria-label="The curve, input to the right, output upwards" viewBox={`-3 -3 ${SIZE + 6} ${SIZE + 6}`} className="w-full rounded-sm bg-trough">
        {[0.25, 0.5, 0.75].map((share) => (
          <path key={share} d={`M${SIZE * share} 0V${SIZE}M0 ${SIZE * share}H${SIZE}`} stroke="var(--line)" />
        ))}
        <path d={`M0 ${SIZE}L${SIZE} 0`} stroke="var(--line)" strokeDasharray="4 4" />
        <path d={path} fill="none" stroke="var(--kite)" strokeWidth={2.5} />
      </svg>
      <div className="flex min-w-0 flex-col gap-3">
        <div>
          <p className="mb-1 text-xs text-muted">A fade in ten steps, as light</p>
          <ol aria-label="Light of each step" className="flex gap-0.5">
            {curve.fade.map((out, step) => (
              <li key={step} title={`${10 * step} % gives ${(100 * out).toFixed(1)} %`} className="h-9 flex-1 rounded-sm border border-line" style={{ background: `color-mix(in srgb-linear, #fff ${(100 * out).toFixed(2)}%, #000)` }}>
                <span className="sr-only">{(100 * out).toFixed(0)} %</span>
              </li>
            ))}
          </ol>
        </div>
        <details className="text-sm">
          <summary className="cursor-pointer text-muted hover:text-text">The table</summary>
          <table className="mt-1 w-full font-mono text-xs">
            <thead className="text-muted">
              <tr>
                <th className="text-right font-normal">in</th>
                <th className="text-right font-normal">out</th>
                <th className="text-right font-normal">%</th>
                <th className="text-right font-normal">16 bit</th>
              </tr>
            </thead>
            <tbody>
              {curve.outputs.map((out, input) => (
                <tr key={input}>
                  <td className="text-right">{input}</td>
                  <td className="text-right">{curve.eight[input]}</td>
                  <td className="text-right">{(100 * out).toFixed(2)}</td>
                  <td className="text-right">{curve.sixteen[input]}</td>
                </tr>
              ))}
            </tbody>
          </table>
        </details>
      </div>
    </div>
  );
}
