import type { Object3D } from 'three';
import { ArrowHelper, BufferGeometry, CanvasTexture, Group, Line, LineBasicMaterial, Mesh, Sprite, SpriteMaterial, Vector3 } from 'three';
import type { Material } from 'three';
import type { Pose, Sign } from '#/api/types';
import { SIGN_COLOURS } from './sign-colours';

const PLUS_METRES = 0.03;
const BEHIND_ARROW_METRES = 0.08;

/** The front, the zero of each axis, the way that rising degrees turn, and the numbers of cells. */
export function signsOf(pose: Pose): Object3D[] {
  return [...numbersOf(pose), ...pose.signs.map(signOf)];
}

function signOf(sign: Sign) {
  const points = pointsOf(sign);
  const paint = new LineBasicMaterial({ color: SIGN_COLOURS[sign.kind] });
  const drawn = new Group();
  drawn.add(new Line(new BufferGeometry().setFromPoints(points), paint));
  const last = points.at(-1);
  const before = points.at(-2);
  if (last && before && (sign.kind === 'FRONT' || sign.kind === 'PAN' || sign.kind === 'TILT')) {
    const along = last.clone().sub(before).normalize();
    const head = sign.kind === 'FRONT' ? 0.14 : 0.09;
    const from = last.clone().addScaledVector(along, -head / 2);
    drawn.add(new ArrowHelper(along, from, head, SIGN_COLOURS[sign.kind], head, (head * 2) / 3));
    if (sign.kind !== 'FRONT') drawn.add(...plus(points, along, paint));
  }
  drawn.traverse(inFront);
  return drawn;
}

function pointsOf(sign: Sign) {
  return Array.from(
    { length: sign.points.length / 3 },
    (_, i) => new Vector3(sign.points[3 * i], sign.points[3 * i + 1], sign.points[3 * i + 2]),
  );
}

/** A plus behind the end of an arc, in the plane of the arc. */
function plus(arc: Vector3[], along: Vector3, paint: LineBasicMaterial) {
  const [first = new Vector3(), second = new Vector3()] = arc;
  const across = second.clone().sub(first).cross(along).cross(along).normalize();
  const at = (arc.at(-1) ?? first).clone().addScaledVector(along, BEHIND_ARROW_METRES);
  return [along, across].map(
    (way) =>
      new Line(
        new BufferGeometry().setFromPoints([at.clone().addScaledVector(way, -PLUS_METRES), at.clone().addScaledVector(way, PLUS_METRES)]),
        paint,
      ),
  );
}

function numbersOf(pose: Pose) {
  return pose.numbers.map(({ number, at: [x, y, z] }) => {
    const sign = new Sprite(new SpriteMaterial({ map: numbered(number), depthTest: false }));
    sign.position.set(x ?? 0, y ?? 0, z ?? 0);
    sign.scale.setScalar(0.09);
    sign.renderOrder = 3;
    return sign;
  });
}

/** A number on a dark ground. */
function numbered(number: string) {
  const canvas = document.createElement('canvas');
  canvas.width = 64;
  canvas.height = 64;
  const out = canvas.getContext('2d');
  if (out) {
    out.fillStyle = 'rgba(12, 16, 19, 0.75)';
    out.beginPath();
    out.arc(32, 32, 30, 0, 2 * Math.PI);
    out.fill();
    out.fillStyle = '#f4c531';
    out.font = `600 ${number.length > 2 ? 28 : 30}px sans-serif`;
    out.textAlign = 'center';
    out.textBaseline = 'middle';
    out.fillText(number, 32, 34, 54);
  }
  return new CanvasTexture(canvas);
}

/** Signs are seen through what stands before them. */
function inFront(object: Object3D) {
  if (!(object instanceof Line || object instanceof Mesh)) return;
  for (const material of [object.material].flat() as Material[]) {
    material.depthTest = false;
    material.transparent = true;
  }
  object.renderOrder = 2;
}
