import { answer, api } from '#/api/client';
import { Problem } from '#/api/problem';
import { number } from '#/ui/figures';

/** The physical value that was typed, with whatever unit, in `unit`; or a sentence on why it is none. What a unit means is for the server to say. */
export async function readPhysical(text: string, unit: string): Promise<number | string> {
  const plain = number(text);
  if (plain !== null) return plain;
  try {
    return (await answer(api.POST('/api/physicals', { body: { text, unit } }))).value;
  } catch (refused) {
    return refused instanceof Problem ? refused.message : 'The value could not be read; try again.';
  }
}
