import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { answer, api } from '#/api/client';
import type { Rig, RigEdit, RigMove } from '#/api/types';
import { rankOf } from '#/parts/profile/ranks';
import { Button } from '#/ui/button';
import { counted } from '#/ui/counted';
import { Modal } from '#/ui/modal';
import { Refusal } from '#/ui/refusal';

/** Pinned revisions of which there are newer ones, and what moving up to them breaks in this rig. */
export function MovingUp({ rig, onSend }: { rig: Rig; onSend: (edit: RigEdit) => Promise<string | null> }) {
  const behind = rig.kinds.some((kind) => kind.revision < kind.newest);
  const [shown, setShown] = useState<RigMove | null>(null);
  const { data } = useQuery({
    queryKey: ['rig', rig.id, 'moves', rig.version],
    queryFn: () => answer(api.GET('/api/rigs/{rigId}/moves', { params: { path: { rigId: rig.id } } })),
    enabled: behind,
  });
  if (!behind || !data?.length) return null;
  return (
    <ul aria-label="Newer revisions" className="flex flex-col gap-2 px-4 pt-4">
      {data.map((move) => (
        <li key={`${move.profileId} ${move.revision}`} className="flex flex-col gap-1.5 rounded-md border border-warning p-3 text-sm">
          <p>
            <span className="font-semibold">{`${counted(move.units.length, 'unit', 'units')} of ${move.model}`}</span>
            {` ${move.units.length === 1 ? 'pins' : 'pin'} revision ${move.revision}; ${move.newest} is the newest. `}
            {worst(move)}
          </p>
          <span>
            <Button onClick={() => setShown(move)}>Compare and move up …</Button>
          </span>
        </li>
      ))}
      {shown && <Move move={shown} onSend={onSend} onClose={() => setShown(null)} />}
    </ul>
  );
}

function worst({ moving, displaced }: RigMove) {
  if (displaced > 0)
    return `${counted(displaced, 'unit does', 'units do')} not fit where ${displaced === 1 ? 'it stands' : 'they stand'} then.`;
  const breaks = moving.effects.filter((each) => each.rank === 'BREAKS').length;
  if (breaks > 0) return `${counted(breaks, 'difference breaks', 'differences break')} what is programmed.`;
  return moving.effects.length === 0
    ? 'Nothing differs for this rig.'
    : `${counted(moving.effects.length, 'difference', 'differences')}, none that breaks.`;
}

function Move({ move, onSend, onClose }: { move: RigMove; onSend: (edit: RigEdit) => Promise<string | null>; onClose: () => void }) {
  const [refusal, setRefusal] = useState<string | null>(null);
  async function moveUp() {
    const refused = await onSend(move.edit);
    setRefusal(refused);
    if (refused === null) onClose();
  }
  return (
    <Modal
      open
      onClose={onClose}
      size="wide"
      title={`${move.manufacturer} ${move.model}: revision ${move.revision} to ${move.newest}`}
      description={`What it does to ${counted(move.units.length, 'unit', 'units')} of this rig, the worst first. Addresses stay where the footprint fits.`}
    >
      <div className="flex min-h-0 flex-col gap-3 overflow-y-auto">
        {move.gone.length > 0 && (
          <p className="text-sm text-error">{`Revision ${move.newest} has no mode ${move.gone.join(', ')}: units of it stay at revision ${move.revision}.`}</p>
        )}
        {move.displaced > 0 && (
          <p className="text-sm text-error">
            {`${counted(move.displaced, 'unit does', 'units do')} not fit between ${move.displaced === 1 ? 'its' : 'their'} neighbours any more and ${move.displaced === 1 ? 'loses its address' : 'lose their addresses'}, to be addressed anew.`}
          </p>
        )}
        {move.moving.effects.length === 0 && <p className="text-sm text-muted">Nothing differs in the modes that this rig uses.</p>}
        <ul aria-label="Differences" className="text-sm">
          {move.moving.effects.map((each, index) => (
            <Effect key={index} each={each} />
          ))}
        </ul>
        {move.moving.elsewhere > 0 && (
          <p className="text-sm text-muted">{`${counted(move.moving.elsewhere, 'difference', 'differences')} more in modes that no unit is.`}</p>
        )}
        <Link
          to={`/compare?left=${move.profileId}&leftRevision=${move.revision}&right=${move.profileId}&rightRevision=${move.newest}`}
          className="self-start text-sm underline underline-offset-2"
        >
          Compare the revisions in full
        </Link>
      </div>
      <Refusal says={refusal} />
      <div className="flex justify-end gap-2">
        <Button onClick={onClose}>Cancel</Button>
        <Button main onClick={() => void moveUp()}>
          Move up
        </Button>
      </div>
    </Modal>
  );
}

function Effect({ each }: { each: RigMove['moving']['effects'][number] }) {
  const { sign, text, tone } = rankOf(each.rank);
  return (
    <li className="flex gap-3 border-t border-line py-1.5">
      <span className={`w-22 shrink-0 ${tone}`}>
        <span aria-hidden className="inline-block w-4 text-center font-mono">
          {sign}
        </span>{' '}
        {text}
      </span>
      <span className="min-w-0 flex-1">
        {each.mode !== '' && <span className="text-muted">{each.mode}, </span>}
        <span className="text-muted">{each.where}: </span>
        {each.says}
        {(each.before !== '' || each.after !== '') && (
          <span className="text-muted">
            {' '}
            {each.before || 'nothing'} → {each.after || 'nothing'}
          </span>
        )}
        {each.adjusted.length > 0 && (
          <span className="block text-warning">{`Unit ${each.adjusted.join(', ')} ${each.adjusted.length === 1 ? 'adjusts' : 'adjust'} this channel.`}</span>
        )}
      </span>
    </li>
  );
}
