import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import type { FunctionBar, Shelf } from '#/api/types';
import { PRESET_CURVES } from '#/parts/curve/preset-curves';
import { NumberField } from '#/ui/number-field';
import { Refusal } from '#/ui/refusal';
import { TextField } from '#/ui/text-field';
import { shelfCurveQuery, shelfQuery } from './curve-query';
import { LayForm } from './lay-form';
import { Waiting } from '#/ui/waiting';

/** The curves that are always at hand, as pictures. */
export function FromShelf({ bar, close }: { bar: FunctionBar; close: () => void }) {
  const asked = useQuery(shelfQuery);
  const shelf = asked.data;
  const [kind, setKind] = useState<Shelf>('SQUARE');
  const [parameter, setParameter] = useState('0');
  const [inverse, setInverse] = useState(false);
  const [ownName, setOwnName] = useState<string | null>(null);
  const typed = /^\d{1,3}$/.test(parameter) ? Number(parameter) : -1;
  const { data: plain } = useQuery(shelfCurveQuery(kind, typed, false));
  const { data, error } = useQuery(shelfCurveQuery(kind, typed, inverse));
  const words = PRESET_CURVES[kind];
  const name = ownName ?? `${words.text.replace(',', '')}${words.parameter ? ` ${parameter}` : ''}${inverse ? ' undone' : ''}`;
  return (
    <LayForm bar={bar} curve={error ? undefined : data} name={name} close={close}>
      <Waiting of={asked} what="The preset curves" />
      <ul aria-label="Preset curves" className="grid grid-cols-5 gap-1">
        {shelf?.map((each) => (
          <li key={each.kind}>
            <button
              type="button"
              aria-pressed={each.kind === kind}
              onClick={() => {
                setKind(each.kind);
                setParameter(String(each.usual));
                setInverse(false);
              }}
              className="flex w-full flex-col items-center gap-1 rounded-md border border-transparent p-1.5 text-xs text-muted hover:bg-raised hover:text-text aria-pressed:border-kite-text aria-pressed:text-text"
            >
              <svg aria-hidden viewBox="-2 -2 52 36" className="w-full">
                <rect x={-2} y={-2} width={52} height={36} rx={3} fill="var(--trough)" />
                <path
                  d={each.outputs
                    .map(
                      (out, i) =>
                        `${i === 0 ? 'M' : 'L'}${((48 * i) / (each.outputs.length - 1)).toFixed(1)} ${(32 * (1 - out)).toFixed(1)}`,
                    )
                    .join('')}
                  fill="none"
                  stroke="currentColor"
                  strokeWidth={1.6}
                />
              </svg>
              {PRESET_CURVES[each.kind].text}
            </button>
          </li>
        ))}
      </ul>
      <div className="flex flex-wrap items-end gap-3">
        {words.parameter && <NumberField label={words.parameter} value={parameter} onChange={setParameter} />}
        <TextField label="Name in this profile" value={name} onChange={setOwnName} maxLength={120} />
        <label className="flex min-h-9 items-center gap-2 text-sm">
          <input
            type="checkbox"
            className="accent-kite-text"
            checked={inverse}
            disabled={!inverse && (plain?.inverse ?? null) === null}
            onChange={(event) => setInverse(event.currentTarget.checked)}
          />
          {!inverse && plain && plain.inverse === null ? <span className="text-muted">It has no inverse</span> : 'Inverse'}
        </label>
      </div>
      <Refusal says={error?.message} />
    </LayForm>
  );
}
