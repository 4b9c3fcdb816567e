import { useState } from 'react';
import { useEditor } from '#/editor/kit/editor-context';
import { PanelForm } from '#/editor/kit/panel-form';
import { Check } from '#/ui/check';
import { Choice } from '#/ui/choice';
import { NumberField } from '#/ui/number-field';
import { TextField } from '#/ui/text-field';
import type { FunctionPanel } from './function-panel';

/** A function, or one of its ranges, is cut into equal parts that are counted or named after slots. */
export function DivideFunction({ bar, close }: FunctionPanel) {
  const { draft } = useEditor();
  const slots = draft.wheels.find((wheel) => wheel.name === bar.wheel)?.slots ?? [];
  const [parts, setParts] = useState(slots.length > 0 ? '' : '8');
  const [steps, setSteps] = useState('');
  const [name, setName] = useState(slots.length > 0 ? '{slot}' : `${bar.name} {number}`);
  const [first, setFirst] = useState('1');
  const [slot, setSlot] = useState(slots.length > 0 ? '1' : '');
  const [shakes, setShakes] = useState(false);
  const [splits, setSplits] = useState(false);
  const [only, setOnly] = useState('all');
  return (
    <PanelForm
      submit="Divide"
      close={close}
      toEdit={() => ({
        type: 'divideFunction',
        function: bar.id,
        range: only === 'all' ? null : Number(only),
        parts: steps === '' ? whole(parts) : 0,
        steps: whole(steps),
        name,
        first: whole(first),
        firstSlot: whole(slot),
        eachWhole: shakes,
        splits,
      })}
    >
      {bar.ranges.length > 0 && (
        <Choice
          label="Divide"
          value={only}
          options={[
            { value: 'all', text: `The whole function, ${bar.from} to ${bar.to}` },
            ...bar.ranges.map((range) => ({ value: String(range.id), text: `${range.name || 'Range'}, ${range.from} to ${range.to}` })),
          ]}
          onChoose={setOnly}
        />
      )}
      <div className="flex gap-3">
        <NumberField label={slots.length > 0 ? 'Parts, if not one a slot' : 'Parts'} value={parts} onChange={setParts} autoFocus />
        <NumberField label="or values each" value={steps} onChange={setSteps} />
      </div>
      <TextField
        label={slots.length > 0 ? 'Name: {number} is its number, {slot} its slot' : 'Name: {number} is its number'}
        value={name}
        onChange={setName}
        maxLength={120}
      />
      <div className="flex gap-3">
        <NumberField label="First number" value={first} onChange={setFirst} />
        {slots.length > 0 && <NumberField label="First slot" value={slot} onChange={setSlot} />}
      </div>
      {slots.length > 0 && (
        <Check checked={splits} onChange={setSplits}>
          Every second part shows half of two slots
        </Check>
      )}
      {slots.length > 0 && bar.unit !== '' && (
        <Check checked={shakes} onChange={setShakes}>
          {`Each part runs from ${bar.physicalFrom.text} to ${bar.physicalTo.text} ${bar.unit}`}
        </Check>
      )}
      {only === 'all' && bar.ranges.length > 0 && (
        <p className="text-sm text-muted">Replaces the {bar.ranges.length} named ranges that are there.</p>
      )}
    </PanelForm>
  );
}

function whole(text: string) {
  return /^\d{1,10}$/.test(text.trim()) ? Number(text.trim()) : 0;
}
