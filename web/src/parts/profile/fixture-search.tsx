import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useDeferredValue, useState } from 'react';
import { answer, api } from '#/api/client';
import type { Rig, RigFixture } from '#/api/types';
import { TextField } from '#/ui/text-field';

/** A mode of the library by its words: what the rig uses already first, then ours, then the Reference shelf. */
export function FixtureSearch({
  rig,
  words: first = '',
  label = 'Fixture and mode',
  onWords,
  onChoose,
  shown = true,
}: {
  /** Null where there is none yet. */
  rig: Rig | null;
  words?: string;
  label?: string;
  onWords?: () => void;
  onChoose: (fixture: RigFixture) => void;
  /** Whether what was found is shown. */
  shown?: boolean;
}) {
  const [words, setWords] = useState(first);
  const asked = useDeferredValue(words.trim());
  const rigId = rig?.id ?? null;
  const found = useQuery({
    queryKey: ['rig', rigId, 'fixtures', asked],
    queryFn: () =>
      rigId
        ? answer(api.GET('/api/rigs/{rigId}/fixtures', { params: { path: { rigId }, query: { words: asked } } }))
        : answer(api.GET('/api/modes', { params: { query: { words: asked } } })),
    enabled: shown && asked !== '',
    placeholderData: keepPreviousData,
  });
  return (
    <>
      <TextField
        label={label}
        value={words}
        autoFocus
        placeholder="Petrel Spot Extended"
        onChange={(to) => {
          setWords(to);
          onWords?.();
        }}
      />
      {shown && asked !== '' && (
        <ul aria-label="Modes" className="flex max-h-48 flex-col overflow-y-auto">
          {found.data?.map((each) => (
            <li key={`${each.pin} ${each.mode}`}>
              <button
                type="button"
                className="w-full rounded-md px-2 py-1.5 text-left text-sm hover:bg-raised"
                onClick={() => onChoose(each)}
              >
                {`${each.manufacturer} ${each.model}, `}
                <span className="font-semibold">{each.mode}</span>
              </button>
            </li>
          ))}
          {found.data?.length === 0 && <li className="px-2 py-1.5 text-sm text-muted">No mode of the library fits.</li>}
        </ul>
      )}
    </>
  );
}
