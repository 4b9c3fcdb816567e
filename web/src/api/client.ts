import createClient from 'openapi-fetch';
import { whoIsWorking } from './who';
import { Problem } from './problem';
import type { paths } from './schema';

export const api = createClient<paths>({ baseUrl: location.origin, fetch: (request) => fetch(request) });

/** Every request says who is working: the one place where that is done. */
api.use({
  onRequest({ request }) {
    request.headers.set('Kite-Author', encodeURIComponent(whoIsWorking()));
  },
});

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
