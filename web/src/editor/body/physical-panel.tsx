import { useState } from 'react';
import { answer, api } from '#/api/client';
import { Problem } from '#/api/problem';
import type { Body } from '#/api/types';
import { Facts } from '#/editor/outline/facts';
import { useEditorActions } from '#/editor/kit/editor-context';
import { Button } from '#/ui/button';
import { NumberField } from '#/ui/number-field';
import { Refusal } from '#/ui/refusal';

/** Where the fixture may work, what each connector draws, and what the connectors are like. Kept as text until it is saved. */
export function PhysicalPanel({ body }: { body: Body }) {
  const { edit } = useEditorActions();
  const [typed, setTyped] = useState(body.physical);
  const [refusal, setRefusal] = useState<string | null>(null);
  const set = (key: keyof typeof typed) => (to: string) => setTyped({ ...typed, [key]: to });

  async function save() {
    try {
      setRefusal(await edit(await answer(api.POST('/api/written-physical', { body: { typed } }))));
    } catch (refused) {
      setRefusal(refused instanceof Problem ? refused.message : 'The facts could not be read; try again.');
    }
  }
  const area = (label: string, value: string, onChange: (to: string) => void, placeholder: string) => (
    <label className="flex flex-col gap-1 text-xs text-muted">
      {label}
      <textarea
        rows={3}
        value={value}
        placeholder={placeholder}
        onChange={(event) => onChange(event.currentTarget.value)}
        className="rounded-md border border-edge bg-trough p-2 font-mono text-sm text-text"
      />
    </label>
  );
  return (
    <form
      className="flex flex-col gap-2"
      onSubmit={(event) => {
        event.preventDefault();
        void save();
      }}
    >
      <div className="flex flex-wrap items-end gap-3">
        <NumberField label="Works from, °C" value={typed.lowest} onChange={set('lowest')} />
        <NumberField label="to, °C" value={typed.highest} onChange={set('highest')} />
        <NumberField label="Legs, m" value={typed.legs} onChange={set('legs')} />
        <span className="flex-1" />
        <Facts />
        <Button type="submit">Save</Button>
      </div>
      <Refusal says={refusal} />
      <div className="grid grid-cols-2 gap-3 max-[900px]:grid-cols-1">
        {area(
          'Power, one connector a line: name; W; power factor; V from; V to; Hz from; Hz to',
          typed.supplies,
          set('supplies'),
          'Power in; 470; 0.95; 100; 240; 50; 60',
        )}
        {area(
          'Connectors, one a line: name; type; DMX break; female, universal or male; cable m',
          typed.plugs,
          set('plugs'),
          'DMX in; XLR5; 1; male; 0',
        )}
      </div>
    </form>
  );
}
