import { Aperture } from 'lucide-react';
import { useState } from 'react';
import type { Edit, WheelLine } from '#/api/types';
import { GoboPicker } from '#/parts/gobo/gobo-picker';
import { Check } from '#/ui/check';
import { Button } from '#/ui/button';
import { Choice } from '#/ui/choice';
import { NumberField } from '#/ui/number-field';
import { PanelButton } from '#/ui/panel-button';
import { Refusal } from '#/ui/refusal';
import { useEditor, useEditorActions } from '#/editor/kit/editor-context';

/** What a slot holds beside its name and colour: a gobo of the house, a filter, facets, a disc; or nothing. */
export function SlotHolds({ wheel, slot }: { wheel: WheelLine; slot: WheelLine['slots'][number] }) {
  return (
    <PanelButton text="Content …" title={`Content of slot ${slot.number}`}>
      {(close) => <Holds wheel={wheel} slot={slot} close={close} />}
    </PanelButton>
  );
}

function Holds({ wheel, slot, close }: { wheel: WheelLine; slot: WheelLine['slots'][number]; close: () => void }) {
  const { draft } = useEditor();
  const { edit, bring } = useEditorActions();
  const [facets, setFacets] = useState(String(slot.facets));
  const [picking, setPicking] = useState(false);
  const [refusal, setRefusal] = useState<string | null>(null);
  const rest = { wheel: wheel.id, slot: slot.number, name: null, color: null, filter: null, mediaFile: null, facets: null, disc: null };
  async function send(change: Promise<string | null>) {
    const refused = await change;
    setRefusal(refused);
    if (!refused) close();
  }
  const set = (part: Partial<Extract<Edit, { type: 'setSlot' }>>) => void send(edit({ type: 'setSlot', ...rest, ...part }));
  return (
    <div className="flex flex-col gap-3">
      <div className="flex flex-wrap gap-2">
        <Button onClick={() => setPicking(true)}>
          <Aperture size={14} aria-hidden /> {slot.media ? 'Another gobo' : 'A gobo'}
        </Button>
        {slot.media && (
          <Button quiet onClick={() => set({ mediaFile: '' })}>
            No gobo
          </Button>
        )}
        {slot.color && (
          <Button quiet onClick={() => set({ color: '' })}>
            No colour
          </Button>
        )}
      </div>
      {draft.filters.length > 0 && (
        <Choice
          label="Filter"
          value={slot.filter === '' ? 'none' : `=${slot.filter}`}
          options={[{ value: 'none', text: 'No filter' }, ...draft.filters.map((name) => ({ value: `=${name}`, text: name }))]}
          onChoose={(value) => set({ filter: value === 'none' ? '' : value.slice(1) })}
        />
      )}
      <form
        className="flex items-end gap-2"
        onSubmit={(event) => {
          event.preventDefault();
          if (/^\d{1,2}$/.test(facets)) set({ facets: Number(facets) });
        }}
      >
        <NumberField label="Facets of a prism" value={facets} onChange={setFacets} />
        <Button type="submit" disabled={!/^\d{1,2}$/.test(facets) || Number(facets) === slot.facets}>
          Set
        </Button>
      </form>
      <Check checked={slot.disc} onChange={(disc) => set({ disc })}>
        An animation disc
      </Check>
      <Refusal says={refusal} />
      {picking && (
        <GoboPicker
          title={`A gobo for slot ${slot.number} of ${wheel.name}`}
          onClose={() => setPicking(false)}
          onChoose={(gobo) => void send(bring({ kind: 'gobo', wheel: wheel.id, slot: slot.number, gobo: gobo.id }))}
        />
      )}
    </div>
  );
}
