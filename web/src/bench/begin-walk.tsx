import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { RadioGroup } from 'radix-ui';
import { useId, useState, type ReactNode } from 'react';
import { useNavigate } from 'react-router';
import { answer, api } from '#/api/client';
import { Problem } from '#/api/problem';
import type { WalkPlan } from '#/api/types';
import { Button } from '#/ui/button';
import { counted } from '#/ui/counted';
import { dayOf } from '#/ui/dates';
import { Modal } from '#/ui/modal';
import { Refusal } from '#/ui/refusal';
import { TextField } from '#/ui/text-field';
import { planQuery, walkQuery, walksQuery } from './bench-query';
import { FixtureChoice, type ChosenMode } from './fixture-choice';
import { lastWhere, told } from './where';
import { WhereFields } from './where-fields';

const SHOWN_ELSEWHERE = ['destination', 'universe', 'address', 'telemetry'];

/** Begins a walk and goes there. How long it takes is said before. */
export function BeginWalk({ mode: first, onClose }: { mode: ChosenMode | null; onClose: () => void }) {
  const [chosen, setChosen] = useState(first);
  const [where, setWhere] = useState(lastWhere.now());
  const [who, setWho] = useState('hands');
  const [telemetry, setTelemetry] = useState('');
  const [length, setLength] = useState('whole');
  const [fixtureSerial, setSerial] = useState('');
  const [firmware, setFirmware] = useState('');
  const [notes, setNotes] = useState('');
  const plan = useQuery(planQuery(chosen?.pin ?? '', chosen?.mode ?? '')).data;
  const queryClient = useQueryClient();
  const navigate = useNavigate();
  const begin = useMutation({
    mutationFn: ({ pin, mode }: ChosenMode) => {
      lastWhere.set(where);
      const body = {
        pin,
        mode,
        quick: length === 'quick',
        changedOnly: length === 'changed',
        ...told(where),
        telemetry: who === 'hands' ? '' : telemetry,
        fixtureSerial,
        firmware,
        notes,
      };
      return answer(api.POST('/api/walks', { body }));
    },
    onSuccess: async (walk) => {
      queryClient.setQueryData(walkQuery(walk.id).queryKey, walk);
      void queryClient.invalidateQueries({ queryKey: walksQuery.queryKey });
      await navigate(`/bench/walks/${walk.id}`);
    },
  });
  const refused = begin.error instanceof Problem ? begin.error : null;
  return (
    <Modal open onClose={onClose} size="wide" title="New walk" description="Every step of a mode, shown on a fixture and answered.">
      <form
        className="-mx-2 flex flex-col gap-5 overflow-y-auto px-2"
        onSubmit={(event) => {
          event.preventDefault();
          if (chosen) begin.mutate(chosen);
        }}
      >
        <FixtureChoice chosen={chosen} onChoose={setChosen} />
        <WhereFields where={where} onChange={setWhere} refused={refused} />
        <Options label="Answered by" value={who} onChoose={setWho}>
          <Option value="hands" text="Hand" says="You look at the fixture, and answer each step with a key." />
          <Option value="instruments" text="Instruments" says="A simulated fixture, a camera or a meter answers by itself." />
        </Options>
        {who === 'instruments' && (
          <TextField
            label="Where the instruments answer"
            value={telemetry}
            onChange={setTelemetry}
            maxLength={300}
            placeholder="http://127.0.0.1:40123/"
            error={refused?.field === 'telemetry' ? refused.message : null}
          />
        )}
        {plan && <Lengths plan={plan} byHand={who === 'hands'} value={length} onChoose={setLength} />}
        <div className="grid grid-cols-3 gap-3">
          <TextField label="Serial number (optional)" value={fixtureSerial} onChange={setSerial} maxLength={100} />
          <TextField label="Firmware (optional)" value={firmware} onChange={setFirmware} maxLength={100} placeholder="1.4" />
          <TextField label="Notes (optional)" value={notes} onChange={setNotes} maxLength={2000} />
        </div>
        <Refusal says={refused?.field && SHOWN_ELSEWHERE.includes(refused.field) ? null : begin.error?.message} />
        <div className="flex justify-end gap-2">
          <Button onClick={onClose}>Cancel</Button>
          <Button main type="submit" disabled={!chosen || begin.isPending}>
            Begin
          </Button>
        </div>
      </form>
    </Modal>
  );
}

function Lengths({ plan, byHand, value, onChoose }: { plan: WalkPlan; byHand: boolean; value: string; onChoose: (to: string) => void }) {
  const says = ({ steps, minutes }: WalkPlan['whole']) =>
    byHand ? `${counted(steps, 'step', 'steps')}, about ${counted(minutes, 'minute', 'minutes')}` : counted(steps, 'step', 'steps');
  const { proven } = plan;
  return (
    <Options label="Steps" value={value} onChoose={onChoose}>
      <Option value="whole" text="All" says={says(plan.whole)} />
      <Option value="quick" text="Middles and ends" says={says(plan.quick)} />
      {proven && (
        <Option
          value="changed"
          text="Only what changed"
          says={`${proven.changed.steps === 0 ? 'Nothing' : says(proven.changed)}, since revision ${proven.number} was proven on ${dayOf(proven.at)}`}
        />
      )}
    </Options>
  );
}

function Options({
  label,
  value,
  onChoose,
  children,
}: {
  label: string;
  value: string;
  onChoose: (to: string) => void;
  children: ReactNode;
}) {
  const id = useId();
  return (
    <div className="flex flex-col gap-1.5">
      <span id={id} className="text-sm text-muted">
        {label}
      </span>
      <RadioGroup.Root aria-labelledby={id} value={value} onValueChange={onChoose} className="flex flex-wrap gap-2">
        {children}
      </RadioGroup.Root>
    </div>
  );
}

function Option({ value, text, says }: { value: string; text: string; says: string }) {
  return (
    <RadioGroup.Item
      value={value}
      className="flex max-w-72 min-w-44 flex-1 flex-col items-start rounded-md border border-edge px-3 py-2 text-left data-[state=checked]:border-kite-text data-[state=checked]:bg-raised"
    >
      <span className="flex items-center gap-2 font-semibold">
        <span aria-hidden className="grid size-3.5 place-items-center rounded-full border border-edge">
          <RadioGroup.Indicator className="block size-2 rounded-full bg-kite-text" />
        </span>
        {text}
      </span>
      <span className="text-sm text-muted">{says}</span>
    </RadioGroup.Item>
  );
}
