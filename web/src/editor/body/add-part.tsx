import { useState } from 'react';
import type { Body } from '#/api/types';
import { PanelForm } from '#/editor/kit/panel-form';
import { Choice } from '#/ui/choice';
import { TextField } from '#/ui/text-field';
import { PART_KINDS, type PartKind } from './part-kinds';

const ORIGIN = { x: 0, y: 0, z: 0, turnX: 0, turnY: 0, turnZ: 0 };
type Accessory = Body['accessories'][number]['accessory'];
type What = 'part' | 'reference' | 'accessory';

/** A new part, one more place of a repeated one, or something that is put onto the fixture. */
export function AddPart({
  body,
  parent,
  free,
  close,
  added,
}: {
  body: Body;
  parent: string;
  free: (wanted: string) => string;
  close: () => void;
  added: (name: string) => void;
}) {
  const tops = body.parts.filter((each) => each.depth === 0);
  const [what, setWhat] = useState<What>('part');
  const [into, setInto] = useState(body.parts.some((each) => each.name === parent && each.repeats === '') ? parent : (tops[0]?.name ?? ''));
  const [kind, setKind] = useState<PartKind>('Geometry');
  const [name, setName] = useState('');
  const [repeats, setRepeats] = useState(body.cells[0]?.cell ?? '');
  const [accessory, setAccessory] = useState<Accessory>('STAND');
  const places = body.parts.filter((each) => each.repeats === '').map((each) => ({ value: each.name, text: each.name }));

  function toEdit() {
    const called =
      name.trim() === ''
        ? free(what === 'reference' ? repeats : (PART_KINDS.find((each) => each.value === kind)?.text ?? 'part'))
        : name.trim();
    if (what === 'accessory') return { type: 'addAccessory' as const, accessory, parent: into };
    if (what === 'reference') {
      return repeats === ''
        ? 'Choose what is repeated.'
        : { type: 'addReference' as const, parent: into, name: called, geometry: repeats, place: ORIGIN };
    }
    return { type: 'addPart' as const, parent: into, kind, name: called, place: ORIGIN };
  }
  return (
    <PanelForm
      submit="Add"
      toEdit={toEdit}
      close={() => {
        close();
        if (what === 'part' && name.trim() !== '') added(name.trim());
      }}
    >
      <Choice
        label="What"
        value={what}
        options={[
          { value: 'part', text: 'A part' },
          { value: 'reference', text: 'A part again, with its channels' },
          { value: 'accessory', text: 'An accessory' },
        ]}
        onChoose={(to) => setWhat(to as What)}
      />
      {what === 'part' && <Choice label="Kind" value={kind} options={PART_KINDS} onChoose={(to) => setKind(to as PartKind)} />}
      {what === 'reference' && (
        <Choice
          label="Repeats"
          value={repeats}
          placeholder="a top-level part"
          options={tops.filter((each) => each.name !== body.top).map((each) => ({ value: each.name, text: each.name }))}
          onChoose={setRepeats}
        />
      )}
      {what === 'accessory' && (
        <Choice
          label="Accessory"
          value={accessory}
          options={body.accessories.map((each) => ({ value: each.accessory, text: each.says }))}
          onChoose={(to) => setAccessory(to as Accessory)}
        />
      )}
      {what !== 'accessory' && <TextField label="Name" value={name} onChange={setName} placeholder="found if empty" maxLength={120} />}
      <Choice
        label="Stands in"
        value={into === '' ? '-' : into}
        options={[...places, ...(what === 'part' ? [{ value: '-', text: 'nothing: a top-level part' }] : [])]}
        onChoose={(to) => setInto(to === '-' ? '' : to)}
      />
    </PanelForm>
  );
}
