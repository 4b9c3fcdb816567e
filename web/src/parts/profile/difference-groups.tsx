import type { ComparisonView, DifferenceLine } from '#/api/types';
import { counted } from '#/ui/counted';
import { SheetBar } from '#/parts/channel/sheet-bar';
import { rankOf } from './ranks';

/** Differences by mode, the worst first in each; those of one channel stand with its two bars. */
export function DifferenceGroups({ data, shown }: { data: ComparisonView; shown: DifferenceLine[] }) {
  const modes = [...new Set(shown.map((each) => each.mode))].sort((a, b) => (a === '' ? 1 : b === '' ? -1 : 0));
  return modes.map((mode) => {
    const here = shown.filter((each) => each.mode === mode);
    return (
      <section key={mode} aria-label={mode === '' ? 'The profile as a whole' : `Mode ${mode}`}>
        <h2 className="mb-1 font-semibold">
          {mode === '' ? 'The profile as a whole' : `Mode ${mode}`}{' '}
          <span className="ml-1 text-sm font-normal text-muted">{counted(here.length, 'difference', 'differences')}</span>
        </h2>
        <ul>
          {byChannel(here).map((group) => (
            <Group key={`${group[0]?.left} ${group[0]?.right} ${group[0]?.where}`} data={data} group={group} />
          ))}
        </ul>
      </section>
    );
  });
}

/** Keeps what is about one channel together, where its worst difference stands. */
function byChannel(differences: DifferenceLine[]): DifferenceLine[][] {
  const groups = new Map<string, DifferenceLine[]>();
  differences.forEach((each, index) => {
    const key = each.left === null && each.right === null ? `alone ${index}` : `${each.left} ${each.right}`;
    groups.set(key, [...(groups.get(key) ?? []), each]);
  });
  return [...groups.values()];
}

function Group({ data, group }: { data: ComparisonView; group: DifferenceLine[] }) {
  const first = group[0];
  if (!first) return null;
  const left = first.left === null ? undefined : data.leftLines[String(first.left)];
  const right = first.right === null ? undefined : data.rightLines[String(first.right)];
  return (
    <li className="border-t border-line py-2.5">
      <ul className="flex flex-col gap-1.5">
        {group.map((each, index) => (
          <Line key={index} difference={each} />
        ))}
      </ul>
      {(left ?? right) && (
        <div className="mt-2 grid grid-cols-2 gap-5 pl-7">
          {left ? <SheetBar line={left} /> : <p className="text-xs text-muted">not there before</p>}
          {right ? <SheetBar line={right} /> : <p className="text-xs text-muted">not there any more</p>}
        </div>
      )}
    </li>
  );
}

function Line({ difference }: { difference: DifferenceLine }) {
  const { sign, text, tone } = rankOf(difference.rank);
  return (
    <li className="grid grid-cols-[1.25rem_minmax(0,1fr)] gap-x-2 text-sm">
      <span title={text} className={`text-center font-mono ${tone}`}>
        <span aria-hidden>{sign}</span>
        <span className="sr-only">{text}</span>
      </span>
      <div>
        <p>
          <span className="text-muted">{difference.where}:</span> <span>{difference.says}</span>
        </p>
        {(difference.leftPicture ?? difference.rightPicture) !== null && (
          <div className="mt-1.5 flex items-center gap-3">
            <Picture source={difference.leftPicture} text="before" />
            <span aria-hidden className="text-muted">
              →
            </span>
            <Picture source={difference.rightPicture} text="after" />
          </div>
        )}
      </div>
    </li>
  );
}

function Picture({ source, text }: { source: string | null; text: string }) {
  return source === null ? (
    <span className="grid size-16 place-items-center rounded-full border border-line text-xs text-muted">none</span>
  ) : (
    <img src={source} alt={`The slot ${text}`} className="size-16 rounded-full bg-black" />
  );
}
