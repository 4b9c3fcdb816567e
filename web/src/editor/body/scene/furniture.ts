import {
  BufferAttribute,
  BufferGeometry,
  DirectionalLight,
  DoubleSide,
  LineBasicMaterial,
  LineSegments,
  Mesh,
  MeshBasicMaterial,
  MeshLambertMaterial,
  PlaneGeometry,
  type Group,
} from 'three';
import { empty } from './empty';
import type { Piece } from './shape';

/** Light is seen in the dark, in a bright page as well. */
export const GROUND = 0x0c1013;
const LINE = 0x2c3842;
const WALL = 0x141b21;
/** The floor reaches so many metres from the fixture, the wall so high. */
const HALF = 10;
const HIGH = 6;

/** The floor with a line each metre, and the wall. */
export function furnish(room: Group, wall: number) {
  if (room.userData.wall === wall) return;
  empty(room);
  room.userData.wall = wall;
  const back = new Mesh(new PlaneGeometry(2 * HALF, HIGH), new MeshBasicMaterial({ color: WALL }));
  back.rotation.x = Math.PI / 2; // faces the one who looks
  back.position.set(0, wall, HIGH / 2);
  room.add(grid(), back);
}

/** Lines are cut at each metre: a long one that runs past the camera is left out by some drawing programs. */
function grid() {
  const points: number[] = [];
  for (let line = -HALF; line <= HALF; line++) {
    for (let metre = -HALF; metre < HALF; metre++) {
      points.push(line, metre, 0, line, metre + 1, 0, metre, line, 0, metre + 1, line, 0);
    }
  }
  const lines = new BufferGeometry();
  lines.setAttribute('position', new BufferAttribute(new Float32Array(points), 3));
  return new LineSegments(lines, new LineBasicMaterial({ color: LINE }));
}

export function sun() {
  const light = new DirectionalLight(0xffffff, 3);
  light.position.set(-3, -6, 7);
  return light;
}

export function meshOf(piece: Piece, picked: boolean) {
  const geometry = new BufferGeometry();
  geometry.setAttribute('position', new BufferAttribute(piece.points, 3));
  geometry.setIndex(new BufferAttribute(piece.corners, 1));
  return new Mesh(
    geometry,
    new MeshLambertMaterial({ color: piece.rgb, flatShading: true, side: DoubleSide, emissive: picked ? 0x6b5200 : 0x14191d }),
  );
}
