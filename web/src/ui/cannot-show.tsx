import type { ReactNode } from 'react';
import { Link } from 'react-router';
import { Button } from './button';

type Props = { title: string; error: Error; again?: () => void };

/** Stands in the place of something that could not be shown: why, the way back, and the way to try again. */
export function CannotShow({ title, error, again }: Props) {
  return (
    <InPlaceOfAPage title={title} why={error.message}>
      {again && <Button onClick={again}>Try again</Button>}
    </InPlaceOfAPage>
  );
}

/** A page of one sentence, with what can be done about it and the way back. */
export function InPlaceOfAPage({ title, why, children }: { title: string; why: ReactNode; children?: ReactNode }) {
  return (
    <main className="grid h-full flex-1 place-items-center p-6 text-center">
      <div className="flex max-w-prose flex-col items-center gap-3">
        <h1 className="text-lg font-semibold">{title}</h1>
        <p role="alert" className="text-muted">
          {why}
        </p>
        <div className="flex items-center gap-3">
          {children}
          <Link to="/" className="text-kite-text underline">
            Back to the library
          </Link>
        </div>
      </div>
    </main>
  );
}
