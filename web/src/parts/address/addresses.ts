import { answer, api } from '#/api/client';
import { Problem } from '#/api/problem';

/** The addresses that were typed, most significant first; or a sentence on why they are none. What a notation means is for the server to say. */
export async function readAddresses(text: string): Promise<number[] | string> {
  try {
    return (await answer(api.POST('/api/addresses', { body: { text } }))).addresses;
  } catch (refused) {
    return refused instanceof Problem ? refused.message : 'The addresses could not be read; try again.';
  }
}
