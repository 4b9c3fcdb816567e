import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { answer, api } from '#/api/client';
import type { MadeVersion, Rig, WheelPlan, WheelPlanLine } from '#/api/types';
import { withFile } from '#/api/with-file';
import { Button } from '#/ui/button';
import { Check } from '#/ui/check';
import { counted } from '#/ui/counted';
import { Modal } from '#/ui/modal';
import { Refusal } from '#/ui/refusal';
import { Waiting } from '#/ui/waiting';
import { rigQuery } from './rig-query';
import { SheetChoice } from './sheet-choice';

const FITS: Record<WheelPlanLine['fit'], { sign: string; text: string; tone: string }> = {
  FITS: { sign: '✓', text: 'fits', tone: 'text-good' },
  DOUBTFUL: { sign: '?', text: 'look', tone: 'text-warning' },
  NOT: { sign: '✕', text: 'left out', tone: 'text-error' },
};

/** A sheet of gobos and colours becomes production versions of all fixtures that it names; what fits and what does not is shown first. */
export function WheelSheet({ rig, onClose }: { rig: Rig; onClose: () => void }) {
  const [file, setFile] = useState<File | null>(null);
  const [made, setMade] = useState<MadeVersion[] | null>(null);
  return (
    <Modal
      open
      onClose={onClose}
      size="wide"
      title={made ? 'Production versions' : file ? file.name : 'Import gobos and colours'}
      description={
        made || file
          ? ''
          : 'One slot a row: fixture, wheel, slot, and a gobo by its name or number, or a colour such as F24. A scroller takes its whole string in one row.'
      }
    >
      {made ? (
        <Made made={made} onClose={onClose} />
      ) : file ? (
        <Plan rig={rig} file={file} onMade={setMade} onOther={() => setFile(null)} />
      ) : (
        <SheetChoice example={'Fixture\tWheel\tSlot\tGobo\tColour\nPetrel Spot\tGobos\t2\tReeds\t'} onFile={setFile} />
      )}
    </Modal>
  );
}

function Plan({ rig, file, onMade, onOther }: { rig: Rig; file: File; onMade: (made: MadeVersion[]) => void; onOther: () => void }) {
  const queryClient = useQueryClient();
  const [use, setUse] = useState(true);
  const asked = useQuery({
    queryKey: ['rig', rig.id, 'wheel-plan', rig.version, file, file.name, file.lastModified, file.size],
    queryFn: () => answer(api.POST('/api/rigs/{rigId}/wheel-plan', { params: { path: { rigId: rig.id } }, ...withFile(file) })),
    retry: false,
  });
  const make = useMutation({
    mutationFn: () =>
      answer(api.POST('/api/rigs/{rigId}/wheel-versions', { params: { path: { rigId: rig.id }, query: { use } }, ...withFile(file) })),
    onSuccess: async (made) => {
      onMade(made);
      await queryClient.invalidateQueries({ queryKey: rigQuery(rig.id).queryKey });
    },
  });
  const plan = asked.data;
  const count = plan?.types.filter((type) => type.plan.changes.length > 0).length ?? 0;
  return (
    <>
      {asked.error ? <Refusal says={asked.error.message} /> : <Waiting of={asked} what="The sheet" />}
      {plan && (
        <div className="flex min-h-0 flex-col gap-4 overflow-y-auto pr-1 text-sm">
          <p className="text-muted">{`For the production ‘${plan.production}’. DMX maps stay as they are.`}</p>
          {plan.types.map((type) => (
            <TypePlan key={type.plan.pin} type={type} />
          ))}
          {plan.lost.length > 0 && (
            <section aria-label="Rows that fit no fixture">
              <h3 className="mb-1 font-semibold">Rows that fit no fixture of this rig</h3>
              <Lines lines={plan.lost} />
            </section>
          )}
        </div>
      )}
      <Refusal says={make.error?.message} />
      <Check checked={use} onChange={setUse}>
        The units of this rig become these versions at once
      </Check>
      <div className="flex justify-end gap-2">
        <Button onClick={onOther}>Another sheet</Button>
        <Button main disabled={count === 0 || make.isPending} onClick={() => make.mutate()}>
          {make.isPending ? 'Making them …' : `Make ${counted(count, 'production version', 'production versions')}`}
        </Button>
      </div>
    </>
  );
}

function TypePlan({ type }: { type: WheelPlan['types'][number] }) {
  const { plan, known, units } = type;
  return (
    <section aria-label={plan.model}>
      <h3 className="mb-1 font-semibold">
        {`${plan.manufacturer} ${plan.model}`}{' '}
        <span className="font-normal text-muted">
          {`${counted(units, 'unit', 'units')}; ${plan.changes.length === 0 ? 'nothing fits' : known ? 'its production version is updated' : 'a production version is made'}`}
        </span>
      </h3>
      <Lines lines={plan.lines} />
    </section>
  );
}

function Lines({ lines }: { lines: WheelPlanLine[] }) {
  return (
    <ul>
      {lines.map((line, index) => {
        const { sign, text, tone } = FITS[line.fit];
        return (
          <li key={index} className="flex gap-3 border-t border-line py-1">
            <span className={`w-20 shrink-0 ${tone}`}>
              <span aria-hidden>{sign}</span> {text}
            </span>
            <span className="w-14 shrink-0 text-muted">{line.place}</span>
            <span className="w-44 shrink-0 truncate" title={`${line.wheel}, slot ${line.slot}`}>
              {[line.wheel, line.slot && `slot ${line.slot}`].filter(Boolean).join(', ')}
            </span>
            <span className="min-w-0 flex-1">
              {line.was && <span className="text-muted">{line.was} → </span>}
              {line.will}
              {line.says && <span className="block text-muted">{line.says}</span>}
            </span>
          </li>
        );
      })}
    </ul>
  );
}

function Made({ made, onClose }: { made: MadeVersion[]; onClose: () => void }) {
  return (
    <>
      <ul className="flex flex-col gap-2 text-sm">
        {made.map((each) => (
          <li key={`${each.manufacturer} ${each.model}`}>
            {each.refused ? (
              <>
                <span className="font-semibold">{`${each.manufacturer} ${each.model}: `}</span>
                <span className="text-error">{each.refused}</span>
              </>
            ) : (
              <Link to={`/profile/${each.profileId}`} className="underline underline-offset-2">
                {`${each.manufacturer} ${each.model}: revision ${each.revision} of its production version`}
              </Link>
            )}
          </li>
        ))}
      </ul>
      <div className="flex justify-end">
        <Button main onClick={onClose}>
          Done
        </Button>
      </div>
    </>
  );
}
