import { useState } from 'react';
import { answer, api } from '#/api/client';
import { Problem } from '#/api/problem';
import type { Body, Edit } from '#/api/types';
import { Facts } from '#/editor/outline/facts';
import { useEditor, useEditorActions } from '#/editor/kit/editor-context';
import { Button } from '#/ui/button';
import { NumberField } from '#/ui/number-field';
import { Refusal } from '#/ui/refusal';
import { Rows, type Column } from './rows';

const SUPPLIES: Column[] = [
  { label: 'Connector', width: 'w-40', placeholder: 'Power in' },
  { label: 'Draws, W', width: 'w-24', placeholder: '470' },
  { label: 'Power factor', width: 'w-24', placeholder: '0.95' },
  { label: 'V from', width: 'w-20', placeholder: '100' },
  { label: 'V to', width: 'w-20', placeholder: '240' },
  { label: 'Hz from', width: 'w-20', placeholder: '50' },
  { label: 'Hz to', width: 'w-20', placeholder: '60' },
];
const PLUGS: Column[] = [
  { label: 'Connector', width: 'w-40', placeholder: 'DMX in' },
  { label: 'Type', width: 'w-40', placeholder: 'XLR5' },
  { label: 'DMX break', width: 'w-24', placeholder: '1' },
  { label: 'Form', width: 'w-36', placeholder: '', choices: ['universal', 'female', 'male'] },
  { label: 'Cable, m', width: 'w-20', placeholder: '0' },
];

/**
 * What the fixture weighs, where it may work, what each connector draws, and what the connectors are like. Kept as text until saved; begun anew
 * only when what is stored of it changed, so that an edit elsewhere takes nothing away.
 */
export function PhysicalPanel({ body }: { body: Body }) {
  const { draft } = useEditor();
  return <Written key={JSON.stringify([body.physical, draft.facts.weight])} body={body} />;
}

function Written({ body }: { body: Body }) {
  const { draft } = useEditor();
  const { edit } = useEditorActions();
  const [typed, setTyped] = useState(body.physical);
  const [weight, setWeight] = useState(draft.facts.weight);
  const [refusal, setRefusal] = useState<string | null>(null);
  const set = (key: keyof typeof typed) => (to: string) => setTyped((now) => ({ ...now, [key]: to }));

  async function toEdit(): Promise<Edit> {
    const physical = await answer(api.POST('/api/written-physical', { body: { typed } }));
    if (weight === draft.facts.weight) return physical;
    const facts = await answer(
      api.POST('/api/drafts/{draftId}/facts', { params: { path: { draftId: draft.id } }, body: { typed: { ...draft.facts, weight } } }),
    );
    return { type: 'several', edits: [facts, physical] };
  }
  async function save() {
    try {
      setRefusal(await edit(await toEdit()));
    } catch (refused) {
      setRefusal(refused instanceof Problem ? refused.message : 'The facts could not be read; try again.');
    }
  }
  return (
    <form
      className="flex flex-col gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        void save();
      }}
    >
      <div className="flex flex-wrap items-end gap-3">
        <NumberField label="Weighs, kg" value={weight} onChange={setWeight} />
        <NumberField label="Works from, °C" value={typed.lowest} onChange={set('lowest')} />
        <NumberField label="to, °C" value={typed.highest} onChange={set('highest')} />
        <NumberField label="Legs, m" value={typed.legs} onChange={set('legs')} />
        <span className="flex-1" />
        <Facts />
        <Button type="submit">Save</Button>
      </div>
      <Refusal says={refusal} />
      <Rows title="Power" one="supply" columns={SUPPLIES} value={typed.supplies} onChange={set('supplies')} />
      <Rows title="Connectors" one="connector" columns={PLUGS} value={typed.plugs} onChange={set('plugs')} />
    </form>
  );
}
