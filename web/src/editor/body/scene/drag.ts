import { Euler, Group, MathUtils, Matrix4, Object3D, Vector3, type Camera } from 'three';
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
  let shown: Shown | null = null;
  let picked: Object3D | undefined;

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
    picked.matrix.copy(grip.parent.matrix).multiply(grip.matrix);
  }

  /** The part was dragged: what it was turned by is taken out again before its place is told. */
  function placed() {
    const part = shown?.picked ?? '';
    const object = drag.object;
    const was = object?.userData.local as Matrix4 | undefined;
    const place = shown?.places.get(part);
    if (!object || !was || !place) return;
    object.updateMatrix();
    const to = object.matrix.clone().multiply(was.clone().invert()).multiply(matrixOf(place));
    const turned = new Euler().setFromRotationMatrix(to, 'ZYX');
    const at = new Vector3().setFromMatrixPosition(to);
    events.placed(part, {
      x: round(at.x, 1e4),
      y: round(at.y, 1e4),
      z: round(at.z, 1e4),
      turnX: round(MathUtils.radToDeg(turned.x), 1e2),
      turnY: round(MathUtils.radToDeg(turned.y), 1e2),
      turnZ: round(MathUtils.radToDeg(turned.z), 1e2),
    });
  }

  /** Puts the handle onto the part in hand; `standing` are the parts in the pose's order, `fixture` holds them. */
  function hold(next: Shown, standing: readonly Object3D[], fixture: Object3D) {
    drag.detach();
    shown = next;
    const at = next.pose.parts.findIndex((each) => each.part === next.picked);
    picked = standing[at];
    if (!next.handle || !picked || !next.places.has(next.picked)) return;
    const parent = parentFrame(next, at);
    const holder = new Group();
    holder.matrixAutoUpdate = false;
    holder.matrix.copy(parent);
    const grip = new Object3D();
    const local = parent.clone().invert().multiply(picked.matrix);
    local.decompose(grip.position, grip.quaternion, grip.scale);
    grip.userData.local = local.clone();
    holder.add(grip);
    fixture.add(holder);
    holder.updateMatrixWorld(true);
    drag.setMode(next.handle === 'move' ? 'translate' : 'rotate');
    drag.attach(grip);
  }

  return { helper: drag.getHelper(), hold, end: () => drag.dispose() };
}

/** Where the part that a part stands in is: taken from its own place, since what it is turned by comes behind that. */
function parentFrame(next: Shown, at: number) {
  const part = next.pose.parts[at];
  const place = part && next.places.get(part.part);
  if (!part || !place) return new Matrix4();
  const here = new Matrix4().fromArray(part.frame);
  for (const turned of next.pose.turned.filter((each) => each.at === at).reverse())
    here.multiply(turnOf(turned.attribute, -turned.degrees));
  return here.multiply(matrixOf(place).invert());
}

function turnOf(attribute: string, degrees: number) {
  const radians = MathUtils.degToRad(degrees);
  return attribute === 'Pan' ? new Matrix4().makeRotationZ(radians) : new Matrix4().makeRotationX(radians);
}

/** Turned about x, then y, then z, all of them axes of what it stands in: as the core reads a place. */
function matrixOf(place: Place) {
  const turn = new Euler(MathUtils.degToRad(place.turnX), MathUtils.degToRad(place.turnY), MathUtils.degToRad(place.turnZ), 'ZYX');
  return new Matrix4().makeRotationFromEuler(turn).setPosition(place.x, place.y, place.z);
}

function round(value: number, digits: number) {
  return Math.round(value * digits) / digits + 0;
}
