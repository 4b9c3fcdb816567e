import { useState } from 'react';
import type { Body, Edit } from '#/api/types';
import { Facts } from '#/editor/outline/facts';
import { useEditorActions } from '#/editor/kit/editor-context';
import { Button } from '#/ui/button';
import { NumberField } from '#/ui/number-field';
import { Refusal } from '#/ui/refusal';

type Physical = Extract<Edit, { type: 'setPhysical' }>['facts'];
const SUPPLY = ['watts', 'powerFactor', 'voltageLow', 'voltageHigh', 'frequencyLow', 'frequencyHigh'] as const;

const GENDERS = [
  [-1, 'female'],
  [0, 'universal'],
  [1, 'male'],
] as const;

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

/** The facts as they were typed, or a sentence on the first line that is none. */
export function readPhysical(typed: { lowest: string; highest: string; legs: string; supplies: string; plugs: string }): Physical | string {
  const number = (text: string) => Number(text.trim().replace(',', '.'));
  const given = (text: string) => (text.trim() === '' ? null : number(text));
  for (const text of [typed.lowest, typed.highest, typed.legs]) {
    if (text.trim() !== '' && !Number.isFinite(number(text))) return `'${text}' is no number.`;
  }
  const supplies: Physical['supplies'] = [];
  for (const line of lines(typed.supplies)) {
    const [connector = '', ...rest] = line.split(';').map((each) => each.trim());
    const [watts = NaN, powerFactor = 1, voltageLow = 0, voltageHigh = 0, frequencyLow = 0, frequencyHigh = 0] = rest.map(number);
    const all = [watts, powerFactor, voltageLow, voltageHigh, frequencyLow, frequencyHigh];
    if (rest.length > SUPPLY.length || !all.every(Number.isFinite))
      return `'${line}' is no line of power. Write it as: Power in; 470; 0.95; 100; 240; 50; 60.`;
    supplies.push({ connector, watts, powerFactor, voltageLow, voltageHigh, frequencyLow, frequencyHigh });
  }
  const plugs: Physical['plugs'] = [];
  for (const line of lines(typed.plugs)) {
    const [name = '', type = '', dmxBreak = '', word = '', length = ''] = line.split(';').map((each) => each.trim());
    const gender = GENDERS.find(([, each]) => each === (word === '' ? 'universal' : word.toLowerCase()))?.[0];
    if (gender === undefined || !Number.isInteger(number(dmxBreak)) || !Number.isFinite(number(length))) {
      return `'${line}' is no connector. Write it as: DMX in; XLR5; 1; male; 0.`;
    }
    plugs.push({ name, type, dmxBreak: number(dmxBreak), gender, length: number(length) });
  }
  return { lowest: given(typed.lowest), highest: given(typed.highest), legHeight: given(typed.legs), supplies, plugs };
}

function lines(text: string) {
  return text
    .split('\n')
    .map((each) => each.trim())
    .filter((each) => each !== '');
}
