import type { Hands, HandsMoved } from '#/api/types';
import { Swatch } from './swatch';

/** What the last change passed over on its way, and whether the channel should snap instead. */
export function Passed({ hands, passed }: { hands: Hands; passed: HandsMoved['passed'] }) {
  if (passed.length === 0) return null;
  return (
    <section aria-label="Passed over" className="flex flex-col gap-2 text-sm">
      <h3 className="font-semibold">On the way</h3>
      <ul className="flex flex-col gap-2">
        {passed.map((each) => {
          const channel = hands.channels[each.channel];
          const ranges = channel?.functions.flatMap((of) => of.ranges) ?? [];
          return (
            <li key={each.channel}>
              <p>
                {channel?.pretty ?? each.name}
                <span className="text-muted">
                  {each.snaps ? ' snaps: nothing of this is shown' : ' passes over these; let it snap, or fade with the light out'}
                </span>
              </p>
              <ol className="mt-1 flex flex-wrap items-center gap-1">
                {each.ranges.map((name) => (
                  <li key={name} className="inline-flex items-center gap-1 rounded-sm border border-line px-1.5 py-0.5">
                    <Swatch of={ranges.find((range) => range.name === name) ?? { color: null, picture: null }} />
                    {name}
                  </li>
                ))}
              </ol>
            </li>
          );
        })}
      </ul>
    </section>
  );
}
