import type { UseQueryResult } from '@tanstack/react-query';
import { Button } from './button';
import { useSlow } from './slow';

type Asked = Pick<UseQueryResult<unknown>, 'data' | 'error' | 'fetchStatus' | 'refetch'>;

/**
 * Stands beside what a question to the server shows, for as long as there is no answer: a word once it takes long, or why it failed with a way
 * to try again. Nothing once an answer is there, which stays while a later one fails, and nothing while nobody asks.
 */
export function Waiting({ of, what }: { of: Asked; what: string }) {
  const none = of.data === undefined;
  const slow = useSlow(none && of.error === null && of.fetchStatus !== 'idle');
  if (!none) return null;
  if (of.error) {
    return (
      <div role="alert" className="flex flex-wrap items-center gap-2 py-1 text-sm text-error">
        <p>{`${what} did not come: ${of.error.message}`}</p>
        <Button disabled={of.fetchStatus === 'fetching'} onClick={() => void of.refetch()}>
          Try again
        </Button>
      </div>
    );
  }
  return (
    <p role="status" className="text-sm text-muted">
      {slow ? `${what}: one moment …` : ''}
    </p>
  );
}
