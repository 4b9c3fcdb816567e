import { useState } from 'react';
import { answer, api } from '#/api/client';
import { Problem } from '#/api/problem';
import type { FixtureFacts } from '#/api/types';
import { Button } from '#/ui/button';
import { Modal } from '#/ui/modal';
import { TextField } from '#/ui/text-field';
import { useEditor } from '#/editor/kit/editor-context';
import { PanelForm } from '#/editor/kit/panel-form';

const LAMPS = ['LED', 'Discharge', 'Tungsten', 'Halogen'];

/** What the fixture is as a thing: light, weight, connectors, RDM. */
export function Facts() {
  const [open, setOpen] = useState(false);
  return (
    <>
      <Button quiet onClick={() => setOpen(true)}>
        Facts of the fixture
      </Button>
      {open && (
        <Modal
          open
          onClose={() => setOpen(false)}
          title="Facts of the fixture"
          description="They stand on the profile’s page and in its file; the library finds the profile by its watts."
        >
          <div className="min-h-0 overflow-y-auto pr-1">
            <FactsForm close={() => setOpen(false)} />
          </div>
        </Modal>
      )}
    </>
  );
}

function FactsForm({ close }: { close: () => void }) {
  const { draft } = useEditor();
  const [facts, setFacts] = useState(draft.facts);
  const numbers = new Map(facts.personalities.map((each) => [each.mode, each.number]));
  const field = (key: Exclude<keyof FixtureFacts, 'personalities'>, label: string, placeholder = '') => (
    <TextField
      label={label}
      value={facts[key]}
      placeholder={placeholder}
      onChange={(to) => setFacts({ ...facts, [key]: to })}
      maxLength={40}
    />
  );

  async function toEdit() {
    try {
      return await answer(api.POST('/api/drafts/{draftId}/facts', { params: { path: { draftId: draft.id } }, body: { typed: facts } }));
    } catch (refused) {
      return refused instanceof Problem ? refused.message : 'The facts could not be read; try again.';
    }
  }

  return (
    <PanelForm submit="Save" close={close} toEdit={toEdit}>
      <div className="grid grid-cols-2 gap-3">
        {field('beamAngle', 'Beam angle, °')}
        {field('fieldAngle', 'Field angle, °')}
        {field('luminousFlux', 'Luminous flux, lm')}
        {field('colorTemperature', 'Colour temperature, K')}
        {field('power', 'Power, W')}
        {field('weight', 'Weight, kg')}
        <label className="flex flex-col gap-1.5 text-sm text-muted">
          Light source
          <select
            value={facts.lampType}
            onChange={(event) => setFacts({ ...facts, lampType: event.currentTarget.value })}
            className="min-h-9 rounded-md border border-edge bg-trough px-2 text-text"
          >
            <option value="">not said</option>
            {LAMPS.map((each) => (
              <option key={each}>{each}</option>
            ))}
          </select>
        </label>
        <span />
        {field('rdmManufacturer', 'RDM manufacturer id (hex)', '7FF0')}
        {field('rdmModel', 'RDM model id (hex)', '0101')}
      </div>
      <label className="flex flex-col gap-1.5 text-sm text-muted">
        Connectors, one a line: name, then its type
        <textarea
          rows={3}
          value={facts.connectors}
          onChange={(event) => setFacts({ ...facts, connectors: event.currentTarget.value })}
          placeholder={'DMX in: XLR5\nPower in: PowerconTRUE1'}
          className="rounded-md border border-edge bg-trough p-2 font-mono text-sm text-text"
        />
      </label>
      {draft.modes.length > 0 && (
        <fieldset className="flex flex-col gap-1.5">
          <legend className="mb-1 text-sm text-muted">RDM personality of each mode</legend>
          {draft.modes.map((mode) => (
            <label key={mode.id} className="flex items-center justify-between gap-3 text-sm">
              <span className="truncate">{mode.name}</span>
              <input
                inputMode="numeric"
                value={numbers.get(mode.name) ?? ''}
                onChange={(event) => {
                  const number = event.currentTarget.value;
                  const others = facts.personalities.filter((each) => each.mode !== mode.name);
                  setFacts({ ...facts, personalities: [...others, { mode: mode.name, number }] });
                }}
                className="min-h-8 w-16 rounded-sm border border-edge bg-trough px-2 font-mono"
              />
            </label>
          ))}
        </fieldset>
      )}
    </PanelForm>
  );
}
