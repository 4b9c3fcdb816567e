import { MutationCache, QueryCache, QueryClient } from '@tanstack/react-query';
import { reportAnswer, reportTrouble } from './connection';
import { Problem } from './problem';

function passing(error: Error) {
  return error instanceof Problem && error.passing;
}

function noticed(error: Error) {
  if (passing(error)) reportTrouble(error.message);
  else reportAnswer();
}

/** While server or database are away everything waits and is tried again; any answer ends the alarm. */
export function makeQueryClient(retryDelay = 1000) {
  return new QueryClient({
    queryCache: new QueryCache({ onError: noticed, onSuccess: reportAnswer }),
    mutationCache: new MutationCache({ onError: noticed, onSuccess: reportAnswer }),
    defaultOptions: {
      queries: { retry: retryPassing, retryDelay, networkMode: 'always', staleTime: 2000 },
      mutations: { retry: retryPassing, retryDelay, networkMode: 'always' },
    },
  });
}

function retryPassing(_count: number, error: Error) {
  if (passing(error)) reportTrouble(error.message);
  return passing(error);
}
