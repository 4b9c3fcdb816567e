import {
  AdditiveBlending,
  BufferAttribute,
  BufferGeometry,
  CanvasTexture,
  Color,
  DoubleSide,
  Group,
  Matrix4,
  Mesh,
  MeshBasicMaterial,
  Vector3,
} from 'three';
import type { Pose, Shine } from '#/api/types';
import { paintBeam, spreadOf } from './beam-picture';

/** A beam that meets nothing is drawn so long, m. */
const FAR = 12;
/** Of so many beams each meets the room in detail; of more, coarsely. */
const FINE = 6;
const MOST_MET = 64;

/** A beam in the air, and what it throws onto floor and wall. Null for a dark one. */
export function beamOf(shine: Shine, pose: Pose, index: number, drawn: () => void) {
  if (shine.looks <= 0) return null;
  const beam = new Group();
  const colour = new Color(shine.hex);
  const frame = new Matrix4().fromArray(shine.frame);
  const length = shine.met?.distance ?? FAR;
  beam.add(cone(shine, frame, length, colour, pose.shines.length > FINE ? 12 : 36, 1 / Math.sqrt(pose.shines.length)));
  if (index < MOST_MET) {
    const fine = pose.shines.length <= FINE;
    const met = meeting(shine, frame, pose.wall, fine ? 28 : 8, fine ? 56 : 16);
    if (met) beam.add(new Mesh(met, onSurface(shine, colour, drawn)));
  }
  return beam;
}

function onSurface(shine: Shine, colour: Color, drawn: () => void) {
  const canvas = document.createElement('canvas');
  const texture = new CanvasTexture(canvas);
  void paintBeam(canvas, shine).then(() => {
    texture.needsUpdate = true;
    drawn();
  });
  return new MeshBasicMaterial({
    map: texture,
    color: colour,
    opacity: Math.min(1, 0.25 + 0.75 * shine.looks),
    transparent: true,
    depthWrite: false,
    blending: AdditiveBlending,
    polygonOffset: true,
    polygonOffsetFactor: -2,
    side: DoubleSide,
  });
}

/** Fades out along its way. `share` keeps many beams beside each other from running into one white. */
function cone(shine: Shine, frame: Matrix4, length: number, colour: Color, around: number, share: number) {
  const points: number[] = [];
  const colours: number[] = [];
  const corners: number[] = [];
  const tangent = Math.tan((shine.beamAngle * Math.PI) / 360);
  const rings: [number, number][] = [
    [0, 0.34 * shine.looks * share],
    [length * 0.4, 0.12 * shine.looks * share],
    [length, 0.03 * shine.looks * share],
  ];
  for (const [at, alpha] of rings) {
    const radius = Math.max(0.01, shine.radius) + at * Math.min(tangent, 20);
    for (let i = 0; i < around; i++) {
      const angle = (2 * Math.PI * i) / around;
      const point = new Vector3(radius * Math.cos(angle), radius * Math.sin(angle), -at).applyMatrix4(frame);
      points.push(point.x, point.y, point.z);
      colours.push(colour.r, colour.g, colour.b, alpha);
    }
  }
  for (let ring = 0; ring + 1 < rings.length; ring++) {
    for (let i = 0; i < around; i++) {
      const here = ring * around + i;
      const next = ring * around + ((i + 1) % around);
      corners.push(here, next, here + around, next, next + around, here + around);
    }
  }
  const geometry = new BufferGeometry();
  geometry.setAttribute('position', new BufferAttribute(new Float32Array(points), 3));
  geometry.setAttribute('color', new BufferAttribute(new Float32Array(colours), 4));
  geometry.setIndex(corners);
  return new Mesh(
    geometry,
    new MeshBasicMaterial({ vertexColors: true, transparent: true, depthWrite: false, blending: AdditiveBlending, side: DoubleSide }),
  );
}

/** Where rays of the beam meet the floor and the wall; its picture lies on it. Null where none of them does. */
function meeting(shine: Shine, frame: Matrix4, wall: number, rings: number, around: number) {
  const half = Math.min(Math.tan((shine.fieldAngle * Math.PI) / 360), 20) * spreadOf(shine);
  const radius = shine.radius * spreadOf(shine);
  const points: number[] = [];
  const places: number[] = [];
  const hits: (0 | 1 | null)[] = [];
  for (let ring = 0; ring <= rings; ring++) {
    for (let i = 0; i < around; i++) {
      const out = ring / rings;
      const x = out * Math.cos((2 * Math.PI * i) / around);
      const y = out * Math.sin((2 * Math.PI * i) / around);
      const from = new Vector3(radius * x, radius * y, 0).applyMatrix4(frame);
      const to = new Vector3(half * x, half * y, -1).transformDirection(frame);
      const down = to.z < -1e-6 && from.z > 0 ? -from.z / to.z : Infinity;
      const back = to.y > 1e-6 && from.y < wall ? (wall - from.y) / to.y : Infinity;
      const met = Math.min(down, back);
      const far = met > 60;
      const point = far ? from : from.addScaledVector(to, met);
      hits.push(far ? null : down < back ? 0 : 1);
      points.push(point.x, point.y, point.z);
      places.push(0.5 + x / 2, 0.5 + y / 2);
    }
  }
  const corners: number[] = [];
  const add = (...triangle: [number, number, number]) => {
    const on = triangle.map((corner) => hits[corner]);
    if (on[0] !== null && on[0] === on[1] && on[1] === on[2]) corners.push(...triangle);
  };
  for (let ring = 0; ring < rings; ring++) {
    for (let i = 0; i < around; i++) {
      const here = ring * around + i;
      const next = ring * around + ((i + 1) % around);
      add(here, here + around, next);
      add(next, here + around, next + around);
    }
  }
  if (corners.length === 0) return null;
  const geometry = new BufferGeometry();
  geometry.setAttribute('position', new BufferAttribute(new Float32Array(points), 3));
  geometry.setAttribute('uv', new BufferAttribute(new Float32Array(places), 2));
  geometry.setIndex(corners);
  return geometry;
}
