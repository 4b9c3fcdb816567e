import type { CurveView, FunctionBar } from '#/api/types';
import { useCurveChanges } from './curve-query';

/** What a curve would change, at a quarter, the half and three quarters of each function that runs through it. */
export function CurveChanges({ name, bar, pieces }: { name: string; bar: FunctionBar; pieces: CurveView['pieces'] }) {
  const { data } = useCurveChanges(name, bar.id, pieces);
  if (!data || data.length === 0) return null;
  return (
    <section aria-label="What it changes">
      <h3 className="mb-1 text-xs font-semibold text-muted">What it changes</h3>
      <table className="w-full text-sm">
        {data.map((change) => (
          <tbody key={change.where}>
            <tr>
              <th colSpan={3} className="truncate pt-1 text-left font-normal">
                {change.where}
              </th>
            </tr>
            {change.values.map((value) => (
              <tr key={value.raw} className="[&>td]:text-right [&>td]:font-mono">
                <td className="text-muted">{value.raw}</td>
                <td className={value.before === value.after ? 'text-muted' : 'text-muted line-through'}>{value.before}</td>
                <td>{value.before === value.after ? <span className="font-sans text-muted">stays</span> : value.after}</td>
              </tr>
            ))}
          </tbody>
        ))}
      </table>
    </section>
  );
}
