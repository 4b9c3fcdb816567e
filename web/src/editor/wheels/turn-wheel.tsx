import { useState } from 'react';
import type { WheelLine } from '#/api/types';
import { useEditor } from '#/editor/kit/editor-context';
import { PanelForm } from '#/editor/kit/panel-form';
import { Choice } from '#/ui/choice';
import { NumberField } from '#/ui/number-field';

/** Turns the assignment: every range that brings in a slot brings in the one so many further, of one function or of all of this mode. */
export function TurnWheel({ wheel, close }: { wheel: WheelLine; close: () => void }) {
  const { draft } = useEditor();
  const [only, setOnly] = useState('all');
  const [by, setBy] = useState('1');
  const bars =
    draft.map?.channels.flatMap((channel) =>
      channel.functions.filter((bar) => bar.wheel === wheel.name && bar.ranges.some((range) => range.slot > 0)),
    ) ?? [];
  if (bars.length === 0) return <p className="text-sm text-muted">No function of this mode selects its slots.</p>;
  return (
    <PanelForm
      submit="Shift"
      close={close}
      toEdit={() => {
        if (!/^[+-]?\d{1,3}$/.test(by)) return 'Type by how many slots: 1, or -1 for the other way.';
        const mode = draft.map?.id;
        if (only !== 'all' || mode === undefined) return { type: 'turnSlots', function: Number(only), by: Number(by) };
        return { type: 'turnWheel', mode, wheel: wheel.id, by: Number(by) };
      }}
    >
      <Choice
        label={`In mode ${draft.map?.name ?? ''}`}
        value={only}
        options={[{ value: 'all', text: 'All functions' }, ...bars.map((bar) => ({ value: String(bar.id), text: bar.name }))]}
        onChoose={setOnly}
      />
      <NumberField label="Shift by" value={by} onChange={setBy} autoFocus />
      <p className="text-sm text-muted">Each range then selects the slot so many further on; after the last comes the first.</p>
    </PanelForm>
  );
}
