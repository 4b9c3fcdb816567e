import { answer, api } from '#/api/client';
import { Problem } from '#/api/problem';
import type { Edit, ValueForm } from '#/api/types';
import { stored } from '#/ui/stored';

/** How DMX values are shown and, where they carry no sign of their own, meant. */
export const FORMS: { value: ValueForm; text: string }[] = [
  { value: 'VALUE', text: 'Decimal' },
  { value: 'BYTES', text: 'Bytes, coarse:fine' },
  { value: 'PERCENT', text: 'Percent' },
  { value: 'HEX', text: 'Hex' },
];

/** The notation that is chosen. */
export const valueForm = stored<ValueForm>(
  'kite-value-form',
  (kept) => FORMS.find((form) => form.value === kept)?.value ?? 'VALUE',
  (form) => form,
);

export const useValueForm = valueForm.use;

/** A raw value in that notation, with as many digits as tell two neighbours apart. */
export function written(raw: number, bytes: number, form: ValueForm) {
  switch (form) {
    case 'VALUE':
      return String(raw);
    case 'BYTES':
      return Array.from({ length: bytes }, (_, index) => Math.floor(raw / 256 ** (bytes - 1 - index)) % 256).join(':');
    case 'PERCENT':
      return `${((100 * raw) / (256 ** bytes - 1)).toFixed(bytes === 1 ? 1 : 3 * bytes - 3)}%`;
    case 'HEX':
      return `0x${raw
        .toString(16)
        .toUpperCase()
        .padStart(2 * bytes, '0')}`;
  }
}

/** The value that was typed, or a sentence on why it is none; what it means is for the server to say. */
export async function readValue(text: string, bytes: number, form: ValueForm): Promise<number | string> {
  try {
    return (await answer(api.POST('/api/values', { body: { text, bytes, form } }))).raw;
  } catch (refused) {
    return refused instanceof Problem ? refused.message : 'It is not certain that this was saved; reload to see.';
  }
}

/** The edit for a value that was typed. */
export async function typedValue(text: string, bytes: number, form: ValueForm, toEdit: (raw: number) => Edit): Promise<Edit | string> {
  const value = await readValue(text, bytes, form);
  return typeof value === 'string' ? value : toEdit(value);
}
