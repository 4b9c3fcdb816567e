import { Merge, Scissors } from 'lucide-react';
import type { ChartChannel, ChartFunction } from '#/api/types';
import { AttributePicker } from '#/parts/attribute/attribute-picker';
import { readPhysical } from '#/parts/number/physical';
import { useChart } from './chart-context';
import { Typed } from '#/ui/typed';

/** The functions of a channel: boundaries, what each does, what its ends are. */
export function FunctionRows({ channel }: { channel: ChartChannel }) {
  return (
    <table className="w-full text-sm" aria-label={`Functions of ${channel.words}`}>
      <thead className="text-left text-xs text-muted">
        <tr>
          <th className="pr-2 font-normal">From</th>
          <th className="pr-2 font-normal">To</th>
          <th className="pr-2 font-normal">Attribute</th>
          <th className="pr-2 font-normal">Physical, first to last</th>
          <th>
            <span className="sr-only">Actions</span>
          </th>
        </tr>
      </thead>
      <tbody>
        {channel.functions.map((each) => (
          <FunctionRow key={each.index} channel={channel} each={each} />
        ))}
      </tbody>
    </table>
  );
}

function FunctionRow({ channel, each }: { channel: ChartChannel; each: ChartFunction }) {
  const { chart, correct } = useChart();
  const called = `'${each.name}' of ${channel.words}`;
  const ends = async (from: number | string, to: number | string) => {
    if (typeof from === 'string') return from;
    return typeof to === 'string'
      ? to
      : correct({ type: 'chooseEnds', channel: channel.key, function: each.index, physicalFrom: from, physicalTo: to });
  };
  return (
    <>
      <tr className="align-top">
        <td className="py-0.5 pr-2">
          <Typed
            label={`First value of ${called}`}
            mono
            width="w-16"
            value={String(each.from)}
            onSend={(text) =>
              /^\d{1,10}$/.test(text)
                ? correct({ type: 'moveBoundary', channel: channel.key, function: each.index, from: Number(text) })
                : 'Type a whole number, such as 128.'
            }
          />
        </td>
        <td className="py-1.5 pr-2 font-mono text-muted">{each.to}</td>
        <td className="max-w-40 py-0.5 pr-2 [&_span.text-xs]:sr-only">
          <AttributePicker
            label={`Attribute of ${called}`}
            place={{ draft: chart.draftId, version: chart.draftVersion, mode: 0 }}
            value={each.pretty}
            onChoose={(attribute) =>
              void correct({ type: 'chooseFunctionAttribute', channel: channel.key, function: each.index, attribute })
            }
          />
        </td>
        <td className="py-0.5 pr-2 whitespace-nowrap">
          {each.wheel !== '' && each.unit === '' ? null : each.unit === '' && each.physicalFrom.value === each.physicalTo.value ? (
            <span className="inline-block py-1 text-muted">{each.attribute === 'NoFeature' ? '' : each.physicalFrom.text}</span>
          ) : (
            <span className="flex items-center">
              <Typed
                label={`Physical value at ${each.from}`}
                look={each.assumed ? 'assumed' : 'field'}
                mono
                width="w-16"
                value={each.physicalFrom.text}
                onSend={async (text) => ends(await readPhysical(text, each.unit), each.physicalTo.value)}
              />
              <span className="px-1 text-muted">to</span>
              <Typed
                label={`Physical value at ${each.to}`}
                look={each.assumed ? 'assumed' : 'field'}
                mono
                width="w-16"
                value={each.physicalTo.text}
                onSend={async (text) => ends(each.physicalFrom.value, await readPhysical(text, each.unit))}
              />
              <span className="pl-1.5 text-muted">{each.unit}</span>
              {each.assumed && each.unit !== '' && (
                <button
                  type="button"
                  title="These are the usual ends; press to confirm them"
                  onClick={() => void ends(each.physicalFrom.value, each.physicalTo.value)}
                  className="ml-1.5 rounded-sm border border-dashed border-warning px-1 text-xs text-warning hover:bg-raised"
                >
                  assumed
                </button>
              )}
            </span>
          )}
        </td>
        <td className="py-0.5 text-right whitespace-nowrap">
          <button
            type="button"
            aria-label={`Split ${called} in the middle`}
            title="Split in the middle"
            disabled={each.to === each.from}
            onClick={() =>
              void correct({
                type: 'splitFunction',
                channel: channel.key,
                function: each.index,
                at: Math.ceil((each.from + each.to + 1) / 2),
              })
            }
            className="inline-grid size-7 place-items-center rounded-sm text-muted hover:bg-raised hover:text-text disabled:opacity-40"
          >
            <Scissors size={14} aria-hidden />
          </button>
          <button
            type="button"
            aria-label={`Join ${called} with the one before`}
            title="Join with the one before"
            disabled={each.index === 0}
            onClick={() => void correct({ type: 'joinFunction', channel: channel.key, function: each.index })}
            className="inline-grid size-7 place-items-center rounded-sm text-muted hover:bg-raised hover:text-text disabled:opacity-40"
          >
            <Merge size={14} aria-hidden />
          </button>
        </td>
      </tr>
      {(each.when !== '' || each.wheel !== '' || each.ranges.length > 0 || each.name !== each.pretty) && (
        <tr>
          <td colSpan={5} className="pb-1.5 text-xs text-muted">
            {[`'${each.name}'`, each.when, each.wheel].filter((part) => part !== '').join(' · ')}
            {each.ranges.length > 1 && (
              <span className="mt-0.5 flex flex-wrap gap-x-3 gap-y-0.5">
                {each.ranges.map((range) => (
                  <span key={range.from} className="inline-flex items-center gap-1">
                    {range.color !== '' && (
                      <span aria-hidden className="size-2.5 rounded-full border border-line" style={{ background: range.color }} />
                    )}
                    <span className="font-mono">{`${range.from}-${range.to}`}</span>
                    {range.name}
                  </span>
                ))}
              </span>
            )}
          </td>
        </tr>
      )}
    </>
  );
}
