import type { ChannelRow } from '#/api/types';
import { ChannelSettings } from './channel-settings';
import { useDesk } from '#/editor/kit/editor-context';
import { useChecks } from '#/editor/kit/editor-query';
import { FunctionTable } from './function-table';
import { InAllSituations } from '#/editor/kit/in-all-situations';
import { useValueForm, written } from '#/editor/kit/value-form';

/** The chosen channel, opened under its row: ruler, settings, and a table of its functions and named ranges. */
export function OpenChannel({ channel }: { channel: ChannelRow }) {
  const { draft } = useDesk();
  const findings = useChecks(draft).filter((check) => check.channel === channel.id && check.severity !== 'remark' && check.meant === null);
  return (
    <div className="pr-4 pb-4 pl-4">
      <Ruler max={channel.max} bytes={channel.bytes} />
      {findings.map((check, index) => (
        <p key={index} className={`mt-1 text-sm ${check.severity === 'error' ? 'text-error' : 'text-warning'}`}>
          {check.says}
        </p>
      ))}
      {channel.places.length > 0 && <Places places={channel.places} />}
      <ChannelSettings channel={channel} />
      {channel.functions.length === 0 && (
        <p className="mt-2 text-sm text-warning">
          No function says what this channel does yet. Choose its attribute above, or lay a stencil onto it.
        </p>
      )}
      <div className="mt-3 flex flex-col gap-4">
        {channel.functions
          .filter((bar) => bar.alsoOf === null)
          .map((bar, index) => (
            <InAllSituations key={bar.id} bar={bar}>
              <FunctionTable channel={channel} bar={bar} headed={index === 0} />
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

/** Values along the bar: it stands in the bar's own column. */
function Ruler({ max, bytes }: { max: number; bytes: number }) {
  const form = useValueForm();
  const ticks = [0, 0.25, 0.5, 0.75, 1];
  return (
    <div aria-hidden className="-mr-4 -ml-4 grid pr-3 grid-cols-[5.25rem_1.5rem_minmax(7rem,11rem)_minmax(0,1fr)_3.5rem] gap-2.5 pl-3.5">
      <span className="col-start-4 flex justify-between font-mono text-xs text-muted">
        {ticks.map((tick) => (
          <span key={tick}>{written(tick === 1 ? max : Math.floor(tick * (max + 1)), bytes, form)}</span>
        ))}
      </span>
    </div>
  );
}
