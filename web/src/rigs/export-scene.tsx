import { useMutation, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { answer, api } from '#/api/client';
import { Problem } from '#/api/problem';
import type { Rig, SceneLoss } from '#/api/types';
import { Button } from '#/ui/button';
import { counted } from '#/ui/counted';
import { moment } from '#/ui/dates';
import { Modal } from '#/ui/modal';
import { Refusal } from '#/ui/refusal';
import { Waiting } from '#/ui/waiting';
import type { UnitSelection } from './use-units';

const KINDS: Record<SceneLoss['kind'], { text: string; tone: string }> = {
  NO_PROFILE: { text: 'no profile', tone: 'text-warning' },
  PROFILE_ERRORS: { text: 'errors', tone: 'text-error' },
  NO_ADDRESS: { text: 'no address', tone: 'text-warning' },
  COLLISION: { text: 'collision', tone: 'text-error' },
  ADJUSTMENT: { text: 'not carried', tone: 'text-warning' },
  PROFILE_PICTURES: { text: 'pictures', tone: 'text-warning' },
  NAME: { text: 'name', tone: 'text-warning' },
  NOTE: { text: 'not carried', tone: 'text-muted' },
  TAG: { text: 'not carried', tone: 'text-muted' },
};

/** The rig, a layer or the selection as an MVR, with what it will lack told before it is written. */
export function ExportScene({ rig, selection, onClose }: { rig: Rig; selection: UnitSelection; onClose: () => void }) {
  const layers = [...new Set(rig.units.map((unit) => unit.layer))].filter((layer) => layer !== '').toSorted();
  const [what, setWhat] = useState('all');
  const units =
    what === 'all'
      ? null
      : what === 'selection'
        ? selection.selected.map((unit) => unit.uuid)
        : rig.units.filter((unit) => `layer ${unit.layer}` === what).map((unit) => unit.uuid);
  const [profiles, setProfiles] = useState<'OURS' | 'UNTOUCHED'>('UNTOUCHED');
  const params = { path: { rigId: rig.id } };
  const body = { units, profiles };
  const asked = useQuery({
    queryKey: ['rig', rig.id, 'scene', rig.version, params, body],
    queryFn: () => answer(api.POST('/api/rigs/{rigId}/scene-proposal', { params, body })),
  });
  const write = useMutation({
    mutationFn: async () => {
      const { data, error, response } = await api.POST('/api/rigs/{rigId}/scene', { params, body, parseAs: 'blob' });
      if (!data) throw Problem.from(response.status, error);
      const link = document.createElement('a');
      link.href = URL.createObjectURL(data);
      link.download = `${rig.name}.mvr`;
      link.click();
      setTimeout(() => URL.revokeObjectURL(link.href), 10_000);
    },
    onSuccess: onClose,
  });
  const said = asked.data;
  return (
    <Modal
      open
      onClose={onClose}
      size="wide"
      title="Export as MVR"
      description="One file with the scene and the profiles that its fixtures name, for drawing programs, consoles and visualisers."
    >
      <label className="flex flex-col gap-1 text-sm text-muted">
        What goes out
        <select
          value={what}
          className="min-h-9 rounded-md border border-edge bg-trough px-2 text-text"
          onChange={(event) => setWhat(event.currentTarget.value)}
        >
          <option value="all">The whole rig</option>
          {selection.selected.length > 0 && (
            <option value="selection">{`The selection, ${counted(selection.selected.length, 'unit', 'units')}`}</option>
          )}
          {layers.map((layer) => (
            <option key={layer} value={`layer ${layer}`}>{`Layer ${layer}`}</option>
          ))}
        </select>
      </label>
      {said?.from && (
        <>
          <p className="text-sm">
            {`It goes out as ${said.from.name}, imported ${moment(said.from.at)}, with everything in it that nobody changed here.`}
          </p>
          <label className="flex flex-col gap-1 text-sm text-muted">
            Profiles
            <select
              value={profiles}
              className="min-h-9 rounded-md border border-edge bg-trough px-2 text-text"
              onChange={(event) => setProfiles(event.currentTarget.value === 'OURS' ? 'OURS' : 'UNTOUCHED')}
            >
              <option value="UNTOUCHED">The file’s own, untouched, wherever nobody has replaced them here</option>
              <option value="OURS">Ours, as the units pin them</option>
            </select>
          </label>
        </>
      )}
      <Waiting of={asked} what="What goes out" />
      {said && (
        <div className="flex min-h-0 flex-col gap-3 overflow-y-auto text-sm">
          <p>
            {`${counted(said.units, 'unit', 'units')} and ${counted(said.profiles.length, 'profile', 'profiles')} of ours${said.profiles.length > 0 ? ': ' : '.'}`}
            <span className="text-muted">{said.profiles.join(', ')}</span>
            {said.untouched > 0 && ` ${counted(said.untouched, 'unit goes', 'units go')} on naming the file’s own.`}
          </p>
          {said.losses.length === 0 ? (
            <p className="text-good">Everything that this rig says of them can be carried.</p>
          ) : (
            <ul aria-label="Before it is written">
              {said.losses.map((loss, index) => (
                <li key={index} className="flex gap-3 border-t border-line py-1">
                  <span className={`w-24 shrink-0 ${KINDS[loss.kind].tone}`}>{KINDS[loss.kind].text}</span>
                  <button
                    type="button"
                    className="min-w-0 flex-1 text-left hover:underline"
                    onClick={() => {
                      selection.only([loss.unit]);
                      onClose();
                    }}
                  >
                    {loss.says}
                  </button>
                </li>
              ))}
            </ul>
          )}
        </div>
      )}
      <Refusal says={asked.error?.message ?? write.error?.message} />
      <div className="flex justify-end gap-2">
        <Button onClick={onClose}>Cancel</Button>
        <Button main disabled={!said || write.isPending} onClick={() => write.mutate()}>
          {write.isPending ? 'Writing …' : 'Export'}
        </Button>
      </div>
    </Modal>
  );
}
