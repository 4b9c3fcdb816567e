import type { Shine } from '#/api/types';

const SIDE = 512;

/** How much wider than the field the picture of a beam is: a prism throws copies beside it. */
export function spreadOf(shine: Shine) {
  return 1 + Math.max(0, ...shine.copies.map((copy) => Math.hypot(copy.x, copy.y)));
}

/** What a beam looks like across: its edge, gobos, blades and copies, white on nothing. */
export async function paintBeam(canvas: HTMLCanvasElement, shine: Shine) {
  canvas.width = SIDE;
  canvas.height = SIDE;
  const out = canvas.getContext('2d');
  if (!out) return;
  const one = document.createElement('canvas');
  one.width = SIDE;
  one.height = SIDE;
  await paintOne(one, shine);
  const spread = spreadOf(shine);
  const radius = SIDE / 2 / spread;
  const copies = shine.copies.length === 0 ? [{ x: 0, y: 0, hex: null }] : shine.copies;
  out.globalCompositeOperation = 'lighter';
  for (const copy of copies) {
    out.globalAlpha = copies.length === 1 ? 1 : 0.8;
    out.drawImage(
      copy.hex === null ? one : tinted(one, copy.hex),
      SIDE / 2 + copy.x * radius - radius,
      SIDE / 2 - copy.y * radius - radius,
      2 * radius,
      2 * radius,
    );
  }
}

function tinted(picture: HTMLCanvasElement, hex: string) {
  const canvas = document.createElement('canvas');
  canvas.width = SIDE;
  canvas.height = SIDE;
  const out = canvas.getContext('2d');
  if (!out) return picture;
  out.drawImage(picture, 0, 0);
  out.globalCompositeOperation = 'source-in';
  out.fillStyle = hex;
  out.fillRect(0, 0, SIDE, SIDE);
  return canvas;
}

async function paintOne(canvas: HTMLCanvasElement, shine: Shine) {
  const out = canvas.getContext('2d');
  if (!out) return;
  const middle = SIDE / 2;
  const soft = Math.min(1, 0.15 + shine.blur * 0.4 + shine.frost * 0.8);
  const hard = shine.kind === 'Spot' || shine.kind === 'Rectangle' || shine.gobos.length > 0 ? soft * 0.5 : Math.min(1, soft + 0.45);
  const edge = out.createRadialGradient(middle, middle, 0, middle, middle, middle);
  edge.addColorStop(0, '#fff');
  edge.addColorStop(Math.max(0, 1 - hard), '#fff');
  edge.addColorStop(1, 'rgba(255,255,255,0)');
  out.fillStyle = edge;
  out.fillRect(0, 0, SIDE, SIDE);
  for (const gobo of shine.gobos) {
    const picture = gobo.picture === null ? null : await loaded(gobo.picture);
    if (!picture) continue;
    const sheet = document.createElement('canvas');
    sheet.width = SIDE;
    sheet.height = SIDE;
    const on = sheet.getContext('2d');
    if (!on) continue;
    on.filter = shine.blur + shine.frost > 0.02 ? `blur(${Math.round(24 * Math.min(1, shine.blur * 0.6 + shine.frost))}px)` : 'none';
    on.translate(middle, middle);
    on.rotate((-gobo.degrees * Math.PI) / 180);
    on.drawImage(picture, -middle * gobo.size, -middle * gobo.size, SIDE * gobo.size, SIDE * gobo.size);
    lightToClear(on);
    out.globalCompositeOperation = 'destination-in';
    out.drawImage(sheet, 0, 0);
  }
  out.globalCompositeOperation = 'destination-out';
  for (const blade of shine.blades) {
    out.save();
    out.translate(middle, middle);
    out.rotate((-blade.side * Math.PI) / 180);
    out.beginPath();
    out.moveTo(-SIDE, middle);
    out.lineTo(SIDE, middle);
    out.lineTo(middle, middle - blade.b * SIDE);
    out.lineTo(-middle, middle - blade.a * SIDE);
    out.closePath();
    out.fillStyle = '#000';
    out.fill();
    out.restore();
  }
  out.globalCompositeOperation = 'source-over';
}

/** White lets light through; black does not. */
function lightToClear(on: CanvasRenderingContext2D) {
  const data = on.getImageData(0, 0, SIDE, SIDE);
  for (let i = 0; i < data.data.length; i += 4) {
    const bright = ((data.data[i] ?? 0) + (data.data[i + 1] ?? 0) + (data.data[i + 2] ?? 0)) / 3;
    data.data[i + 3] = (bright * (data.data[i + 3] ?? 0)) / 255;
  }
  on.putImageData(data, 0, 0);
}

async function loaded(address: string) {
  const picture = new Image();
  picture.src = address;
  try {
    await picture.decode();
    return picture;
  } catch {
    return null; // the beam is shown without it
  }
}
