import { Link } from 'react-router';

export function NotFound() {
  return (
    <main className="grid flex-1 place-items-center text-center">
      <div>
        <h1 className="text-lg font-semibold">Page not found</h1>
        <p className="mt-2 text-muted">
          Perhaps the link is old.{' '}
          <Link to="/" className="text-kite-text underline">
            Go to the library
          </Link>
        </p>
      </div>
    </main>
  );
}
