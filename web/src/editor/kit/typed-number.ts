import type { Edit } from '#/api/types';

/** The shape of what was typed; whether it fits is for the server to say. */
export function wholeNumber(text: string, toEdit: (value: number) => Edit) {
  return /^\d{1,10}$/.test(text) ? toEdit(Number(text)) : 'Type a whole number, such as 128.';
}
