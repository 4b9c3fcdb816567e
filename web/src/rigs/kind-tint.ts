/** Hues that stand well apart, in an order in which neighbours differ most. */
const HUES = [205, 95, 310, 22, 150, 262, 62, 345, 180, 120];

/** The tint of a kind of fixture in lanes and table: the n-th kind of a rig always has the same. */
export function kindTint(kind: number) {
  return `oklch(0.66 0.12 ${HUES[kind % HUES.length]})`;
}

/** A ground of that tint on which text can be read in both themes. */
export function kindGround(kind: number) {
  return `color-mix(in oklab, ${kindTint(kind)} var(--tint), var(--panel))`;
}
