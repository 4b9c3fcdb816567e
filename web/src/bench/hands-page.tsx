import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Hand } from 'lucide-react';
import { useState } from 'react';
import { useNavigate, useParams, useSearchParams } from 'react-router';
import { answer, api } from '#/api/client';
import { Problem } from '#/api/problem';
import { Button } from '#/ui/button';
import { Refusal } from '#/ui/refusal';
import { BenchFrame } from './bench-frame';
import { FixtureChoice, type ChosenMode } from './fixture-choice';
import { HandsPanel } from './hands-panel';
import { handsQuery } from './hands-query';
import { lastWhere, told } from './where';
import { WhereFields } from './where-fields';

/** One fixture in hand: a panel that is made of its profile. */
export function HandsPage() {
  const { handsId } = useParams();
  return handsId === undefined ? (
    <BenchFrame title="Hands · Bench">
      <TakeInHand gone={null} />
    </BenchFrame>
  ) : (
    <InHand key={handsId} id={handsId} />
  );
}

function InHand({ id }: { id: string }) {
  const { data, error } = useQuery(handsQuery(id));
  return (
    <BenchFrame title={data ? `${data.profile} · Bench` : 'Hands · Bench'}>
      {data && <HandsPanel hands={data} />}
      {error && !data && <TakeInHand gone={error.message} />}
    </BenchFrame>
  );
}

function TakeInHand({ gone }: { gone: string | null }) {
  const [search] = useSearchParams();
  const [chosen, setChosen] = useState<ChosenMode | null>(
    search.has('pin') ? { pin: search.get('pin') ?? '', mode: search.get('mode') ?? '' } : null,
  );
  const [where, setWhere] = useState(lastWhere.now());
  const queryClient = useQueryClient();
  const navigate = useNavigate();
  const begin = useMutation({
    mutationFn: (mode: ChosenMode) => {
      lastWhere.set(where);
      return answer(api.POST('/api/hands', { body: { ...mode, ...told(where) } }));
    },
    onSuccess: async (hands) => {
      queryClient.setQueryData(handsQuery(hands.id).queryKey, hands);
      await navigate(`/bench/hands/${hands.id}`);
    },
  });
  const refused = begin.error instanceof Problem ? begin.error : null;
  return (
    <form
      aria-label="Take a fixture in hand"
      className="flex max-w-3xl flex-col gap-5"
      onSubmit={(event) => {
        event.preventDefault();
        if (chosen) begin.mutate(chosen);
      }}
    >
      {gone && <p role="alert">{gone}</p>}
      <p className="max-w-prose text-muted">
        A panel for one fixture, made of its profile: degrees, kelvin and gobos instead of bytes. Nothing is sent before you go live.
      </p>
      <FixtureChoice chosen={chosen} onChoose={setChosen} />
      <WhereFields where={where} onChange={setWhere} refused={refused} />
      <Refusal
        says={
          refused?.field === 'destination' || refused?.field === 'address' || refused?.field === 'universe' ? null : begin.error?.message
        }
      />
      <div>
        <Button main type="submit" disabled={!chosen || begin.isPending}>
          <Hand size={16} aria-hidden />
          Take in hand
        </Button>
      </div>
    </form>
  );
}
