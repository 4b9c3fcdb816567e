import { useState } from 'react';
import type { Body, CellProbe, ChannelRow } from '#/api/types';
import { useEditor, useEditorActions } from '#/editor/kit/editor-context';
import { Button } from '#/ui/button';
import { Choice } from '#/ui/choice';

/** Where the probe of single cells stands: by what the cell is called. */
export type CellProbes = Record<string, CellProbe>;

const ALL = '-';

/** The probe on every channel of the mode, as sliders: what they say is what the fixture in the picture does. */
export function ProbeStrip({ body, cells, setCells }: { body: Body; cells: CellProbes; setCells: (to: CellProbes) => void }) {
  const { draft, probe } = useEditor();
  const { setProbe, choose } = useEditorActions();
  const [cell, setCell] = useState(ALL);
  const channels = draft.map?.channels ?? [];
  const alone = body.probed.find((each) => each.called === cell);
  const shown = alone ? channels.filter((channel) => alone.channels.includes(channel.id)) : channels;
  if (channels.length === 0) return <p className="text-sm text-muted">This mode has no channels yet.</p>;
  return (
    <div className="flex flex-col gap-2">
      {body.probed.length > 0 && (
        <div className="flex items-center gap-3">
          <Choice
            fact
            label="Cell that the probe moves"
            value={alone ? cell : ALL}
            options={[
              { value: ALL, text: 'All cells alike' },
              ...body.probed.map(({ called }) => ({ value: called, text: `${called} alone` })),
            ]}
            onChoose={setCell}
          />
          {Object.keys(cells).length > 0 && (
            <Button quiet onClick={() => setCells({})}>
              Make all cells alike
            </Button>
          )}
        </div>
      )}
      <ul aria-label="Probe" className="grid grid-cols-[repeat(auto-fill,minmax(13rem,1fr))] gap-x-4 gap-y-1.5">
        {shown.map((channel) => {
          const put = (alone && putIn(alone.path, cells, channel.id)) ?? probe[channel.id];
          return (
            <Slider
              key={channel.id}
              channel={channel}
              put={put}
              onFocus={() => choose(channel.id)}
              onPut={(raw) =>
                alone ? setCells({ ...cells, [cell]: moved(alone.path, cells[cell], channel.id, raw) }) : setProbe(channel.id, raw)
              }
            />
          );
        })}
      </ul>
    </div>
  );
}

function moved(path: string[], was: CellProbe | undefined, channel: number, raw: number): CellProbe {
  return { path, values: { ...was?.values, [channel]: raw } };
}

/** Where a channel stands in a cell: as the innermost of it and the cells around it says. */
function putIn(path: string[], cells: CellProbes, channel: number) {
  const around = Object.values(cells).filter(
    (each) => each.path.every((name, i) => path[i] === name) && each.values[channel] !== undefined,
  );
  return around.sort((a, b) => b.path.length - a.path.length)[0]?.values[channel];
}

function Slider({
  channel,
  put,
  onFocus,
  onPut,
}: {
  channel: ChannelRow;
  put: number | undefined;
  onFocus: () => void;
  onPut: (raw: number) => void;
}) {
  return (
    <li>
      <label className="flex flex-col text-sm">
        <span className="flex justify-between gap-2">
          <span className="truncate" title={`${channel.pretty}, ${channel.geometry}`}>
            {channel.pretty}
          </span>
          <span className="font-mono text-xs text-muted">{put === undefined ? `start ${channel.start}` : put}</span>
        </span>
        <input
          type="range"
          aria-label={`${channel.pretty}, ${channel.geometry}`}
          min={0}
          max={channel.max}
          value={put ?? channel.start}
          onFocus={onFocus}
          onChange={(event) => onPut(Number(event.currentTarget.value))}
          className="accent-[var(--kite)]"
        />
      </label>
    </li>
  );
}
