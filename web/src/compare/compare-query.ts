import { queryOptions } from '@tanstack/react-query';
import { answer, api } from '#/api/client';

/** Two sides as the address names them; null while it does not. */
export type Asked = {
  left: string;
  leftRevision: number;
  right: string;
  rightRevision: number;
  leftMode: number | null;
  rightMode: number | null;
};

export function askedBy(search: URLSearchParams): Asked | null {
  const [left, right] = [search.get('left'), search.get('right')];
  const [leftRevision, rightRevision] = [whole(search.get('leftRevision')), whole(search.get('rightRevision'))];
  if (!left || !right || leftRevision === null || rightRevision === null) return null;
  return { left, leftRevision, right, rightRevision, leftMode: whole(search.get('leftMode')), rightMode: whole(search.get('rightMode')) };
}

function whole(text: string | null) {
  return text !== null && /^\d{1,6}$/.test(text) ? Number(text) : null;
}

export const compareQuery = (asked: Asked | null) =>
  queryOptions({
    queryKey: ['compare', asked],
    queryFn: () => {
      if (!asked) throw new Error('nothing is asked for');
      const { leftMode, rightMode, ...sides } = asked;
      return answer(
        api.GET('/api/compare', {
          params: { query: { ...sides, ...(leftMode !== null && rightMode !== null ? { leftMode, rightMode } : {}) } },
        }),
      );
    },
    enabled: asked !== null,
  });
