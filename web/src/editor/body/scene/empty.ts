import type { BufferGeometry } from 'three';
import { Line, Mesh, MeshBasicMaterial, Sprite, type Group, type Material } from 'three';

/** Takes everything out and gives its memory back. */
export function empty(group: Group) {
  group.traverse((each) => {
    if (each instanceof Sprite) {
      each.material.map?.dispose();
      each.material.dispose();
    } else if (each instanceof Mesh || each instanceof Line) {
      (each.geometry as BufferGeometry).dispose();
      for (const material of [each.material].flat() as Material[]) {
        if (material instanceof MeshBasicMaterial) material.map?.dispose();
        material.dispose();
      }
    }
  });
  group.clear();
}
