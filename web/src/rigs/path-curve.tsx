import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { answer, api } from '#/api/client';
import type { ChannelAdjustment, UnitCurve } from '#/api/types';
import { PRESET_CURVES } from '#/parts/curve/preset-curves';
import { Typed } from '#/ui/typed';
import { percent } from './percent';

const SIDE = 30;
type Knots = ChannelAdjustment['curve'];

/** The curve of a step: one of the presets or of the profile, or points of one's own. */
export function PathCurve({ rigId, unit, curve, onChange }: { rigId: string; unit: string; curve: Knots; onChange: (to: Knots) => void }) {
  const [choosing, setChoosing] = useState(false);
  const { data } = useQuery({
    queryKey: ['rig', rigId, 'curves', unit],
    queryFn: () => answer(api.GET('/api/rigs/{rigId}/units/{uuid}/curves', { params: { path: { rigId, uuid: unit } } })),
    enabled: choosing,
  });
  return (
    <div className="flex flex-col gap-1.5">
      <Typed
        label="Curve points"
        value={curve.map((knot) => `${percent(knot.in)}:${percent(knot.out)}`).join(' ')}
        placeholder="none; such as 0:0 50:25 100:100"
        onSend={(text) => {
          const typed = points(text);
          if (typed === null) return 'Pairs of percent, from left to right, such as 0:0 50:25 100:100.';
          onChange(typed);
          return null;
        }}
      />
      <button
        type="button"
        aria-expanded={choosing}
        className="self-start text-xs underline underline-offset-2"
        onClick={() => setChoosing(!choosing)}
      >
        Preset curves and the profile’s
      </button>
      {choosing && (
        <ul aria-label="Curves" className="grid grid-cols-3 gap-1">
          {data?.map((each) => (
            <li key={`${each.preset} ${each.name}`}>
              <button
                type="button"
                title={nameOf(each)}
                className="flex w-full flex-col items-center gap-0.5 rounded-md p-1 text-xs text-muted hover:bg-raised hover:text-text"
                onClick={() => {
                  onChange(each.knots);
                  setChoosing(false);
                }}
              >
                <svg aria-hidden viewBox={`-1 -1 ${SIDE + 2} ${SIDE + 2}`} className="w-full rounded-sm bg-trough">
                  <polyline
                    points={each.knots.map((knot) => `${knot.in * SIDE},${SIDE - knot.out * SIDE}`).join(' ')}
                    fill="none"
                    stroke="var(--kite-text)"
                    strokeWidth={1.5}
                  />
                </svg>
                <span className="w-full truncate text-center">{nameOf(each)}</span>
              </button>
            </li>
          ))}
        </ul>
      )}
    </div>
  );
}

function nameOf({ preset, name }: UnitCurve) {
  return preset ? PRESET_CURVES[preset].text : name;
}

/** @returns null if it is none */
function points(text: string) {
  const pairs = text.split(/[\s,;]+/).filter((pair) => pair !== '');
  const knots = pairs.map((pair) => {
    const [left = '', right = ''] = pair.split(':');
    return { in: Number(left) / 100, out: Number(right) / 100 };
  });
  return pairs.every((pair) => /^[\d.]+:[\d.]+$/.test(pair)) ? knots : null;
}
