import type { ChartChannel, ChartFunction } from '#/api/types';
import { layered } from '#/ui/layers';
import { groupColor } from '#/parts/channel/pennant';

/** The span of a channel with its functions and ranges to scale, as the editor draws it. */
export function ChartBar({ channel }: { channel: ChartChannel }) {
  const span = channel.max + 1;
  const rows = layered(channel.functions);
  const height = 22 / rows.length;
  return (
    <span className="relative block h-[26px] pb-1" aria-hidden>
      <span className="relative block h-[22px] overflow-hidden rounded-sm bg-trough">
        {rows.map((functions, row) =>
          functions.map((each) => (
            <span
              key={each.index}
              title={labelOf(each)}
              className="absolute overflow-hidden rounded-[2px] border-t-2"
              style={{
                left: `${(100 * each.from) / span}%`,
                width: `max(2px, calc(${(100 * (each.to - each.from + 1)) / span}% - 1px))`,
                top: row * height,
                height,
                borderColor: groupColor(each.attribute === 'NoFeature' ? '' : channel.featureGroup),
                background:
                  each.attribute === 'NoFeature'
                    ? 'transparent'
                    : `color-mix(in oklch, ${groupColor(channel.featureGroup)} var(--tint), var(--ground))`,
              }}
            >
              {each.ranges
                .filter((range) => range.color !== '')
                .map((range) => (
                  <span
                    key={range.from}
                    className="absolute bottom-0 h-1.25"
                    style={{
                      left: `${(100 * (range.from - each.from)) / (each.to - each.from + 1)}%`,
                      width: `${(100 * (range.to - range.from + 1)) / (each.to - each.from + 1)}%`,
                      background: range.color,
                    }}
                  />
                ))}
              {each.ranges
                .filter((range) => range.from > each.from)
                .map((range) => (
                  <span
                    key={`e${range.from}`}
                    className="absolute top-1/4 h-3/4 w-px opacity-70"
                    style={{
                      left: `${(100 * (range.from - each.from)) / (each.to - each.from + 1)}%`,
                      background: groupColor(channel.featureGroup),
                    }}
                  />
                ))}
              {rows.length === 1 && (
                <span className="absolute inset-y-0 left-1.5 flex items-center text-xs whitespace-nowrap">{each.name}</span>
              )}
            </span>
          )),
        )}
      </span>
      {channel.start !== null && (
        <svg
          className="absolute bottom-0 -translate-x-1/2"
          style={{ left: `${(100 * (channel.start + 0.5)) / span}%` }}
          width={9}
          height={8}
          viewBox="-1 -1 9 8"
        >
          <path d="M3.5 0 7 5.5H0Z" fill="var(--text)" stroke="var(--text)" />
        </svg>
      )}
    </span>
  );
}

function labelOf(each: ChartFunction) {
  return `${each.from} to ${each.to}: ${each.name}`;
}
