import {
  AmbientLight,
  AxesHelper,
  BufferAttribute,
  BufferGeometry,
  Color,
  DirectionalLight,
  DoubleSide,
  Euler,
  GridHelper,
  Group,
  MathUtils,
  Matrix4,
  Mesh,
  MeshBasicMaterial,
  MeshLambertMaterial,
  Object3D,
  PerspectiveCamera,
  PlaneGeometry,
  Raycaster,
  Scene,
  Vector2,
  Vector3,
  WebGLRenderer,
} from 'three';
import { OrbitControls } from 'three/examples/jsm/controls/OrbitControls.js';
import { TransformControls } from 'three/examples/jsm/controls/TransformControls.js';
import type { Place, Pose } from '#/api/types';
import { beamOf } from './beam';
import { empty } from './empty';
import { signsOf, turnOf } from './signs';
import type { Piece } from './shape';

export type CameraView = 'front' | 'side' | 'above' | 'seats' | 'beam';
export type Handle = 'move' | 'turn' | null;

/** What the stage shows; shapes and places by name of model and part. */
export type Shown = {
  pose: Pose;
  shapes: ReadonlyMap<string, Piece[]>;
  places: ReadonlyMap<string, Place>;
  picked: string;
  handle: Handle;
  signs: boolean;
};

export type Stage = {
  show: (shown: Shown) => void;
  look: (view: CameraView) => void;
  turn: (aroundDegrees: number, overDegrees: number, nearer: number) => void;
  /** Draws for a second; ends with how many pictures that made. */
  measure: () => Promise<number>;
  end: () => void;
};

export type StageEvents = { onPick: (part: string) => void; onPlaced: (part: string, place: Place) => void };

/** Light is seen in the dark, in a bright page as well. */
const GROUND = 0x0c1013;
const LINE = 0x26313a;
const WALL = 0x141b21;
const SNAP_METRES = 0.01;
const SNAP_DEGREES = 15;
const EYE_METRES = 1.6;
const SEATS_METRES = 9;
const NEAR_METRES = 2.2;
/** Where the camera begins, from the fixture: a little to the left, in front, so near that its parts are told apart. */
const BEGIN = new Vector3(-1.1, -2.2, 0.35);
const BELOW_METRES = 0.55;

