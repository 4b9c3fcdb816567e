import { useQuery } from '@tanstack/react-query';
import { answer, api } from '#/api/client';
import type { ProfilePageView } from '#/api/types';
import { SlotPicture } from '#/parts/wheel/slot-picture';
import { KINDS } from '#/parts/wheel/wheel-kinds';
import { Waiting } from '#/ui/waiting';

/** The wheels with what their slots show. */
export function ProfileWheels({ profile }: { profile: ProfilePageView }) {
  const asked = useQuery({
    queryKey: ['wheels of', profile.id, profile.revision],
    queryFn: () =>
      answer(
        api.GET('/api/profiles/{profileId}/revisions/{number}/wheels', {
          params: { path: { profileId: profile.id, number: profile.revision } },
        }),
      ),
  });
  const { data } = asked;
  if (!data) return <Waiting of={asked} what="The wheels" />;
  if (data.length === 0) return null;
  return (
    <section aria-label="Wheels">
      <h2 className="mb-2 text-xs font-semibold text-muted">Wheels</h2>
      <ul className="flex flex-col gap-4">
        {data.map((wheel) => (
          <li key={wheel.id}>
            <p className="text-sm">
              {wheel.name} <span className="text-muted">{KINDS.find((each) => each.value === wheel.kind)?.text}</span>
            </p>
            <ol className="mt-1.5 flex flex-wrap gap-3">
              {wheel.slots.map((slot) => (
                <li key={slot.number} className="flex w-16 flex-col items-center gap-1 text-xs">
                  <SlotPicture slot={slot} className="size-12" />
                  <span className="w-full truncate text-center text-muted" title={slot.name}>{`${slot.number} ${slot.name}`}</span>
                </li>
              ))}
            </ol>
          </li>
        ))}
      </ul>
    </section>
  );
}
