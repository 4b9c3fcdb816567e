/** The number that was typed, with a point or a comma; null if it is none. */
export function number(text: string): number | null {
  return /^[+-]?(\d+([.,]\d*)?|[.,]\d+)$/.test(text) ? Number(text.replace(',', '.')) : null;
}
