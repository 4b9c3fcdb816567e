import { useState } from 'react';
import type { Body } from '#/api/types';
import { Facts } from '#/editor/outline/facts';
import { useEditorActions } from '#/editor/kit/editor-context';
import { Button } from '#/ui/button';
import { NumberField } from '#/ui/number-field';
import { Refusal } from '#/ui/refusal';
import { GENDERS, readPhysical, SUPPLY } from './physical-facts';

/** Where the fixture may work, what each connector draws, and what the connectors are like. Kept as text until it is saved. */
export function PhysicalPanel({ body }: { body: Body }) {
  const { edit } = useEditorActions();
  const was = body.physical;
  const [lowest, setLowest] = useState(was.lowest === null ? '' : String(was.lowest));
  const [highest, setHighest] = useState(was.highest === null ? '' : String(was.highest));
  const [legs, setLegs] = useState(was.legHeight === null ? '' : String(was.legHeight));
  const [supplies, setSupplies] = useState(
    was.supplies.map((each) => [each.connector, ...SUPPLY.map((key) => String(each[key]))].join('; ')).join('\n'),
  );
  const [plugs, setPlugs] = useState(
    was.plugs
      .map((each) =>
        [
          each.name,
          each.type,
          String(each.dmxBreak),
          GENDERS.find(([value]) => value === each.gender)?.[1] ?? '',
          String(each.length),
        ].join('; '),
      )
      .join('\n'),
  );
  const [refusal, setRefusal] = useState<string | null>(null);

  async function save() {
    const read = readPhysical({ lowest, highest, legs, supplies, plugs });
    setRefusal(typeof read === 'string' ? read : await edit({ type: 'setPhysical', facts: read }));
  }
  const area = (label: string, value: string, set: (to: string) => void, placeholder: string) => (
    <label className="flex flex-col gap-1 text-xs text-muted">
      {label}
      <textarea
        rows={3}
        value={value}
        placeholder={placeholder}
        onChange={(event) => set(event.currentTarget.value)}
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
        <NumberField label="Works from, °C" value={lowest} onChange={setLowest} />
        <NumberField label="to, °C" value={highest} onChange={setHighest} />
        <NumberField label="Legs, m" value={legs} onChange={setLegs} />
        <span className="flex-1" />
        <Facts />
        <Button type="submit">Save</Button>
      </div>
      <Refusal says={refusal} />
      <div className="grid grid-cols-2 gap-3 max-[900px]:grid-cols-1">
        {area(
          'Power, one connector a line: name; W; power factor; V from; V to; Hz from; Hz to',
          supplies,
          setSupplies,
          'Power in; 470; 0.95; 100; 240; 50; 60',
        )}
        {area(
          'Connectors, one a line: name; type; DMX break; female, universal or male; cable m',
          plugs,
          setPlugs,
          'DMX in; XLR5; 1; male; 0',
        )}
      </div>
    </form>
  );
}
