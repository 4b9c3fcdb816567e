import type { Object3D } from 'three';
import {
  ArrowHelper,
  BufferGeometry,
  CanvasTexture,
  Group,
  Line,
  LineBasicMaterial,
  MathUtils,
  Matrix4,
  Mesh,
  Sprite,
  SpriteMaterial,
  Vector3,
  type Material,
} from 'three';
import type { Pose } from '#/api/types';

/** More numbers than this only cover each other. */
const MOST_NUMBERS = 200;

/** The front, the zero of each axis, the way that rising degrees turn, and the numbers of cells. */
export function signsOf(pose: Pose): Object3D[] {
  const signs: Object3D[] = numbersOf(pose);
  const first = pose.parts[0];
  if (first) {
    const at = new Vector3().setFromMatrixPosition(new Matrix4().fromArray(first.frame));
    const [x = 0, y = -1, z = 0] = pose.front;
    signs.push(new ArrowHelper(new Vector3(x, y, z), at, 0.7, 0x3fae6a, 0.14, 0.08));
  }
  for (const turned of pose.turned) {
    const part = pose.parts[turned.at];
    if (!part) continue;
    const sign = new Group();
    sign.matrixAutoUpdate = false;
    sign.matrix.fromArray(part.frame).multiply(turnOf(turned.attribute, -turned.degrees));
    sign.add(...arc(turned.attribute === 'Pan', turned.degrees));
    sign.traverse(inFront);
    signs.push(sign);
  }
  return signs;
}

export function turnOf(attribute: string, degrees: number) {
  const radians = MathUtils.degToRad(degrees);
  return attribute === 'Pan' ? new Matrix4().makeRotationZ(radians) : new Matrix4().makeRotationX(radians);
}

/** Each cell's number, in the order of the block. */
function numbersOf(pose: Pose) {
  const cells = pose.parts.filter((part) => part.kind === 'GeometryReference').slice(0, MOST_NUMBERS);
  return cells.map((part, index) => {
    const sign = new Sprite(new SpriteMaterial({ map: numbered(index + 1), depthTest: false }));
    sign.position.setFromMatrixPosition(new Matrix4().fromArray(part.frame));
    sign.scale.setScalar(0.09);
    sign.renderOrder = 3;
    return sign;
  });
}

/** A number on a dark ground. */
function numbered(number: number) {
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
    out.font = '600 30px sans-serif';
    out.textAlign = 'center';
    out.textBaseline = 'middle';
    out.fillText(String(number), 32, 34);
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

/** An arc about the axis with a head at the end that rising degrees turn to, a plus beside it, and a line at zero. */
function arc(pan: boolean, degrees: number): Object3D[] {
  const radius = 0.36;
  const on = (angle: number, r = radius) =>
    pan ? new Vector3(r * Math.sin(angle), -r * Math.cos(angle), 0) : new Vector3(0, r * Math.sin(angle), -r * Math.cos(angle));
  const points = Array.from({ length: 25 }, (_, i) => on(MathUtils.degToRad((i / 24) * 120)));
  const colour = pan ? 0x4aa8d8 : 0xd88a4a;
  const paint = new LineBasicMaterial({ color: colour });
  const last = points[24] ?? new Vector3();
  const before = points[23] ?? new Vector3();
  const plus = on(MathUtils.degToRad(132), radius * 1.05);
  const span = 0.03;
  const across = pan ? [new Vector3(span, 0, 0), new Vector3(0, span, 0)] : [new Vector3(0, span, 0), new Vector3(0, 0, span)];
  const now = on(MathUtils.degToRad(degrees), radius * 1.2);
  return [
    new Line(new BufferGeometry().setFromPoints(points), paint),
    new ArrowHelper(last.clone().sub(before).normalize(), before, 0.09, colour, 0.09, 0.06),
    ...across.map((half) => new Line(new BufferGeometry().setFromPoints([plus.clone().sub(half), plus.clone().add(half)]), paint)),
    new Line(new BufferGeometry().setFromPoints([on(0, radius * 0.85), on(0, radius * 1.2)]), paint),
    new Line(new BufferGeometry().setFromPoints([new Vector3(), now]), new LineBasicMaterial({ color: 0xf4c531 })),
  ];
}
