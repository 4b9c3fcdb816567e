import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { answer, api } from '#/api/client';
import type { SceneView } from '#/api/types';
import { Button } from '#/ui/button';
import { counted } from '#/ui/counted';
import { Modal } from '#/ui/modal';
import { Refusal } from '#/ui/refusal';
import { TextField } from '#/ui/text-field';
import { SceneKinds } from './scene-kinds';
import { SceneLanes } from './scene-lanes';
import { SceneButtons } from './scene-buttons';
import { SceneNotes } from './scene-notes';
import { SceneProfiles } from './scene-profiles';
import { useDecisions, useScene, type SceneSource } from './use-scene';

/** A scene of another program: what it asks for and what there is for it, decided kind by kind, becomes a rig. */
export function TakeScene({ source, onClose }: { source: SceneSource; onClose: () => void }) {
  const { scene, error } = useScene(source);
  return (
    <Modal
      open
      onClose={onClose}
      size={scene ? 'large' : 'wide'}
      title={error ? 'This scene was refused' : scene ? scene.name : `Reading ${source instanceof File ? source.name : 'the scene'} …`}
      description={
        scene
          ? `${counted(scene.units, 'fixture', 'fixtures')} of ${counted(scene.kinds.length, 'kind', 'kinds')}. Decide once for each kind. Until then the file waits under Exchange.`
          : error
            ? 'Nothing was changed.'
            : 'Its fixtures are compared with the library.'
      }
    >
      <Refusal says={error?.message} />
      {scene && <Kinds scene={scene} onClose={onClose} />}
    </Modal>
  );
}

function Kinds({ scene, onClose }: { scene: SceneView; onClose: () => void }) {
  const navigate = useNavigate();
  const [name, setName] = useState(scene.name.replace(/\.mvr$/i, ''));
  const decisions = useDecisions();
  const [id] = useState(() => crypto.randomUUID());
  const take = useMutation({
    mutationFn: () =>
      answer(
        api.POST('/api/scenes/{id}/take', {
          params: { path: { id: scene.id } },
          headers: { 'Kite-Change': id },
          body: { name, decisions: decisions.all(scene.kinds) },
        }),
      ),
    onSuccess: ({ rigId }) => {
      onClose();
      return navigate(`/rigs/${rigId}`);
    },
  });
  return (
    <>
      <TextField label="Name of the new rig" value={name} onChange={setName} />
      <div className="flex min-h-0 flex-col gap-3 overflow-y-auto">
        <SceneKinds sceneId={scene.id} kinds={scene.kinds} decisions={decisions} />
        <SceneProfiles sceneId={scene.id} />
        <SceneNotes notes={scene.notes} />
      </div>
      <SceneLanes scene={scene} decisions={decisions} />
      <Refusal says={take.error?.message} />
      <div className="flex flex-wrap justify-end gap-2">
        <SceneButtons sceneId={scene.id} onClose={onClose}>
          <Button main disabled={take.isPending || name.trim() === ''} onClick={() => take.mutate()}>
            {take.isPending ? 'Importing …' : 'Make a rig of it'}
          </Button>
        </SceneButtons>
      </div>
    </>
  );
}
