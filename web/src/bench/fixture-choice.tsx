import { useQuery } from '@tanstack/react-query';
import { FixtureSearch } from '#/parts/profile/fixture-search';
import { Button } from '#/ui/button';
import { Refusal } from '#/ui/refusal';
import { planQuery } from './bench-query';

export type ChosenMode = { pin: string; mode: string };

/** The mode of a revision that is at hand: chosen by its words, or named by the address of the page. */
export function FixtureChoice({ chosen, onChoose }: { chosen: ChosenMode | null; onChoose: (to: ChosenMode | null) => void }) {
  const plan = useQuery(planQuery(chosen?.pin ?? '', chosen?.mode ?? ''));
  if (!chosen) return <FixtureSearch rig={null} label="Fixture and mode" onChoose={({ pin, mode }) => onChoose({ pin, mode })} />;
  return (
    <div className="flex flex-col gap-1.5">
      <span className="text-sm text-muted">Fixture and mode</span>
      <div className="flex items-center gap-3 rounded-md border border-line px-3 py-1.5">
        <p className="min-w-0 flex-1">
          {plan.data && (
            <>
              {`${plan.data.manufacturer} ${plan.data.profile}, `}
              <span className="font-semibold">{plan.data.mode}</span>
              <span className="text-sm text-muted">{`, revision ${plan.data.revision}, ${plan.data.slots} addresses`}</span>
            </>
          )}
        </p>
        <Button quiet onClick={() => onChoose(null)}>
          Change
        </Button>
      </div>
      <Refusal says={plan.error?.message} />
    </div>
  );
}
