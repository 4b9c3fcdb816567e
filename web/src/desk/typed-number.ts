/** The shape of what was typed; whether it fits is for the server to say. */
export function wholeNumber(text: string, toEdit: (value: number) => import('../api/types').Edit) {
  return /^\d{1,10}$/.test(text) ? toEdit(Number(text)) : 'Type a whole number, such as 128.';
}

export function number(text: string): number | null {
  return /^[+-]?(\d+([.,]\d*)?|[.,]\d+)$/.test(text) ? Number(text.replace(',', '.')) : null;
}

/** A physical value as people read it: at most four digits behind the point. */
export function shown(value: number) {
  return String(Math.round(value * 10_000) / 10_000);
}
