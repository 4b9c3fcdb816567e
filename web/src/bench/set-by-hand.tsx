import { useMutation, useQueryClient } from '@tanstack/react-query';
import { RadioTower } from 'lucide-react';
import { useState } from 'react';
import { answer, api } from '#/api/client';
import { Problem } from '#/api/problem';
import type { UniverseLook } from '#/api/types';
import { liveQuery } from '#/parts/live/live-query';
import { Button } from '#/ui/button';
import { Refusal } from '#/ui/refusal';
import { universeQuery } from './universe-query';
import { lastWhere, told } from './where';
import { WhereFields } from './where-fields';

/** A universe without a fixture: live with all addresses at 0, to be held by hand. */
export function SetByHand({ look }: { look: UniverseLook }) {
  const [where, setWhere] = useState(lastWhere.now());
  const queryClient = useQueryClient();
  const params = { path: { universe: look.universe } };
  const turn = useMutation({
    mutationFn: (on: boolean) =>
      on
        ? answer(api.POST('/api/universes/{universe}/live', { params, body: { destination: told(where).destination } }))
        : answer(api.DELETE('/api/universes/{universe}/live', { params })),
    onSuccess: (next) => {
      queryClient.setQueryData(universeQuery(look.universe, false).queryKey, next);
      void queryClient.invalidateQueries({ queryKey: liveQuery.queryKey });
    },
  });
  if (look.byHand)
    return (
      <div className="mb-4">
        <Button onClick={() => turn.mutate(false)}>Stop sending</Button>
      </div>
    );
  const refused = turn.error instanceof Problem ? turn.error : null;
  return (
    <form
      aria-label="Set by hand"
      className="mb-4 flex max-w-3xl items-end gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        turn.mutate(true);
      }}
    >
      <div className="flex-1">
        <WhereFields
          where={{ ...where, universe: String(look.universe) }}
          onChange={(to) => setWhere({ ...to, universe: where.universe })}
          refused={refused}
          withAddress={false}
        />
      </div>
      <Button type="submit" className="min-h-9">
        <RadioTower size={16} aria-hidden />
        Go live, all at 0
      </Button>
      {refused?.field !== 'destination' && <Refusal says={turn.error?.message} />}
    </form>
  );
}
