import { Info } from 'lucide-react';
import { useState } from 'react';
import type { Rig, RigEdit } from '#/api/types';
import { Button } from '#/ui/button';
import { Modal } from '#/ui/modal';
import { Refusal } from '#/ui/refusal';
import { Typed } from '#/ui/typed';
import { ModeCosts } from './mode-costs';
import { RigProfiles } from './rig-profiles';
import { Universes } from './universes';

type Facts = Omit<Extract<RigEdit, { type: 'setRigFacts' }>, 'type'>;

/** What is said of the rig and of its universes, how full they are, and what other modes would cost. */
export function RigFacts({ rig, onSend }: { rig: Rig; onSend: (edit: RigEdit) => Promise<string | null> }) {
  const [open, setOpen] = useState(false);
  const [refusal, setRefusal] = useState<string | null>(null);
  async function say(change: Partial<Facts>) {
    const { name, production, from, to, notes, console } = rig;
    const refused = await onSend({ type: 'setRigFacts', name, production, from, to, notes, console, ...change });
    setRefusal(null);
    return refused;
  }
  return (
    <>
      <Button onClick={() => setOpen(true)}>
        <Info size={16} aria-hidden />
        Universes
      </Button>
      <Modal open={open} onClose={() => setOpen(false)} size="large" title={rig.name} description={numbers(rig)}>
        <div className="flex min-h-0 flex-col gap-5 overflow-y-auto pr-1">
          <section aria-label="Facts" className="grid grid-cols-3 gap-x-4 gap-y-2 max-[860px]:grid-cols-1">
            <Typed label="Name" showLabel value={rig.name} onSend={(name) => say({ name })} />
            <Typed label="Production" showLabel value={rig.production} onSend={(production) => say({ production })} />
            <Typed
              label="Universes that the console can send"
              showLabel
              mono
              value={rig.console?.toString() ?? ''}
              placeholder="not said"
              onSend={(text) => {
                if (text !== '' && !/^\d{1,5}$/.test(text)) return 'A whole number, such as 16; empty if nobody knows.';
                return say({ console: text === '' ? null : Number(text) });
              }}
            />
            <Day label="First day" value={rig.from} onSend={async (from) => setRefusal(await say({ from }))} />
            <Day label="Last day" value={rig.to} onSend={async (to) => setRefusal(await say({ to }))} />
            <Typed label="Notes" showLabel value={rig.notes} onSend={(notes) => say({ notes })} />
            <Refusal says={refusal} />
          </section>
          <Universes rig={rig} onSend={onSend} />
          <RigProfiles rig={rig} />
          <ModeCosts rig={rig} onSend={onSend} />
        </div>
      </Modal>
    </>
  );
}

function numbers(rig: Rig) {
  const addressed = rig.units.filter((unit) => unit.addresses.length > 0).length;
  return `${rig.units.length} units, ${addressed} of them addressed; ${rig.used} addresses used in ${rig.universes.length} universes, ${rig.free} free.`;
}

function Day({ label, value, onSend }: { label: string; value: string | null; onSend: (to: string | null) => void }) {
  return (
    <label className="flex flex-col gap-0.5 text-xs text-muted">
      {label}
      <input
        type="date"
        defaultValue={value ?? ''}
        className="min-h-7 rounded-sm border border-edge bg-trough px-1.5 text-sm text-text"
        onBlur={(event) => {
          const to = event.currentTarget.value === '' ? null : event.currentTarget.value;
          if (to !== value) onSend(to);
        }}
      />
    </label>
  );
}
