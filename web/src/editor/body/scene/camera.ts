import { MathUtils, Matrix4, PerspectiveCamera, Sphere, Vector3, type Box3 } from 'three';
import { OrbitControls } from 'three/examples/jsm/controls/OrbitControls.js';
import type { Pose } from '#/api/types';

export type CameraView = 'front' | 'side' | 'above' | 'seats' | 'beam';

const EYE_METRES = 1.6;
const SEATS_METRES = 9;
const FARTHEST = 60;
const NEAREST = 0.15;
const STEEPEST = 1.5;
/** A body smaller than this is not gone nearer to, m. */
const LEAST_RADIUS = 0.2;
/** How many radii of a body the camera stands away from its middle, at the beginning and in the named views. */
const BEGIN_RADII = 6;
const VIEW_RADII = 5.4;
/** Where the camera begins: a little to the left, in front, and above. */
const BEGIN = new Vector3(-1.1, -2.2, 0.35).normalize();

/** The camera of a room, turned by the mouse, by keys and to named views. */
export function makeCamera(canvas: HTMLCanvasElement, moved: () => void) {
  const camera = new PerspectiveCamera(38, 1, 0.02, 200);
  camera.up.set(0, 0, 1);
  const orbit = new OrbitControls(camera, canvas);
  orbit.maxDistance = FARTHEST;
  orbit.minDistance = NEAREST;
  orbit.addEventListener('change', moved);

  function around(body: Box3) {
    const ball = body.getBoundingSphere(new Sphere());
    return { middle: ball.center, radius: Math.max(LEAST_RADIUS, ball.radius) };
  }

  /** Looks at a whole body, and a little to where its light leaves it at rest. */
  function aim(body: Box3, pose: Pose) {
    const { middle, radius } = around(body);
    const rest = new Vector3(0, 0, -1).transformDirection(frameOf(pose));
    orbit.target.copy(middle).addScaledVector(rest, radius / 2);
    camera.position.copy(orbit.target).addScaledVector(BEGIN, BEGIN_RADII * radius);
    orbit.update();
  }

  function look(view: CameraView, body: Box3, pose: Pose) {
    const { middle, radius } = around(body);
    const away = VIEW_RADII * radius;
    const beam = pose.shines[0];
    orbit.target.copy(middle);
    if (view === 'front') camera.position.set(middle.x, middle.y - away, middle.z);
    else if (view === 'side') camera.position.set(middle.x - away, middle.y, middle.z);
    else if (view === 'above') camera.position.set(middle.x, middle.y - 0.01, middle.z + away);
    else if (view === 'seats') {
      const hung = new Vector3().setFromMatrixPosition(frameOf(pose));
      orbit.target.set(hung.x, hung.y, hung.z / 2);
      camera.position.set(hung.x, hung.y - SEATS_METRES, EYE_METRES);
    } else if (beam) {
      const frame = new Matrix4().fromArray(beam.frame);
      const lens = new Vector3().setFromMatrixPosition(frame);
      const ahead = new Vector3(0, 0, -1).transformDirection(frame);
      camera.position.copy(lens).addScaledVector(ahead, 0.05);
      orbit.target.copy(lens).addScaledVector(ahead, beam.met?.distance ?? 4);
    }
    orbit.update();
  }

  function turn(aroundDegrees: number, overDegrees: number, nearer: number) {
    const off = camera.position.clone().sub(orbit.target);
    const flat = Math.hypot(off.x, off.y);
    const angle = Math.atan2(off.y, off.x) + MathUtils.degToRad(aroundDegrees);
    const up = MathUtils.clamp(Math.atan2(off.z, flat) + MathUtils.degToRad(overDegrees), -STEEPEST, STEEPEST);
    const length = MathUtils.clamp(off.length() * nearer, NEAREST, FARTHEST);
    camera.position.set(
      orbit.target.x + length * Math.cos(up) * Math.cos(angle),
      orbit.target.y + length * Math.cos(up) * Math.sin(angle),
      orbit.target.z + length * Math.sin(up),
    );
    orbit.update();
  }
  return { camera, orbit, aim, look, turn };
}

/** Where the outermost part is. */
function frameOf(pose: Pose) {
  const first = pose.parts[0];
  return first ? new Matrix4().fromArray(first.frame) : new Matrix4();
}