/** A room with a fixture in it, drawn into a canvas. Draws only when something changed. */
export function makeStage(canvas: HTMLCanvasElement, events: StageEvents): Stage {
  const renderer = new WebGLRenderer({ canvas, antialias: !isDrawnBySoftware() });
  const scene = new Scene();
  scene.background = new Color(GROUND);
  const camera = new PerspectiveCamera(38, 1, 0.02, 200);
  camera.up.set(0, 0, 1);
  const orbit = new OrbitControls(camera, canvas);
  orbit.maxDistance = 60;
  orbit.minDistance = 0.15;
  const drag = new TransformControls(camera, canvas);
  drag.setTranslationSnap(SNAP_METRES);
  drag.setRotationSnap(MathUtils.degToRad(SNAP_DEGREES));
  drag.setSize(0.8);
  drag.setSpace('local');
  const room = new Group();
  const fixture = new Group();
  scene.add(new AmbientLight(0xffffff, 2.2), sun(), room, fixture, drag.getHelper());
  let shown: Shown | null = null;
  let wanted = 0;
  let standing: Object3D[] = [];
  let aimedAt = new Vector3(NaN, NaN, NaN);

  function draw() {
    wanted = 0;
    renderer.render(scene, camera);
  }
  function drawSoon() {
    if (wanted === 0) wanted = requestAnimationFrame(draw);
  }
  orbit.addEventListener('change', drawSoon);
  drag.addEventListener('change', drawSoon);
  drag.addEventListener('objectChange', follow);
  drag.addEventListener('dragging-changed', (event) => {
    orbit.enabled = event.value !== true;
    if (event.value !== true) placed();
  });

  /** The part goes where its handle is; what stands in it follows when the place is taken. */
  function follow() {
    const grip = drag.object;
    const picked = standing.find((each) => each.userData.part === shown?.picked);
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
    const next: Place = {
      x: round(at.x, 1e4),
      y: round(at.y, 1e4),
      z: round(at.z, 1e4),
      turnX: round(MathUtils.radToDeg(turned.x), 1e2),
      turnY: round(MathUtils.radToDeg(turned.y), 1e2),
      turnZ: round(MathUtils.radToDeg(turned.z), 1e2),
    };
    events.onPlaced(part, next);
  }

  const size = new ResizeObserver(() => {
    const { clientWidth, clientHeight } = canvas;
    if (clientWidth === 0 || clientHeight === 0) return;
    renderer.setPixelRatio(Math.min(devicePixelRatio, 2));
    renderer.setSize(clientWidth, clientHeight, false);
    camera.aspect = clientWidth / clientHeight;
    camera.updateProjectionMatrix();
    draw();
  });
  size.observe(canvas);

  const pressed = new Vector2();
  const press = (event: PointerEvent) => pressed.set(event.clientX, event.clientY);
  const release = (event: PointerEvent) => {
    if (pressed.distanceTo(new Vector2(event.clientX, event.clientY)) > 4) return; // the camera was turned
    const box = canvas.getBoundingClientRect();
    const at = new Vector2(((event.clientX - box.left) / box.width) * 2 - 1, 1 - ((event.clientY - box.top) / box.height) * 2);
    const ray = new Raycaster();
    ray.setFromCamera(at, camera);
    const hit = ray.intersectObjects(standing, true).find((each) => partOf(each.object) !== '');
    if (hit) events.onPick(partOf(hit.object));
  };
  canvas.addEventListener('pointerdown', press);
  canvas.addEventListener('pointerup', release);

  function show(next: Shown) {
    shown = next;
    empty(fixture);
    standing = next.pose.parts.map((part) => {
      const object = new Group();
      object.matrixAutoUpdate = false;
      object.matrix.fromArray(part.frame);
      object.userData.part = part.part;
      for (const piece of next.shapes.get(part.model) ?? []) object.add(meshOf(piece, part.part === next.picked));
      return object;
    });
    fixture.add(...standing);
    paintRoom(room, next.pose.wall);
    aim(next.pose);
    const picked = standing.find((each) => each.userData.part === next.picked);
    if (picked) picked.add(new AxesHelper(0.25));
    handle(next, picked);
    if (next.signs) fixture.add(...signsOf(next.pose));
    next.pose.shines.forEach((shine, index) => {
      const beam = beamOf(shine, next.pose, index, drawSoon);
      if (beam) fixture.add(beam);
    });
    drawSoon();
  }

  /** Looks at the fixture when it is first seen, and when it is mounted elsewhere. */
  function aim(pose: Pose) {
    const first = pose.parts[0];
    if (!first) return;
    const at = new Vector3().setFromMatrixPosition(new Matrix4().fromArray(first.frame));
    if (at.distanceTo(aimedAt) < 1e-6) return;
    aimedAt = at;
    const below = at.z > 0.5 ? -BELOW_METRES : BELOW_METRES;
    orbit.target.set(at.x, at.y, at.z + below);
    camera.position.copy(orbit.target).add(BEGIN);
    orbit.update();
  }

  function handle(next: Shown, picked: Object3D | undefined) {
    drag.detach();
    if (!next.handle || !picked || !next.places.has(next.picked)) return;
    const outer = standing.findIndex((each) => each === picked);
    const parent = parentFrame(next, outer);
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

  function look(view: CameraView) {
    const first = shown?.pose.parts[0];
    const at = first ? new Vector3().setFromMatrixPosition(new Matrix4().fromArray(first.frame)) : new Vector3();
    const beam = shown?.pose.shines[0];
    const middle = at.clone().add(new Vector3(0, 0, at.z > 1 ? -0.35 : 0.35));
    orbit.target.copy(middle);
    if (view === 'front') camera.position.set(middle.x, middle.y - NEAR_METRES, middle.z);
    else if (view === 'side') camera.position.set(middle.x - NEAR_METRES, middle.y, middle.z);
    else if (view === 'above') camera.position.set(middle.x, middle.y - 0.01, middle.z + NEAR_METRES);
    else if (view === 'seats') {
      orbit.target.set(at.x, at.y, at.z / 2);
      camera.position.set(at.x, at.y - SEATS_METRES, EYE_METRES);
    } else if (beam) {
      const frame = new Matrix4().fromArray(beam.frame);
      const lens = new Vector3().setFromMatrixPosition(frame);
      const ahead = new Vector3(0, 0, -1).transformDirection(frame);
      camera.position.copy(lens).addScaledVector(ahead, 0.05);
      orbit.target.copy(lens).addScaledVector(ahead, beam.met?.distance ?? 4);
    }
    orbit.update();
    draw();
  }

  function turn(around: number, over: number, nearer: number) {
    const off = camera.position.clone().sub(orbit.target);
    const flat = Math.hypot(off.x, off.y);
    const angle = Math.atan2(off.y, off.x) + MathUtils.degToRad(around);
    const up = Math.min(1.5, Math.max(-1.5, Math.atan2(off.z, flat) + MathUtils.degToRad(over)));
    const length = Math.min(60, Math.max(0.15, off.length() * nearer));
    camera.position.set(
      orbit.target.x + length * Math.cos(up) * Math.cos(angle),
      orbit.target.y + length * Math.cos(up) * Math.sin(angle),
      orbit.target.z + length * Math.sin(up),
    );
    orbit.update();
    draw();
  }

  function measure() {
    return new Promise<number>((resolve) => {
      const begin = performance.now();
      let pictures = 0;
      const next = () => {
        renderer.render(scene, camera);
        renderer.getContext().finish();
        pictures++;
        const passed = performance.now() - begin;
        if (passed < 1_000) requestAnimationFrame(next);
        else resolve(Math.round((pictures * 1_000) / passed));
      };
      requestAnimationFrame(next);
    });
  }

  function end() {
    cancelAnimationFrame(wanted);
    size.disconnect();
    canvas.removeEventListener('pointerdown', press);
    canvas.removeEventListener('pointerup', release);
    drag.dispose();
    orbit.dispose();
    empty(fixture);
    empty(room);
    renderer.dispose();
  }
  return { show, look, turn, measure, end };
}

/** Without a graphics card smooth edges cost more than they are worth. */
function isDrawnBySoftware() {
  const probe = document.createElement('canvas').getContext('webgl2');
  const names = probe?.getExtension('WEBGL_debug_renderer_info');
  const name = names && probe ? String(probe.getParameter(names.UNMASKED_RENDERER_WEBGL)) : '';
  probe?.getExtension('WEBGL_lose_context')?.loseContext();
  return /swiftshader|llvmpipe|software|basic render/i.test(name);
}

function round(value: number, digits: number) {
  return Math.round(value * digits) / digits + 0;
}

function partOf(object: Object3D): string {
  for (let at: Object3D | null = object; at; at = at.parent) if (typeof at.userData.part === 'string') return at.userData.part;
  return '';
}

/** Turned about x, then y, then z, all of them axes of what it stands in: as the core reads a place. */
function matrixOf(place: Place) {
  const turn = new Euler(MathUtils.degToRad(place.turnX), MathUtils.degToRad(place.turnY), MathUtils.degToRad(place.turnZ), 'ZYX');
  return new Matrix4().makeRotationFromEuler(turn).setPosition(place.x, place.y, place.z);
}

function sun() {
  const light = new DirectionalLight(0xffffff, 3);
  light.position.set(-3, -6, 7);
  return light;
}

function meshOf(piece: Piece, picked: boolean) {
  const geometry = new BufferGeometry();
  geometry.setAttribute('position', new BufferAttribute(piece.points, 3));
  geometry.setIndex(new BufferAttribute(piece.corners, 1));
  return new Mesh(
    geometry,
    new MeshLambertMaterial({ color: piece.rgb, flatShading: true, side: DoubleSide, emissive: picked ? 0x6b5200 : 0x14191d }),
  );
}

function paintRoom(room: Group, wall: number) {
  if (room.userData.wall === wall) return;
  empty(room);
  room.userData.wall = wall;
  const floor = new GridHelper(20, 20, LINE, LINE);
  floor.rotation.x = Math.PI / 2;
  const back = new Mesh(new PlaneGeometry(20, 6), new MeshBasicMaterial({ color: WALL }));
  back.rotation.x = Math.PI / 2; // faces the one who looks
  back.position.set(0, wall, 3);
  room.add(floor, back);
}
