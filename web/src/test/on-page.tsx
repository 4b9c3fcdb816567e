import { QueryClientProvider } from '@tanstack/react-query';
import { render } from '@testing-library/react';
import type { ReactNode } from 'react';
import { MemoryRouter } from 'react-router';
import { makeQueryClient } from '#/api/query-client';

/** Shows something as any other page would. */
export function showOnPage(what: ReactNode, at = '/') {
  return render(
    <QueryClientProvider client={makeQueryClient(5)}>
      <MemoryRouter initialEntries={[at]}>{what}</MemoryRouter>
    </QueryClientProvider>,
  );
}
