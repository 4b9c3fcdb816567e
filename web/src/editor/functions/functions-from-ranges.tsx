import { useState } from 'react';
import { PanelForm } from '#/editor/kit/panel-form';
import { counted } from '#/ui/counted';
import type { FunctionPanel } from './function-panel';

/** Named ranges that are chosen become functions of their own, by what their words say. */
export function FunctionsFromRanges({ bar, close }: FunctionPanel) {
  const [left, setLeft] = useState<ReadonlySet<number>>(new Set());
  const named = bar.ranges.filter((range) => range.name !== '');
  const chosen = named.filter((range) => !left.has(range.id));
  return (
    <PanelForm
      submit={`Make ${counted(chosen.length, 'range', 'ranges')} functions`}
      close={close}
      toEdit={() =>
        chosen.length === 0
          ? 'Choose at least one range.'
          : { type: 'rangesToFunctions', function: bar.id, ranges: chosen.map((range) => range.id) }
      }
    >
      <p className="text-sm text-muted">
        Attribute, direction and numbers are read from the words; ranges of one meaning share a function.
      </p>
      <ul className="flex flex-col gap-1 text-sm">
        {named.map((range) => (
          <li key={range.id}>
            <label className="flex items-center gap-2">
              <input
                type="checkbox"
                className="accent-kite-text"
                checked={!left.has(range.id)}
                onChange={(event) => {
                  const next = new Set(left);
                  if (event.currentTarget.checked) next.delete(range.id);
                  else next.add(range.id);
                  setLeft(next);
                }}
              />
              <span className="font-mono text-xs text-muted">{`${range.from}-${range.to}`}</span>
              <span className="truncate">{range.name}</span>
            </label>
          </li>
        ))}
      </ul>
    </PanelForm>
  );
}
