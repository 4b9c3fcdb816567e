import { useState } from 'react';
import type { Rig, RigFixture } from '#/api/types';
import { FixtureSearch } from '#/parts/profile/fixture-search';

type Fields = { count: string; fixture: RigFixture | null; from: string; id: string; name: string; layer: string; position: string };

const NOTHING: Fields = { count: '1', fixture: null, from: '', id: '', name: '', layer: '', position: '' };

/** The same as the line, as fields: what is chosen here is written into the line. */
export function AddFields({ rig, onText }: { rig: Rig; onText: (text: string) => void }) {
  const [fields, setFields] = useState(NOTHING);
  function set(change: Partial<Fields>) {
    const next = { ...fields, ...change };
    setFields(next);
    onText(line(next));
  }
  const field = (key: 'count' | 'from' | 'id' | 'name' | 'layer' | 'position', label: string, placeholder: string) => (
    <label className="flex flex-col gap-1.5 text-sm text-muted">
      {label}
      <input
        value={fields[key]}
        placeholder={placeholder}
        className="min-h-9 w-full rounded-md border border-edge bg-trough px-2 text-text"
        onChange={(event) => set({ [key]: event.currentTarget.value })}
      />
    </label>
  );
  return (
    <div role="group" aria-label="Add by fields" className="grid grid-cols-6 items-start gap-x-3 gap-y-2 max-[860px]:grid-cols-2">
      {field('count', 'How many', '1')}
      <div className="col-span-2">
        {fields.fixture ? (
          <div className="flex flex-col gap-1.5 text-sm text-muted">
            Fixture and mode
            <button
              type="button"
              className="flex min-h-9 items-center gap-2 rounded-md border border-edge bg-trough px-2 text-left text-text hover:border-text"
              onClick={() => set({ fixture: null })}
            >
              <span className="flex-1 truncate">{`${fields.fixture.model}, ${fields.fixture.mode}`}</span>
              <span className="text-muted">change</span>
            </button>
          </div>
        ) : (
          <FixtureSearch rig={rig} onChoose={(fixture) => set({ fixture })} />
        )}
      </div>
      {field('from', 'Address', 'next free')}
      {field('id', 'First id', 'next')}
      {field('name', 'Name, counting on', 'the model’s')}
      {field('layer', 'Layer', 'none')}
      {field('position', 'Position', 'none')}
    </div>
  );
}

/** A comma parts what a line says, so that none can stand in a field. */
function line({ count, fixture, from, id, name, layer, position }: Fields) {
  if (!fixture) return '';
  const part = (word: string, value: string) => (value.trim() === '' ? '' : `, ${word} ${value.replaceAll(',', ' ').trim()}`);
  const where = from.trim() === '' ? ', next free' : part('from', from);
  return `${count.trim() || '1'} ${fixture.model} ${fixture.mode}${where}${part('as', id)}${part('name', name)}${part('layer', layer)}${part('position', position)}`;
}
