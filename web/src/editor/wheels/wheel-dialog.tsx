import { useQuery } from '@tanstack/react-query';
import { ClipboardPaste, Copy, Plus, RotateCw, Trash2 } from 'lucide-react';
import { useState } from 'react';
import { answer, api } from '#/api/client';
import type { Edit, WheelLine } from '#/api/types';
import { FindingList } from '#/parts/finding/finding-list';
import { useEditor, useEditorActions } from '#/editor/kit/editor-context';
import { useChecks } from '#/editor/kit/draft-facts';
import { EditField } from '#/editor/kit/edit-field';
import { Button } from '#/ui/button';
import { Modal } from '#/ui/modal';
import { PanelButton } from '#/ui/panel-button';
import { Refusal } from '#/ui/refusal';
import { CopyWheel } from './copy-wheel';
import { PasteSlots } from './paste-slots';
import { TurnWheel } from './turn-wheel';
import { WheelCareLine } from './wheel-care';
import { WheelDrawing } from './wheel-drawing';
import { WheelSlot } from './wheel-slot';
import { Waiting } from '#/ui/waiting';

/** A wheel as a wheel: its slots in order, around it the values of the mode that bring each in, and what is wrong with it. */
export function WheelDialog({ wheel, onClose }: { wheel: WheelLine; onClose: () => void }) {
  const { draft } = useEditor();
  const { edit, showMode } = useEditorActions();
  const [refusal, setRefusal] = useState<string | null>(null);
  const mode = draft.map?.id;
  const asked = useQuery({
    queryKey: ['wheel use', draft.id, draft.version, wheel.id, mode],
    queryFn: () =>
      answer(
        api.GET('/api/drafts/{draftId}/wheels/{wheel}/use', {
          params: { path: { draftId: draft.id, wheel: wheel.id }, query: { mode: mode ?? 0 } },
        }),
      ),
    enabled: mode !== undefined,
    placeholderData: (before) => before,
  });
  const spans = asked.data ?? [];
  const findings = useChecks(draft).findings.filter((finding) => finding.wheel === wheel.id);
  const send = async (next: Edit) => setRefusal(await edit(next));
  function show(shownMode: number, channel: number | null) {
    showMode(shownMode, channel);
    onClose();
  }
  return (
    <Modal
      size="large"
      open
      onClose={onClose}
      title={`Wheel ${wheel.name}`}
      description={
        draft.map ? `Around it the values of mode ${draft.map.name} that select each slot.` : 'No mode of this profile uses it yet.'
      }
    >
      <div className="grid min-h-0 grid-cols-[minmax(0,24rem)_minmax(0,1fr)] gap-6">
        <div className="flex min-h-0 flex-col gap-3 overflow-y-auto">
          <WheelDrawing wheel={wheel} spans={spans} />
          <section aria-label="Checks of the wheel" className="flex flex-col gap-2">
            <FindingList
              findings={findings}
              onShow={(finding) => (finding.mode === null ? undefined : show(finding.mode, finding.channel))}
              onFix={async (finding) => (finding.fix ? edit(finding.fix) : null)}
            />
          </section>
        </div>
        <div className="flex min-h-0 flex-col gap-2">
          <WheelCareLine wheel={wheel} />
          <EditField
            label="Name of the wheel"
            showLabel
            value={wheel.name}
            toEdit={(to) => ({ type: 'renameWheel', wheel: wheel.id, to })}
          />
          <ol aria-label={`Slots of ${wheel.name}`} className="min-h-40 flex-1 overflow-y-auto">
            {wheel.slots.map((slot) => (
              <WheelSlot
                key={slot.number}
                wheel={wheel}
                slot={slot}
                spans={spans.filter((span) => span.slot === slot.number)}
                send={send}
                onShow={(channel) => show(mode ?? 0, channel)}
              />
            ))}
          </ol>
          <Waiting of={asked} what="What selects its slots" />
          <Refusal says={refusal} />
          <div className="flex flex-wrap justify-between gap-1">
            <Button
              quiet
              onClick={() =>
                void send({ type: 'addSlot', wheel: wheel.id, at: wheel.slots.length + 1, name: `Slot ${wheel.slots.length + 1}` })
              }
            >
              <Plus size={14} aria-hidden /> Add a slot
            </Button>
            <PanelButton text="Shift slots …" icon={<RotateCw size={14} aria-hidden />} title={`Shift the slots of ${wheel.name}`}>
              {(close) => <TurnWheel wheel={wheel} close={close} />}
            </PanelButton>
            <PanelButton
              text="Paste a list"
              icon={<ClipboardPaste size={14} aria-hidden />}
              title={`Slots of ${wheel.name} from a list`}
              width="w-96"
            >
              {(close) => <PasteSlots wheel={wheel} close={close} />}
            </PanelButton>
            <PanelButton
              text="Copy slots from …"
              icon={<Copy size={14} aria-hidden />}
              title={`Copy the slots of another wheel into ${wheel.name}`}
            >
              {(close) => <CopyWheel over={wheel.id} onDone={close} />}
            </PanelButton>
            <Button quiet onClick={() => void send({ type: 'removeWheel', wheel: wheel.id })}>
              <Trash2 size={14} aria-hidden /> Remove the wheel
            </Button>
          </div>
        </div>
      </div>
    </Modal>
  );
}
