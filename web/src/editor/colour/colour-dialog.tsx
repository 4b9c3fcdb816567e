import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { answer, api } from '#/api/client';
import type { WishAnswer } from '#/api/types';
import { useEditor } from '#/editor/kit/editor-context';
import { Button } from '#/ui/button';
import { Modal } from '#/ui/modal';
import { Refusal } from '#/ui/refusal';
import { ColourDiagram } from './colour-diagram';
import { ColourWish } from './colour-wish';
import { HueFacts } from './hue-facts';
import { LightParts } from './light-parts';

/** What a mode can mix, and which values make a colour. */
export function ColourDialog({ mode, onClose }: { mode: number; onClose: () => void }) {
  const { draft, probe } = useEditor();
  const [shown, setShown] = useState<'wish' | 'parts'>('wish');
  const [wish, setWish] = useState<WishAnswer | undefined>();
  const { data, error } = useQuery({
    queryKey: ['colours', draft.id, draft.version, mode, probe],
    queryFn: () =>
      answer(api.POST('/api/drafts/{draftId}/colour', { params: { path: { draftId: draft.id } }, body: { mode, values: probe } })),
    placeholderData: (before) => before,
  });
  const hue = wish?.reached ?? data?.now;
  return (
    <Modal
      size="wide"
      open
      onClose={onClose}
      title={`Colours of ${draft.name}, mode ${draft.map?.name ?? ''}`}
      description="What the mode can mix, and which values make a wanted colour. The cross is the light at the probe."
    >
      <Refusal says={error?.message} />
      {data && (
        <div className="grid min-h-0 grid-cols-[21rem_minmax(0,1fr)] gap-6 overflow-y-auto">
          <div className="flex flex-col gap-3">
            <ColourDiagram map={data} wanted={wish?.wanted} reached={wish?.reached} />
            {hue ? <HueFacts hue={hue} /> : <p className="text-sm text-muted">At the probe no light is on.</p>}
          </div>
          <div className="flex min-w-0 flex-col gap-4">
            <div role="group" aria-label="What to show" className="flex gap-1">
              <Button quiet={shown !== 'wish'} aria-pressed={shown === 'wish'} onClick={() => setShown('wish')}>
                Ask for a colour
              </Button>
              <Button quiet={shown !== 'parts'} aria-pressed={shown === 'parts'} onClick={() => setShown('parts')}>
                Emitters and filters
              </Button>
            </div>
            {shown === 'wish' ? <ColourWish mode={mode} map={data} answer={wish} onAnswer={setWish} /> : <LightParts map={data} />}
          </div>
        </div>
      )}
    </Modal>
  );
}
