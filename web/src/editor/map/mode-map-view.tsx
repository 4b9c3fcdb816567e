import { useVirtualizer } from '@tanstack/react-virtual';
import { memo, useEffect, useRef } from 'react';
import { Link } from 'react-router';
import type { ModeMap } from '#/api/types';
import { buttonLook } from '#/ui/button';
import { counted } from '#/ui/counted';
import { saidTail } from '#/parts/channel/said-tail';
import { Tail } from '#/parts/channel/tail';
import { AddChannels } from './add-channels';
import { CellsDialog } from './cells-dialog';
import { ChannelLine } from './channel-line';
import { useEditor } from '#/editor/kit/editor-context';
import { useChecks } from '#/editor/kit/draft-facts';
import { EditField } from '#/editor/kit/edit-field';
import { SelectionBar } from './selection-bar';
import { wholeNumber } from '#/editor/kit/typed-number';
import { FORMS, useValueForm, valueForm } from '#/editor/kit/value-form';

/** The map: every channel of the mode as a row with its range bar; the chosen one opens in place. */
export const ModeMapView = memo(function ModeMapView() {
  const { draft } = useEditor();
  const checks = useChecks(draft).findings;
  const map = draft.map;
  if (!map) {
    return (
      <main className="grid place-items-center text-center">
        <div className="flex max-w-sm flex-col items-center gap-4">
          <p className="text-muted">
            This profile has no mode yet. Read the manufacturer’s DMX chart, or add an empty mode on the left (m).
          </p>
          <Link to={`/editor/${draft.profileId}/charts`} data-key="c" className={buttonLook({ main: true })}>
            Read a chart (c)
          </Link>
        </div>
      </main>
    );
  }
  const line = draft.modes.find((mode) => mode.id === map.id);
  const miscounted = checks.some((check) => check.rule === 'chart-count' && check.mode === map.id);
  const counts = `${counted(map.channels.length, 'channel', 'channels')}, ${map.sum === '' ? counted(map.footprint, 'address', 'addresses') : map.sum}, ${map.free} left`;
  return (
    <main className="flex min-h-0 flex-col">
      <div className="shrink-0 border-b border-line px-3 py-1">
        <div className="flex items-center gap-3">
          <h2 className="sr-only">Mode {map.name}</h2>
          <span className="min-w-32 flex-1 text-lg font-semibold">
            <EditField label="Mode name" shortcut="r" value={map.name} toEdit={(to) => ({ type: 'renameMode', mode: map.id, to })} />
          </span>
          <p className="min-w-0 truncate text-sm text-muted" title={counts}>
            {counts}
          </p>
          <CellsDialog map={map} />
          <ValueForms />
        </div>
        <div className="flex items-center gap-3 text-sm">
          <span className="min-w-24 flex-1">
            <EditField
              label="What this mode is for"
              quiet
              value={map.description}
              placeholder="What this mode is for"
              toEdit={(to) => ({ type: 'describeMode', mode: map.id, to })}
            />
          </span>
          <span className={miscounted ? 'text-warning' : 'text-muted'}>
            <EditField
              label="Addresses on the chart"
              word={miscounted ? 'another count on the chart:' : 'on the chart:'}
              mono
              quiet={map.chartCount === null}
              placeholder="?"
              value={map.chartCount === null ? '' : String(map.chartCount)}
              toEdit={(text) =>
                text === ''
                  ? { type: 'setChartCount', mode: map.id, count: null }
                  : wholeNumber(text, (count) => ({ type: 'setChartCount', mode: map.id, count }))
              }
            />
          </span>
          <span className="max-w-1/2 shrink overflow-hidden">
            {line && <Tail bundles={line.tail} height={14} label={`Tail of ${map.name}: ${saidTail(line.tail)}`} />}
          </span>
        </div>
      </div>
      <AddChannels key={`add ${map.id}`} map={map} />
      <ChannelList key={map.id} map={map} />
      <SelectionBar key={`chosen ${map.id}`} map={map} />
    </main>
  );
});

/** How values are written. */
function ValueForms() {
  const form = useValueForm();
  return (
    <label className="flex items-center gap-1.5 text-muted">
      <span className="sr-only">How values are written</span>
      <select
        value={form}
        onChange={(event) => valueForm.set(FORMS.find((each) => each.value === event.currentTarget.value)?.value ?? 'VALUE')}
        className="min-h-7 rounded-sm border border-edge bg-trough px-1.5 text-sm text-text"
      >
        {FORMS.map((each) => (
          <option key={each.value} value={each.value}>
            {each.text}
          </option>
        ))}
      </select>
    </label>
  );
}

/** Height of a closed row in pixels, until it is measured. */
const ROW = 40;

/** Only the rows in sight are drawn, so that a mode of 512 channels costs no more than one of 20. */
function ChannelList({ map }: { map: ModeMap }) {
  const { draft, chosen, probe, selected } = useEditor();
  const checks = useChecks(draft).findings;
  const pane = useRef<HTMLDivElement>(null);
  const rows = useVirtualizer({
    count: map.channels.length,
    getScrollElement: () => pane.current,
    estimateSize: () => ROW,
    getItemKey: (index) => map.channels[index]?.id ?? index,
    overscan: 6,
  });
  const chosenAt = map.channels.findIndex((channel) => channel.id === chosen);
  useEffect(() => {
    // a row that is drawn brings itself into sight
    if (chosenAt >= 0 && !rows.getVirtualItems().some((row) => row.index === chosenAt)) rows.scrollToIndex(chosenAt, { align: 'start' });
  }, [chosenAt, rows]);
  return (
    <div ref={pane} className="min-h-0 flex-1 overflow-y-auto">
      {map.channels.length === 0 && (
        <p className="p-6 text-muted">
          This mode has no channels yet. Type above what the manufacturer’s chart says, one after the other or a whole run: red, green,
          blue, white, all 16 bit.
        </p>
      )}
      <ul aria-label="Channels" className="relative" style={{ height: rows.getTotalSize() }}>
        {rows.getVirtualItems().map((row) => {
          const channel = map.channels[row.index];
          return (
            channel && (
              <li
                key={row.key}
                data-index={row.index}
                ref={rows.measureElement}
                aria-setsize={map.channels.length}
                aria-posinset={row.index + 1}
                className="absolute inset-x-0"
                style={{ top: row.start }}
              >
                <ChannelLine
                  channel={channel}
                  open={channel.id === chosen}
                  selected={selected.has(channel.id)}
                  probe={probe[channel.id] ?? null}
                  loud={checks.find((check) => check.channel === channel.id && check.severity !== 'remark' && check.meant === null)}
                />
              </li>
            )
          );
        })}
      </ul>
    </div>
  );
}
