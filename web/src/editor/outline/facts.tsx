import { useState } from 'react';
import type { FixtureFacts } from '#/api/types';
import { readPhysical } from '#/parts/number/physical';
import { shown } from '#/ui/figures';
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

const text = (value: number | null) => (value === null ? '' : shown(value));
const hex = (value: number | null) => (value === null ? '' : value.toString(16).padStart(4, '0').toUpperCase());

function FactsForm({ close }: { close: () => void }) {
  const { draft } = useEditor();
  const { facts } = draft;
  const [fields, setFields] = useState<Record<string, string>>({
    beamAngle: text(facts.beamAngle),
    fieldAngle: text(facts.fieldAngle),
    luminousFlux: text(facts.luminousFlux),
    colorTemperature: text(facts.colorTemperature),
    power: text(facts.power),
    weight: text(facts.weight),
    rdmManufacturer: hex(facts.rdmManufacturer),
    rdmModel: hex(facts.rdmModel),
  });
  const [fixture, setFixture] = useState(facts.lampType ?? '');
  const [connectors, setConnectors] = useState(facts.connectors.map((each) => `${each.name}: ${each.type}`).join('\n'));
  const [personalities, setPersonalities] = useState<Record<string, string>>(
    Object.fromEntries(facts.personalities.map((each) => [each.mode, String(each.number)])),
  );
  const field = (key: string, label: string, placeholder = '') => (
    <TextField
      label={label}
      value={fields[key] ?? ''}
      placeholder={placeholder}
      onChange={(to) => setFields({ ...fields, [key]: to })}
      maxLength={40}
    />
  );

  async function toEdit() {
    const read: Record<string, number | null> = {};
    for (const [key, unit] of [
      ['beamAngle', '°'],
      ['fieldAngle', '°'],
      ['luminousFlux', ''],
      ['colorTemperature', 'K'],
      ['power', 'W'],
      ['weight', ''],
    ] as const) {
      const typed = (fields[key] ?? '').trim().replace(/\s*(lm|kg)$/i, '');
      const value = typed === '' ? null : await readPhysical(typed, unit);
      if (typeof value === 'string') return value;
      read[key] = value;
    }
    const ids: Record<string, number | null> = {};
    for (const key of ['rdmManufacturer', 'rdmModel']) {
      const typed = (fields[key] ?? '').trim();
      if (typed !== '' && !/^(0x)?[\da-f]{1,4}$/i.test(typed))
        return 'An RDM id is written as up to four hexadecimal digits, such as 7FF0.';
      ids[key] = typed === '' ? null : Number.parseInt(typed.replace(/^0x/i, ''), 16);
    }
    const plugs = connectors
      .split('\n')
      .map((line) => line.trim())
      .filter((line) => line !== '');
    if (plugs.some((line) => !/^[^:]+:[^:]+$/.test(line))) return 'Write each connector as its name and its type: DMX in: XLR5.';
    const numbered = Object.entries(personalities).filter(([, number]) => number.trim() !== '');
    if (numbered.some(([, number]) => !/^\d{1,3}$/.test(number.trim()))) return 'A personality is a number from 1 to 255.';
    const next: FixtureFacts = {
      beamAngle: read.beamAngle ?? null,
      fieldAngle: read.fieldAngle ?? null,
      luminousFlux: read.luminousFlux ?? null,
      colorTemperature: read.colorTemperature ?? null,
      power: read.power ?? null,
      weight: read.weight ?? null,
      lampType: fixture === '' ? null : fixture,
      rdmManufacturer: ids.rdmManufacturer ?? null,
      rdmModel: ids.rdmModel ?? null,
      connectors: plugs.map((line) => ({ name: (line.split(':')[0] ?? '').trim(), type: (line.split(':')[1] ?? '').trim() })),
      personalities: numbered.map(([mode, number]) => ({ mode, number: Number(number) })).sort((one, other) => one.number - other.number),
    };
    return { type: 'setFacts' as const, facts: next };
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
            value={fixture}
            onChange={(event) => setFixture(event.currentTarget.value)}
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
          value={connectors}
          onChange={(event) => setConnectors(event.currentTarget.value)}
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
                value={personalities[mode.name] ?? ''}
                onChange={(event) => setPersonalities({ ...personalities, [mode.name]: event.currentTarget.value })}
                className="min-h-8 w-16 rounded-sm border border-edge bg-trough px-2 font-mono"
              />
            </label>
          ))}
        </fieldset>
      )}
    </PanelForm>
  );
}
