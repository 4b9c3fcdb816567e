import { useImperativeHandle, useState, type Ref } from 'react';
import type { Rig } from '#/api/types';
import { KindDrawing } from './kind-drawing';

export type Pointed = { universe: number; address: number } | null;

/**
 * What stands where the pointer is: the unit, its profile, and the channel that has the address. It is told through its handle, so that a
 * pointer that moves draws nothing else anew.
 */
export function PointedAt({ rig, ref }: { rig: Rig; ref: Ref<(at: Pointed) => void> }) {
  const [at, setAt] = useState<Pointed>(null);
  useImperativeHandle(ref, () => setAt, []);
  return (
    <p aria-hidden className="min-h-7 truncate border-b border-line bg-panel px-4 py-1 text-sm text-muted">
      {at ? (
        <At rig={rig} universe={at.universe} address={at.address} />
      ) : (
        'Point at a lane to see who has an address. Drag blocks, or move them with Alt and arrows, with Shift by a footprint.'
      )}
    </p>
  );
}

function At({ rig, universe, address }: { rig: Rig; universe: number; address: number }) {
  const there = rig.units.flatMap((unit) =>
    unit.addresses
      .filter((patch) => patch.universe === universe && patch.from <= address && patch.to >= address)
      .map((patch) => ({ unit, patch })),
  );
  const free = rig.universes.find((line) => line.universe === universe)?.free.find((each) => each.from <= address && each.to >= address);
  return (
    <>
      <span className="font-mono text-text">
        {universe}.{address}
      </span>{' '}
      {there.length === 0 && (free ? `free from ${free.from} to ${free.to}, ${free.to - free.from + 1} addresses` : 'free')}
      {there.map(({ unit, patch }, index) => {
        const kind = rig.kinds[unit.kind];
        const own = kind?.addresses.find((each) => each.dmxBreak === patch.dmxBreak && each.address === address - patch.from + 1);
        return (
          <span key={`${unit.uuid} ${patch.dmxBreak}`}>
            {index > 0 && ' · and '}
            {kind && <KindDrawing kind={kind} height={26} />}{' '}
            <span className="text-text">
              {unit.id} {unit.name}
            </span>
            , {kind?.model} {kind?.mode}, {patch.from} to {patch.to}
            {own && `: ${own.says}`}
          </span>
        );
      })}
    </>
  );
}
