/** The number that was typed, with a point or a comma; null if it is none. */
export function number(text: string): number | null {
  return /^[+-]?(\d+([.,]\d*)?|[.,]\d+)$/.test(text) ? Number(text.replace(',', '.')) : null;
}

/** A physical value as people read it: at most four digits behind the point. */
export function shown(value: number) {
  return String(Math.round(value * 10_000) / 10_000);
}
