import { Euler, Group, MathUtils, Matrix4, Object3D, type Camera } from 'three';
import { TransformControls } from 'three/examples/jsm/controls/TransformControls.js';
import type { Place } from '#/api/types';
import type { Shown } from './shown';

const SNAP_METRES = 0.01;
const SNAP_DEGREES = 15;

/** The handle by which the part in hand is moved or turned, in steps. */
export function makeDrag(
  camera: Camera,
  canvas: HTMLCanvasElement,
  events: { drawn: () => void; dragging: (on: boolean) => void; placed: (part: string, place: Place) => void },
) {
  const drag = new TransformControls(camera, canvas);
  drag.setTranslationSnap(SNAP_METRES);
  drag.setRotationSnap(MathUtils.degToRad(SNAP_DEGREES));
  drag.setSize(0.8);
  drag.setSpace('local');
  let part = '';
  let picked: Object3D | undefined;
  let before = '';
  let turns = new Matrix4();

  drag.addEventListener('change', events.drawn);
  drag.addEventListener('objectChange', follow);
  drag.addEventListener('dragging-changed', (event) => {
    events.dragging(event.value === true);
    if (event.value !== true) placed();
  });

  /** The part goes where its handle is; what stands in it follows when the place is taken. */
  function follow() {
    const grip = drag.object;
    if (!grip?.parent || !picked) return;
    grip.updateMatrix();
    picked.matrix.copy(grip.parent.matrix).multiply(grip.matrix).multiply(turns);
  }

  /** A handle that was only touched says nothing: a place may have more digits than are dragged. */
  function placed() {
    const grip = drag.object;
    const to = grip && placeOf(grip);
    if (to && JSON.stringify(to) !== before) events.placed(part, to);
  }

  /**
   * Puts the handle onto the part in hand: where its place is, so that what pan and tilt turn it by does not count. `standing` are the parts
   * in the pose's order, `fixture` holds them.
   */
  function hold(next: Shown, standing: readonly Object3D[], fixture: Object3D) {
    drag.detach();
    const at = next.pose.parts.findIndex((each) => each.part === next.picked);
    const place = next.places.get(next.picked);
    picked = standing[at];
    part = next.picked;
    if (!next.handle || !picked || !place) return;
    const rest = next.pose.turned.find((each) => each.at === at)?.rest;
    const atRest = rest ? new Matrix4().fromArray(rest) : picked.matrix.clone();
    turns = atRest.clone().invert().multiply(picked.matrix);
    const grip = new Object3D();
    const local = matrixOf(place);
    local.decompose(grip.position, grip.quaternion, grip.scale);
    before = JSON.stringify(placeOf(grip));
    const holder = new Group();
    holder.matrixAutoUpdate = false;
    holder.matrix.copy(atRest).multiply(local.invert());
    holder.add(grip);
    fixture.add(holder);
    holder.updateMatrixWorld(true);
    drag.setMode(next.handle === 'move' ? 'translate' : 'rotate');
    drag.attach(grip);
  }

  return { helper: drag.getHelper(), hold, end: () => drag.dispose() };
}

/** Turned about x, then y, then z, all of them axes of what it stands in: as the core reads a place. */
function matrixOf(place: Place) {
  const turn = new Euler(MathUtils.degToRad(place.turnX), MathUtils.degToRad(place.turnY), MathUtils.degToRad(place.turnZ), 'ZYX');
  return new Matrix4().makeRotationFromEuler(turn).setPosition(place.x, place.y, place.z);
}

/** To a tenth of a millimetre and a hundredth of a degree. */
function placeOf(grip: Object3D): Place {
  const turned = new Euler().setFromQuaternion(grip.quaternion, 'ZYX');
  return {
    x: round(grip.position.x, 1e4),
    y: round(grip.position.y, 1e4),
    z: round(grip.position.z, 1e4),
    turnX: round(MathUtils.radToDeg(turned.x), 1e2),
    turnY: round(MathUtils.radToDeg(turned.y), 1e2),
    turnZ: round(MathUtils.radToDeg(turned.z), 1e2),
  };
}

function round(value: number, digits: number) {
  return Math.round(value * digits) / digits + 0;
}
