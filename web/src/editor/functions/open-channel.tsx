import { useState } from 'react';
import type { ChannelRow } from '#/api/types';
import { useChecks } from '#/editor/kit/draft-facts';
import { useEditor } from '#/editor/kit/editor-context';
import { InAllSituations } from '#/editor/kit/in-all-situations';
import { useValueForm, written } from '#/editor/kit/value-form';
import { SeveritySign } from '#/ui/severity-sign';
import { LINE } from '#/editor/kit/line';
import { ChannelSettings } from './channel-settings';
import { FunctionTable } from './function-table';

/** The chosen channel, opened under its row: ruler, one line of what it does, and its functions with their named ranges. */
export function OpenChannel({ channel }: { channel: ChannelRow }) {
  const { draft, probe } = useEditor();
  const findings = useChecks(draft).findings.filter(
    (check) => check.channel === channel.id && check.severity !== 'remark' && check.meant === null,
  );
  const functions = channel.functions.filter((bar) => bar.alsoOf === null);
  const at = probe[channel.id];
  const [taken, setTaken] = useState<{ function: number; probe: number | undefined } | null>(null);
  // the function in hand is the one that was taken last: by its sign, or by the probe
  const probed = functions.find((bar) => at !== undefined && bar.from <= at && at <= bar.to);
  const byHand = taken && taken.probe === at ? functions.find((bar) => bar.id === taken.function) : undefined;
  const inHand = byHand ?? probed ?? functions[0];
  return (
    <div className="px-3.5 pb-3">
      <Ruler max={channel.max} bytes={channel.bytes} />
      {findings.map((check, index) => (
        <p key={index} className={`mt-0.5 flex gap-1 text-sm ${check.severity === 'error' ? 'text-error' : 'text-warning'}`}>
          <SeveritySign severity={check.severity} />
          {check.says}
        </p>
      ))}
      {channel.places.length > 0 && <Places places={channel.places} />}
      <ChannelSettings channel={channel} />
      {functions.length === 0 && (
        <p className="mt-2 text-sm text-warning">
          No function says what this channel does yet. Choose its attribute above, or apply a stencil to it.
        </p>
      )}
      <div className="mt-1 flex flex-col overflow-x-auto [&>section]:min-w-136">
        {functions.map((bar, index) => (
          <InAllSituations key={bar.id} bar={bar}>
            <FunctionTable
              channel={channel}
              bar={bar}
              headed={index === 0}
              inHand={bar.id === inHand?.id}
              onTake={() => setTaken({ function: bar.id, probe: at })}
            />
          </InAllSituations>
        ))}
      </div>
    </div>
  );
}

/** Where each cell has this channel: a table by number, laid out as the cells are. */
function Places({ places }: { places: ChannelRow['places'] }) {
  const columns = 1 + Math.max(...places.map((place) => place.column));
  const row = columns > 12; // a long batten is read in lines
  return (
    <details className="mt-1 text-sm">
      <summary className="cursor-pointer text-muted hover:text-text">{places.length} cells and their addresses</summary>
      <ol
        aria-label="Addresses by cell"
        className="mt-1 grid gap-1 overflow-x-auto font-mono"
        style={{ gridTemplateColumns: row ? 'repeat(auto-fill, minmax(5.5rem, 1fr))' : `repeat(${columns}, minmax(3.25rem, 6rem))` }}
      >
        {places.map((place, index) => (
          <li
            key={index}
            className="rounded-sm border border-line px-1.5 py-0.5"
            style={row ? undefined : { gridColumn: place.column + 1, gridRow: place.row + 1 }}
          >
            <span className="text-xs text-muted">{index + 1}</span> {place.addresses.join(', ')}
          </li>
        ))}
      </ol>
    </details>
  );
}

const TICKS = [0, 0.25, 0.5, 0.75, 1];

/** Values along the bar: it stands in the bar's own column. */
function Ruler({ max, bytes }: { max: number; bytes: number }) {
  const form = useValueForm();
  return (
    <div aria-hidden className={`-mx-3.5 grid ${LINE}`}>
      <span className="col-start-4 -mt-1 flex justify-between font-mono text-xs text-muted">
        {TICKS.map((tick) => (
          <span key={tick}>{written(tick === 1 ? max : Math.floor(tick * (max + 1)), bytes, form)}</span>
        ))}
      </span>
    </div>
  );
}
