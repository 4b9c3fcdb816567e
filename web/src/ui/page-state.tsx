import type { UseQueryResult } from '@tanstack/react-query';
import type { ReactNode } from 'react';
import { Button } from './button';
import { useSlow } from './slow';

type Asked<T> = Pick<UseQueryResult<T>, 'data' | 'error' | 'isPending' | 'isFetching' | 'refetch'>;

/**
 * What a question to the server shows: a word while it takes long, why it failed with a way to try again, a sentence where there is nothing,
 * else its answer. An answer that was there stays while a later one fails.
 */
export function PageState<T>({
  query,
  what,
  empty,
  isEmpty = (data) => Array.isArray(data) && data.length === 0,
  children,
}: {
  query: Asked<T>;
  /** What is asked for, as a sentence begins: "The revisions". */
  what: string;
  empty?: ReactNode;
  isEmpty?: (data: T) => boolean;
  children: (data: T) => ReactNode;
}) {
  const { data, error, isFetching, refetch } = query;
  const slow = useSlow(data === undefined && error === null);
  if (data !== undefined) return isEmpty(data) && empty !== undefined ? empty : children(data);
  if (error) {
    return (
      <div role="alert" className="flex flex-wrap items-center gap-2 py-1 text-sm text-error">
        <p>{`${what} did not come: ${error.message}`}</p>
        <Button disabled={isFetching} onClick={() => void refetch()}>
          Try again
        </Button>
      </div>
    );
  }
  return (
    <p role="status" className="py-1 text-sm text-muted">
      {slow ? `${what} … one moment.` : ''}
    </p>
  );
}
