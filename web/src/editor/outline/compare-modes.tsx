import { useQuery } from '@tanstack/react-query';
import { Columns3, Plus, X } from 'lucide-react';
import { useState } from 'react';
import { answer, api } from '#/api/client';
import type { Comparison, ProfileLine } from '#/api/types';
import { Button } from '#/ui/button';
import { Modal } from '#/ui/modal';
import { NumberField } from '#/ui/number-field';
import { PennantIcon } from '#/parts/channel/pennant-icon';
import { useEditor } from '#/editor/kit/editor-context';
import { ProfilePicker } from '#/parts/profile/profile-picker';
import { Waiting } from '#/ui/waiting';

/** Modes side by side, and what a number of fixtures costs in each. */
export function CompareModes() {
  const [open, setOpen] = useState(false);
  return (
    <>
      <Button quiet onClick={() => setOpen(true)}>
        <Columns3 size={15} aria-hidden /> Compare modes
      </Button>
      {open && (
        <Modal
          size="wide"
          open
          onClose={() => setOpen(false)}
          title="Modes side by side"
          description="Which attributes each has, how finely, and what the fixtures cost."
        >
          <Table />
        </Modal>
      )}
    </>
  );
}

function Table() {
  const { draft } = useEditor();
  const [fixtures, setFixtures] = useState('12');
  const count = /^[1-9]\d{0,4}$/.test(fixtures) ? Number(fixtures) : 1;
  const [others, setOthers] = useState<Other[]>([]);
  const [adding, setAdding] = useState(false);
  const asked = useQuery({
    queryKey: ['comparison', draft.id, draft.version, count, others],
    queryFn: () =>
      answer(
        api.POST('/api/drafts/{draftId}/comparison', {
          params: { path: { draftId: draft.id } },
          body: { fixtures: count, others: others.map(({ profileId, mode }) => ({ profileId, mode })) },
        }),
      ),
    placeholderData: (before) => before,
  });
  return (
    <div className="flex min-h-0 flex-col gap-3">
      <div className="flex flex-wrap items-end gap-2">
        <NumberField label="Fixtures" value={fixtures} onChange={setFixtures} />
        {others.map((other) => (
          <Button
            key={`${other.profileId} ${other.mode}`}
            quiet
            aria-label={`Leave ${other.profile} ${other.mode} out`}
            onClick={() => setOthers(others.filter((each) => each !== other))}
          >
            {other.profile}, {other.mode} <X size={14} aria-hidden />
          </Button>
        ))}
        <Button quiet aria-expanded={adding} onClick={() => setAdding(!adding)}>
          <Plus size={14} aria-hidden /> Mode of another profile
        </Button>
      </div>
      {adding && (
        <AddOther
          onAdd={(other) => {
            setAdding(false);
            if (!others.some((each) => each.profileId === other.profileId && each.mode === other.mode)) setOthers([...others, other]);
          }}
        />
      )}
      <Waiting of={asked} what="The comparison" />
      {asked.data && <Compared data={asked.data} />}
    </div>
  );
}

type Other = { profileId: string; profile: string; mode: string };

/** A profile, then one of its modes. */
function AddOther({ onAdd }: { onAdd: (other: Other) => void }) {
  const [profile, setProfile] = useState<ProfileLine | null>(null);
  if (!profile) return <ProfilePicker onChoose={setProfile} />;
  return (
    <ul aria-label={`Modes of ${profile.name}`} className="flex flex-wrap gap-1">
      {profile.modes.map((mode) => (
        <li key={mode.name}>
          <Button onClick={() => onAdd({ profileId: profile.id, profile: profile.name, mode: mode.name })}>
            {mode.name} <span className="font-mono text-muted">{mode.footprint}</span>
          </Button>
        </li>
      ))}
    </ul>
  );
}

function Compared({ data }: { data: Comparison }) {
  const costs: [string, (mode: Comparison['modes'][number]) => string][] = [
    ['Addresses of one fixture', (mode) => String(mode.cost.footprint)],
    ['Channels', (mode) => String(mode.cost.channels)],
    [`Addresses of ${data.fixtures}`, (mode) => String(mode.cost.addresses)],
    ['Fixtures in a universe', (mode) => String(mode.cost.perUniverse)],
    ['Universes', (mode) => (mode.cost.universes === 0 ? 'does not fit' : String(mode.cost.universes))],
  ];
  return (
    <div className="min-h-0 overflow-auto">
      <table className="w-full text-sm">
        <thead className="sticky top-0 bg-panel">
          <tr>
            <th className="py-1.5 pr-4 text-left font-normal text-muted">Mode</th>
            {data.modes.map((mode, index) => (
              <th key={index} className="max-w-40 truncate px-3 py-1.5 text-right align-bottom" title={`${mode.profile} ${mode.name}`}>
                {mode.profile !== '' && <span className="block truncate text-xs font-normal text-muted">{mode.profile}</span>}
                {mode.name}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {costs.map(([label, value]) => (
            <tr key={label} className="border-t border-line">
              <th className="py-1.5 pr-4 text-left font-normal text-muted">{label}</th>
              {data.modes.map((mode, index) => (
                <td key={index} className="px-3 py-1.5 text-right font-mono">
                  {value(mode)}
                </td>
              ))}
            </tr>
          ))}
          {data.rows.map((row) => (
            <tr key={row.attribute} className={`border-t border-line ${row.cells.some((cell) => cell.times === 0) ? '' : 'text-muted'}`}>
              <th className="py-1 pr-4 text-left font-normal" title={row.attribute}>
                <span className="inline-flex items-center gap-2">
                  <PennantIcon group={row.featureGroup} />
                  {row.pretty}
                </span>
              </th>
              {row.cells.map((cell, index) => (
                <td key={index} className="px-3 py-1 text-right font-mono">
                  {cell.times === 0 ? '–' : `${cell.virtual ? 'virtual' : cell.bytes * 8}${cell.times > 1 ? ` ×${cell.times}` : ''}`}
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}
