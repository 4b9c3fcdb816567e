import createClient from 'openapi-fetch';
import { whoIsWorking } from '../who/who';
import { Problem } from './problem';
import type { paths } from './schema';

export const api = createClient<paths>({ baseUrl: '/' });

/** The header that every change carries; the server refuses a change without it. */
export function authorHeader() {
  return { 'Kite-Author': encodeURIComponent(whoIsWorking()) };
}

/** The data of an answer. Throws a Problem for anything else, also when nobody answers. */
export async function answer<T>(request: Promise<{ data?: T; error?: unknown; response: Response }>): Promise<T> {
  let result;
  try {
    result = await request;
  } catch {
    throw Problem.unreachable();
  }
  if (result.data === undefined) throw Problem.from(result.response.status, result.error);
  return result.data;
}

/** Ends when a request that is answered with nothing was done. Throws a Problem as `answer` does. */
export async function done(request: Promise<{ error?: unknown; response: Response }>): Promise<void> {
  let result;
  try {
    result = await request;
  } catch {
    throw Problem.unreachable();
  }
  if (!result.response.ok) throw Problem.from(result.response.status, result.error);
}
