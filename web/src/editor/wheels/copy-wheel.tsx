import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { answer, api } from '#/api/client';
import type { ProfileLine } from '#/api/types';
import { ProfilePicker } from '#/parts/profile/profile-picker';
import { Button } from '#/ui/button';
import { Refusal } from '#/ui/refusal';
import { useEditorActions } from '#/editor/kit/editor-context';
import { SlotsInARow } from '#/parts/wheel/slots-in-a-row';
import { KINDS } from '#/parts/wheel/wheel-kinds';

/** A wheel of any published profile, with its pictures: beside the others, or in the place of one. */
export function CopyWheel({ over, onDone }: { over: number | null; onDone: () => void }) {
  const { bring } = useEditorActions();
  const [source, setSource] = useState<ProfileLine | null>(null);
  const [refusal, setRefusal] = useState<string | null>(null);
  const { data, error } = useQuery({
    queryKey: ['wheels of', source?.id, source?.revision],
    queryFn: () =>
      answer(
        api.GET('/api/profiles/{profileId}/revisions/{number}/wheels', {
          params: { path: { profileId: source?.id ?? '', number: source?.revision ?? 1 } },
        }),
      ),
    enabled: source !== null,
  });
  if (!source) return <ProfilePicker onChoose={setSource} />;
  async function take(wheel: string) {
    if (!source) return;
    const refused = await bring({ kind: 'wheel', profileId: source.id, revision: source.revision, wheel, over });
    setRefusal(refused);
    if (!refused) onDone();
  }
  return (
    <div className="flex flex-col gap-2">
      <Button quiet className="self-start" onClick={() => setSource(null)}>
        {`${source.name}, revision ${source.revision}; choose another`}
      </Button>
      {data?.length === 0 && <p className="text-sm text-muted">This profile has no wheels.</p>}
      <ul aria-label="Wheels to copy">
        {data?.map((wheel) => (
          <li key={wheel.id}>
            <button type="button" onClick={() => void take(wheel.name)} className="w-full rounded-md px-2 py-1.5 text-left hover:bg-raised">
              <span className="flex justify-between gap-2 text-sm">
                <span className="truncate">{wheel.name}</span>
                <span className="shrink-0 text-muted">{KINDS.find((each) => each.value === wheel.kind)?.text}</span>
              </span>
              <SlotsInARow slots={wheel.slots} />
            </button>
          </li>
        ))}
      </ul>
      <Refusal says={refusal ?? error?.message} />
    </div>
  );
}
