import { queryOptions } from '@tanstack/react-query';
import { answer, api } from '#/api/client';

export const runsQuery = queryOptions({ queryKey: ['intake-runs'], queryFn: () => answer(api.GET('/api/intake/runs')) });

export const runQuery = (id: string) =>
  queryOptions({
    queryKey: ['intake-runs', id],
    queryFn: () => answer(api.GET('/api/intake/runs/{id}', { params: { path: { id } } })),
  });
