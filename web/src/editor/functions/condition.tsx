import { useState } from 'react';
import type { Edit, FunctionBar } from '#/api/types';
import { calledIn } from '#/editor/kit/called-in';
import { useEditor } from '#/editor/kit/editor-context';
import { PanelForm } from '#/editor/kit/panel-form';
import { readValue, useValueForm, written } from '#/editor/kit/value-form';
import { Check } from '#/ui/check';
import { Choice } from '#/ui/choice';
import { NumberField } from '#/ui/number-field';
import type { FunctionPanel } from './function-panel';

type Span = Pick<FunctionBar, 'id' | 'name' | 'from' | 'to'>;

/** In which situations a function is active: while a master stands in some of its values. */
export function Condition({ channel, bar, close }: FunctionPanel) {
  const { draft } = useEditor();
  const [master, setMaster] = useState(bar.modeMaster === null ? 'always' : String(bar.modeMaster));
  const [also, setAlso] = useState(false);
  const form = useValueForm();
  const others = draft.map?.channels.filter((each) => each.id !== channel.id) ?? [];
  const row = others.find((each) => String(each.id) === master);
  const [from, setFrom] = useState(written(bar.modeFrom, row?.bytes ?? 1, form));
  const [to, setTo] = useState(written(bar.modeTo, row?.bytes ?? 1, form));
  function choose(next: string) {
    setMaster(next);
    const chosen = others.find((each) => String(each.id) === next);
    setFrom(written(0, chosen?.bytes ?? 1, form));
    setTo(written(chosen?.max ?? 0, chosen?.bytes ?? 1, form));
  }
  const spans = row?.functions.flatMap((each): Span[] => (each.ranges.length > 0 ? each.ranges : [each])) ?? [];
  async function toEdit(): Promise<Edit | string> {
    if (!row) return { type: 'setModeMaster', function: bar.id, master: null, from: 0, to: 0 };
    const [first, last] = [await readValue(from.trim(), row.bytes, form), await readValue(to.trim(), row.bytes, form)];
    if (typeof first === 'string') return first;
    if (typeof last === 'string') return last;
    return also
      ? { type: 'alsoWhile', function: bar.id, master: row.id, from: first, to: last }
      : { type: 'setModeMaster', function: bar.id, master: row.id, from: first, to: last };
  }

  return (
    <PanelForm submit="Set" close={close} toEdit={toEdit}>
      <Choice
        label="Active"
        value={master}
        options={[
          { value: 'always', text: 'Always' },
          ...others.map((each) => ({ value: String(each.id), text: `while ${calledIn(each)} is` })),
        ]}
        onChoose={choose}
      />
      {row && (
        <>
          <div className="flex flex-wrap gap-1.5" role="group" aria-label="Ranges of the master">
            {spans.map((span) => (
              <button
                key={span.id}
                type="button"
                onClick={() => {
                  setFrom(written(span.from, row.bytes, form));
                  setTo(written(span.to, row.bytes, form));
                }}
                className="rounded-sm border border-line px-1.5 text-sm text-muted hover:text-text"
              >
                {span.name || `from ${span.from}`}
              </button>
            ))}
          </div>
          <div className="flex gap-3">
            <NumberField label="From" value={from} onChange={setFrom} />
            <NumberField label="To" value={to} onChange={setTo} />
          </div>
          {bar.modeMaster !== null && (
            <Check checked={also} onChange={setAlso}>
              {`Also active then, besides ${bar.when}`}
            </Check>
          )}
        </>
      )}
    </PanelForm>
  );
}
