import { Link } from 'react-router';

/** Stands in the place of something that could not be shown: why, and the way back. */
export function CannotShow({ title, error }: { title: string; error: Error }) {
  return (
    <main className="grid flex-1 place-items-center text-center">
      <div>
        <h1 className="text-lg font-semibold">{title}</h1>
        <p role="alert" className="mt-2 text-muted">
          {error.message}{' '}
          <Link to="/" className="text-kite-text underline">
            Back to the library
          </Link>
        </p>
      </div>
    </main>
  );
}
