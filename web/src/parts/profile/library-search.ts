import { queryOptions } from '@tanstack/react-query';
import { answer, api } from '#/api/client';
import type { LibraryWanted } from '#/api/types';

/** As many profiles as are fetched together. */
export const PIECE = 40;

const LISTS = ['manufacturer', 'category', 'attribute', 'shelf', 'state'] as const;
export type ListKey = (typeof LISTS)[number];

/** What is looked for, as the page's address says it. */
export function wantedOf(params: URLSearchParams): LibraryWanted {
  const wanted: Record<string, unknown> = {};
  for (const key of LISTS) if (params.has(key)) wanted[key] = params.getAll(key);
  for (const key of ['search', 'since', 'order']) if (params.get(key)) wanted[key] = params.get(key);
  for (const key of ['cells', 'proven']) if (params.has(key)) wanted[key] = params.get(key) === 'true';
  for (const key of ['footprintFrom', 'footprintTo']) if (/^\d{1,4}$/.test(params.get(key) ?? '')) wanted[key] = Number(params.get(key));
  return wanted;
}

/** Whether anything but words and order is asked for. */
export function isNarrowed(params: URLSearchParams) {
  return [...params.keys()].some((key) => key !== 'search' && key !== 'order');
}

/** The address with one value set; empty takes it away. */
export function withValue(params: URLSearchParams, key: string, value: string) {
  const next = new URLSearchParams(params);
  if (value === '') next.delete(key);
  else next.set(key, value);
  return next;
}

/** The address with a value of a list chosen, or not any more. */
export function toggled(params: URLSearchParams, key: ListKey, value: string) {
  const next = new URLSearchParams(params);
  const chosen = params.getAll(key);
  next.delete(key);
  for (const each of chosen.includes(value) ? chosen.filter((one) => one !== value) : [...chosen, value]) next.append(key, each);
  return next;
}

/** One piece of what is found, from index `piece * PIECE` on. */
export function pieceQuery(wanted: LibraryWanted, piece: number) {
  return queryOptions({
    queryKey: ['library', wanted, piece],
    queryFn: ({ signal }) =>
      answer(api.GET('/api/library', { params: { query: { ...wanted, offset: piece * PIECE, limit: PIECE } }, signal })),
  });
}

/** The index of the next profile whose name begins with some letters; -1 if none does. */
export async function nextIndex(wanted: LibraryWanted, after: number, letters: string) {
  return (await answer(api.GET('/api/library/next', { params: { query: { ...wanted, after, letters } } }))).index;
}
