import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { answer, api } from '#/api/client';
import type { Rig, RigEdit, RigFixture, RigReplacement } from '#/api/types';
import { Button } from '#/ui/button';
import { counted } from '#/ui/counted';
import { Modal } from '#/ui/modal';
import { Refusal } from '#/ui/refusal';
import { FixtureSearch } from '#/parts/profile/fixture-search';

/** Makes units another mode, revision or profile, once it was shown what that does. */
export function ReplaceUnits({
  rig,
  units,
  with: preset,
  onSend,
  onClose,
}: {
  rig: Rig;
  units: string[];
  with?: RigFixture;
  onSend: (edit: RigEdit) => Promise<string | null>;
  onClose: () => void;
}) {
  const [fixture, setFixture] = useState<RigFixture | null>(preset ?? null);
  const [refusal, setRefusal] = useState<string | null>(null);
  const said = useQuery({
    queryKey: ['rig', rig.id, 'replacement', rig.version, units, fixture],
    queryFn: () =>
      answer(
        api.POST('/api/rigs/{rigId}/replacement', {
          params: { path: { rigId: rig.id } },
          body: { units, fixture: fixture ?? ({} as RigFixture) },
        }),
      ),
    enabled: fixture !== null,
    retry: false,
  });
  async function replace() {
    if (!fixture) return;
    const refused = await onSend({ type: 'replaceFixture', units, fixture });
    setRefusal(refused);
    if (refused === null) onClose();
  }
  return (
    <Modal open onClose={onClose} size="wide" title={`Replace ${counted(units.length, 'unit', 'units')}`}>
      <FixtureSearch
        rig={rig}
        label="With"
        words={preset ? `${preset.model} ${preset.mode}` : ''}
        onWords={() => setFixture(null)}
        onChoose={setFixture}
        shown={fixture === null}
      />
      <Refusal says={said.error?.message ?? refusal} />
      {fixture !== null && said.data && <WhatItDoes said={said.data} />}
      <div className="flex justify-end gap-2">
        <Button onClick={onClose}>Cancel</Button>
        <Button main disabled={!said.data} onClick={() => void replace()}>
          Replace
        </Button>
      </div>
    </Modal>
  );
}

function WhatItDoes({ said }: { said: RigReplacement }) {
  const moving = said.lines.filter((line) => !line.stays).length;
  const difference = said.needed - said.used;
  return (
    <div className="flex min-h-0 flex-col gap-3 overflow-y-auto text-sm">
      <p>
        {said.lines[0] && <span className="font-semibold">{`${said.lines[0].will}: `}</span>}
        {`${said.needed} addresses instead of ${said.used}${difference === 0 ? '' : difference < 0 ? `, ${-difference} less` : `, ${difference} more`}. `}
        {moving === 0
          ? 'All addresses stay.'
          : `${counted(moving, 'unit loses its address', 'units lose their addresses')}, to be addressed anew.`}
      </p>
      {said.changes.map((change) => (
        <p key={change.was} className="text-muted">
          {`${change.was} (${counted(change.units, 'unit', 'units')}): `}
          {change.lost.length > 0 && <span className="text-warning">lost: {change.lost.join(', ')}. </span>}
          {change.gained.length > 0 && `gained: ${change.gained.join(', ')}. `}
          {change.lost.length + change.gained.length === 0 && 'the same attributes.'}
        </p>
      ))}
      <table className="w-full text-left">
        <thead className="text-xs text-muted">
          <tr>
            {['Unit', 'Was', 'Addresses', 'Address', 'Adjustments'].map((heading) => (
              <th key={heading} scope="col" className="py-1 pr-3 font-normal">
                {heading}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {said.lines.map((line) => (
            <tr key={line.unit} className="border-t border-line">
              <td className="py-1 pr-3">
                {line.id} {line.name}
              </td>
              <td className="py-1 pr-3 text-muted">{line.was}</td>
              <td className="py-1 pr-3 font-mono">
                {line.footprintWas} → {line.footprintWill}
              </td>
              <td className={`py-1 pr-3 font-mono ${line.stays ? '' : 'text-warning'}`}>
                {line.address}
                {!line.stays && ' has to move'}
              </td>
              <td className="py-1 text-warning">{line.orphans.length > 0 && `${line.orphans.join(', ')}: no such channel`}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}
