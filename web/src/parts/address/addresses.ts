import { answer, api } from '#/api/client';
import { Problem } from '#/api/problem';

/** The addresses that were typed, most significant first; or a sentence on why they are none. What a notation means is for the server to say. */
export const readAddresses = (text: string) => read(text, '/api/addresses');

/** The addresses of a list such as `2, 4, 10-12`; or a sentence on why it is none. */
export const readAddressList = (text: string) => read(text, '/api/address-lists');

async function read(text: string, by: '/api/addresses' | '/api/address-lists'): Promise<number[] | string> {
  try {
    return (await answer(api.POST(by, { body: { text } }))).addresses;
  } catch (refused) {
    return refused instanceof Problem ? refused.message : 'The addresses could not be read; try again.';
  }
}
