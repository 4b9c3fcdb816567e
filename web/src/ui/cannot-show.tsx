import { Link } from 'react-router';
import { Button } from './button';

/** Stands in the place of something that could not be shown: why, the way back, and the way to try again. */
export function CannotShow({ title, error, again }: { title: string; error: Error; again?: () => void }) {
  return (
    <main className="grid flex-1 place-items-center p-6 text-center">
      <div className="flex flex-col items-center gap-3">
        <h1 className="text-lg font-semibold">{title}</h1>
        <p role="alert" className="max-w-prose text-muted">
          {error.message}
        </p>
        <div className="flex items-center gap-3">
          {again && <Button onClick={again}>Try again</Button>}
          <Link to="/" className="text-kite-text underline">
            Back to the library
          </Link>
        </div>
      </div>
    </main>
  );
}
