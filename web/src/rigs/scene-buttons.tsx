import type { ReactNode } from 'react';
import { Button } from '#/ui/button';
import { discardScene } from './use-scene';

/** What can be done with a scene that waits: thrown out, left waiting, or what its window is for. */
export function SceneButtons({ sceneId, onClose, children }: { sceneId: string; onClose: () => void; children: ReactNode }) {
  return (
    <>
      <Button
        quiet
        onClick={() => {
          void discardScene(sceneId);
          onClose();
        }}
      >
        Discard file
      </Button>
      <Button onClick={onClose}>Decide later</Button>
      {children}
    </>
  );
}
