import { useState } from 'react';
import type { WheelLine } from '#/api/types';
import { useWho } from '#/api/who';
import { Choice } from '#/ui/choice';
import { PanelButton } from '#/ui/panel-button';
import { TextField } from '#/ui/text-field';
import { useEditorActions } from '#/editor/kit/editor-context';
import { PanelForm } from '#/editor/kit/panel-form';
import { KINDS } from '#/parts/wheel/wheel-kinds';
import { today } from '#/ui/dates';

/** Of which kind the wheel is, and whether its open slot was seen on a fixture or is from the chart. */
export function WheelCareLine({ wheel }: { wheel: WheelLine }) {
  const { edit } = useEditorActions();
  const chart = wheel.slots.find((slot) => slot.open);
  const { open } = wheel;
  return (
    <div className="flex flex-wrap items-end justify-between gap-3">
      <Choice
        label={wheel.said ? 'Kind' : 'Kind (detected)'}
        value={wheel.kind}
        options={KINDS}
        onChoose={(value) =>
          void edit({
            type: 'setWheelCare',
            wheel: wheel.id,
            kind: KINDS.find((each) => each.value === value)?.value ?? null,
            open: null,
            fromChart: null,
          })
        }
      />
      <div className="text-right text-sm">
        {open ? (
          <p>{`Slot ${open.slot} confirmed open by ${open.by} on ${open.on}${open.firmware === '' ? '' : `, firmware ${open.firmware}`}.`}</p>
        ) : (
          <p className="text-muted">{chart ? `Slot ${chart.number} is open, as the chart says.` : 'No slot is open.'}</p>
        )}
        <PanelButton text={open ? 'Confirm again' : 'Confirmed on a fixture'} title="The open slot, confirmed on a fixture">
          {(close) => <Seen wheel={wheel} close={close} />}
        </PanelButton>
        {open && (
          <button
            type="button"
            onClick={() => void edit({ type: 'setWheelCare', wheel: wheel.id, kind: null, open: null, fromChart: true })}
            className="px-2 text-sm text-muted hover:text-text"
          >
            As the chart says
          </button>
        )}
      </div>
    </div>
  );
}

function Seen({ wheel, close }: { wheel: WheelLine; close: () => void }) {
  const who = useWho();
  const [slot, setSlot] = useState(String(wheel.open?.slot ?? wheel.slots.find((each) => each.open)?.number ?? 1));
  const [by, setBy] = useState(who);
  const [on, setOn] = useState(today());
  const [firmware, setFirmware] = useState(wheel.open?.firmware ?? '');
  return (
    <PanelForm
      submit="Confirm"
      close={close}
      toEdit={() => ({
        type: 'setWheelCare',
        wheel: wheel.id,
        kind: null,
        open: { slot: Number(slot), by, on, firmware },
        fromChart: null,
      })}
    >
      <Choice
        label="Open slot"
        value={slot}
        options={wheel.slots.map((each) => ({ value: String(each.number), text: `${each.number} ${each.name}` }))}
        onChoose={setSlot}
      />
      <TextField label="Confirmed by" value={by} onChange={setBy} maxLength={60} />
      <TextField label="On" value={on} onChange={setOn} maxLength={10} />
      <TextField label="Firmware of the fixture" value={firmware} onChange={setFirmware} maxLength={60} />
    </PanelForm>
  );
}
