import type { Object3D } from 'three';
import { AmbientLight, AxesHelper, Box3, Color, Group, Raycaster, Scene, Vector2, Vector3, WebGLRenderer } from 'three';
import type { Place } from '#/api/types';
import { beamOf } from './beam';
import { makeCamera, type CameraView } from './camera';
import { makeDrag } from './drag';
import { empty } from './empty';
import { furnish, GROUND, meshOf, sun } from './furniture';
import { signsOf } from './signs';
import type { Shown } from './shown';

export type Stage = {
  show: (shown: Shown) => void;
  look: (view: CameraView) => void;
  turn: (aroundDegrees: number, overDegrees: number, nearer: number) => void;
  /** Draws for a second; ends with how many pictures that made. */
  measure: () => Promise<number>;
  end: () => void;
};

export type StageEvents = { onPick: (part: string) => void; onPlaced: (part: string, place: Place) => void };

/** A room with a fixture in it, drawn into a canvas. Draws only when something changed. */
export function makeStage(canvas: HTMLCanvasElement, events: StageEvents): Stage {
  const renderer = new WebGLRenderer({ canvas, antialias: !isDrawnBySoftware() });
  const scene = new Scene();
  scene.background = new Color(GROUND);
  const { camera, orbit, aim, look, turn } = makeCamera(canvas, drawSoon);
  const drag = makeDrag(camera, canvas, {
    drawn: drawSoon,
    dragging: (on) => (orbit.enabled = !on),
    placed: (part, place) => events.onPlaced(part, place),
  });
  const room = new Group();
  const fixture = new Group();
  scene.add(new AmbientLight(0xffffff, 2.2), sun(), room, fixture, drag.helper);
  let shown: Shown | null = null;
  let wanted = 0;
  let standing: Object3D[] = [];
  let body = new Box3();
  let aimedAt = '';

  function draw() {
    wanted = 0;
    renderer.render(scene, camera);
  }
  function drawSoon() {
    if (wanted === 0) wanted = requestAnimationFrame(draw);
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
    fixture.updateMatrixWorld(true);
    body = boxAround(standing);
    furnish(room, next.pose.wall);
    const mounted = `${next.mounted} ${next.complete}`;
    if (standing.length > 0 && aimedAt !== mounted && aimedAt !== `${next.mounted} true`) {
      aimedAt = mounted;
      aim(body, next.pose);
    }
    standing.find((each) => each.userData.part === next.picked)?.add(new AxesHelper(0.25));
    drag.hold(next, standing, fixture);
    if (next.signs) fixture.add(...signsOf(next.pose));
    next.pose.shines.forEach((shine, index) => {
      const beam = beamOf(shine, next.pose, index, drawSoon);
      if (beam) fixture.add(beam);
    });
    drawSoon();
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
    drag.end();
    orbit.dispose();
    empty(fixture);
    empty(room);
    renderer.dispose();
  }
  return {
    show,
    look: (view) => {
      if (shown) look(view, body, shown.pose);
      draw();
    },
    turn: (...by) => {
      turn(...by);
      draw();
    },
    measure,
    end,
  };
}

/** Without a graphics card smooth edges cost more than they are worth. */
function isDrawnBySoftware() {
  const probe = document.createElement('canvas').getContext('webgl2');
  const names = probe?.getExtension('WEBGL_debug_renderer_info');
  const name = names && probe ? String(probe.getParameter(names.UNMASKED_RENDERER_WEBGL)) : '';
  probe?.getExtension('WEBGL_lose_context')?.loseContext();
  return /swiftshader|llvmpipe|software|basic render/i.test(name);
}

function partOf(object: Object3D): string {
  for (let at: Object3D | null = object; at; at = at.parent) if (typeof at.userData.part === 'string') return at.userData.part;
  return '';
}

/** A part without a shape counts as the point where it is. */
function boxAround(standing: readonly Object3D[]) {
  const box = new Box3();
  for (const each of standing) {
    if (each.children.length === 0) box.expandByPoint(new Vector3().setFromMatrixPosition(each.matrixWorld));
    else box.expandByObject(each);
  }
  return box;
}
