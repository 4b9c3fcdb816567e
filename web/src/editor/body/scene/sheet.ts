/** What a sheet shows, in metres; its top is above, as on a screen. */
export type Box = { left: number; top: number; width: number; height: number };

const BARS = [10, 5, 2, 1, 0.5, 0.2, 0.1, 0.05, 0.02];

/** Points of a line for the screen, whose y runs down. */
export function pairs(flat: number[]) {
  return Array.from({ length: flat.length / 2 }, (_, i) => `${flat[2 * i]},${-(flat[2 * i + 1] ?? 0)}`).join(' ');
}

/** A box with a little room around everything; a part that is as thin as a line has room, too. */
export function around(shapes: { points: number[] }[]): Box {
  const all = shapes.flatMap((each) => each.points);
  const right = all.filter((_, i) => i % 2 === 0);
  const up = all.filter((_, i) => i % 2 === 1);
  if (right.length === 0) return { left: -1, top: -1, width: 2, height: 2 };
  const [left, low] = [Math.min(...right), Math.min(...up)];
  const size = Math.max(Math.max(...right) - left, Math.max(...up) - low, 0.05);
  const room = size * 0.12;
  return {
    left: left - room,
    top: -Math.max(...up) - room,
    width: Math.max(...right) - left + 2 * room,
    height: Math.max(...up) - low + 2 * room,
  };
}

/** A round length that takes up to a third of a sheet. */
export function barOf(width: number) {
  return BARS.find((each) => each <= width / 3) ?? 0.01;
}
