import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { answer, api } from '#/api/client';
import type { ChannelAdjustment, Rig, RigEdit, UnitAdjustments } from '#/api/types';
import { Button } from '#/ui/button';
import { Check } from '#/ui/check';
import { Refusal } from '#/ui/refusal';
import { Waiting } from '#/ui/waiting';
import { PathStep } from './path-step';
import { Percent } from './percent';
import type { UnitSelection } from './use-units';

/** What the selected units do differently from their profile: for one channel the steps from its level to DMX, each with its value now. */
export function UnitPath({
  rig,
  selection,
  onSend,
}: {
  rig: Rig;
  selection: UnitSelection;
  onSend: (edit: RigEdit) => Promise<string | null>;
}) {
  const [unit] = selection.selected;
  const [channel, setChannel] = useState(0);
  const [level, setLevel] = useState<number | null>(null);
  const [refusal, setRefusal] = useState<string | null>(null);
  const uuid = unit?.uuid ?? '';
  const asked = useQuery({
    queryKey: ['rig', rig.id, 'path', rig.version, uuid, channel, level],
    queryFn: () =>
      answer(
        api.GET('/api/rigs/{rigId}/units/{uuid}/path', {
          params: { path: { rigId: rig.id, uuid }, query: { channel, ...(level === null ? {} : { level }) } },
        }),
      ),
    enabled: unit !== undefined,
    placeholderData: keepPreviousData,
    retry: false,
  });
  if (!unit) return <p className="p-4 text-sm text-muted">Select a unit to see its path from level to DMX.</p>;
  const path = asked.data;
  if (!path)
    return <div className="p-4">{asked.error ? <Refusal says={asked.error.message} /> : <Waiting of={asked} what="The path" />}</div>;
  const units = selection.selected.map((each) => each.uuid);

  async function send(edit: RigEdit) {
    setRefusal(await onSend(edit));
  }
  function adjust(change: Partial<ChannelAdjustment>) {
    if (path) void send({ type: 'adjustChannel', units, channel: path.key, to: { ...path.own, ...change } });
  }
  function whole(change: Partial<UnitAdjustments>) {
    if (!path) return;
    const { swapPanTilt, outsideMaster, warmUp, startAtZero } = { ...path.adjustments, ...change };
    void send({ type: 'adjustUnits', units, swapPanTilt, outsideMaster, warmUp, startAtZero });
  }

  return (
    <div className="flex flex-col gap-3 p-4 text-sm">
      <label className="flex flex-col gap-1">
        <span className="text-xs text-muted">
          Channel of {unit.id} {unit.name}
        </span>
        <select
          value={channel}
          className="min-h-8 rounded-md border border-edge bg-trough px-2"
          onChange={(event) => {
            setChannel(Number(event.currentTarget.value));
            setLevel(null);
          }}
        >
          {path.reading.channels.map((each, index) => (
            <option key={index} value={index}>
              {each.attribute}, {each.name}
              {each.adjusted ? ' (adjusted)' : ''}
            </option>
          ))}
        </select>
      </label>
      <label className="flex flex-col gap-1">
        <span className="text-xs text-muted">Level asked for: {(path.level * 100).toFixed(1)} %</span>
        <input
          type="range"
          min={0}
          max={1}
          step={0.005}
          value={level ?? path.level}
          className="accent-kite"
          onChange={(event) => setLevel(Number(event.currentTarget.value))}
        />
      </label>
      <ol aria-label="Path" className="flex flex-col">
        {path.reading.steps.map((step) => (
          <PathStep
            key={step.step}
            rigId={rig.id}
            unit={unit.uuid}
            step={step}
            own={path.own}
            adjustments={path.adjustments}
            onAdjust={adjust}
            onWhole={whole}
          />
        ))}
      </ol>
      <div className="flex flex-wrap items-end gap-3">
        <Percent label="Start value" value={path.own.start} empty={null} onChange={(start) => adjust({ start })} />
        <label className="flex flex-col gap-0.5 text-xs text-muted">
          Snap or fade
          <select
            value={path.own.snap === null ? '' : path.own.snap ? 'snap' : 'fade'}
            className="min-h-7 rounded-sm border border-edge bg-trough px-1 text-sm text-text"
            onChange={(event) => {
              const to = event.currentTarget.value;
              adjust({ snap: to === '' ? null : to === 'snap' });
            }}
          >
            <option value="">as the profile</option>
            <option value="snap">snaps</option>
            <option value="fade">fades</option>
          </select>
        </label>
      </div>
      <Check checked={path.adjustments.startAtZero} onChange={(startAtZero) => whole({ startAtZero })}>
        Channels begin at 0 instead of the profile’s start values
      </Check>
      <Refusal says={refusal} />
      <div className="flex flex-wrap gap-2">
        {units.length > 1 && (
          <Button onClick={() => void send({ type: 'setAdjustments', units, to: path.adjustments })}>
            Apply this path to {units.length} units
          </Button>
        )}
        <CopyPath rig={rig} units={units} onSend={send} />
        <Button quiet disabled={unit.differs.length === 0} onClick={() => void send({ type: 'setAdjustments', units, to: NOTHING })}>
          As the profile
        </Button>
      </div>
    </div>
  );
}

const NOTHING: UnitAdjustments = { swapPanTilt: false, outsideMaster: false, warmUp: null, startAtZero: false, channels: {} };

/** Lays the path of another unit, one that differs from its profile, onto the selected ones. */
function CopyPath({ rig, units, onSend }: { rig: Rig; units: string[]; onSend: (edit: RigEdit) => Promise<void> }) {
  const others = rig.units.filter((each) => each.differs.length > 0 && !units.includes(each.uuid));
  if (others.length === 0) return null;
  async function copy(uuid: string) {
    const { adjustments } = await answer(api.GET('/api/rigs/{rigId}/units/{uuid}/path', { params: { path: { rigId: rig.id, uuid } } }));
    await onSend({ type: 'setAdjustments', units, to: adjustments });
  }
  return (
    <select
      aria-label="Copy the path of another unit"
      value=""
      className="min-h-8 max-w-full rounded-md border border-edge bg-trough px-2"
      onChange={(event) => void copy(event.currentTarget.value)}
    >
      <option value="">Copy from unit …</option>
      {others.map((each) => (
        <option key={each.uuid} value={each.uuid}>
          {each.id} {each.name}: {each.differs.map((mark) => mark.says).join(', ')}
        </option>
      ))}
    </select>
  );
}
