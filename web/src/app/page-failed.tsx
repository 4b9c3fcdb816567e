import { Link, useRouteError } from 'react-router';
import { Button } from '#/ui/button';

/** Stands in the place of a page that failed. What was saved is safe; what failed is said for whoever has to mend it. */
export function PageFailed() {
  const error = useRouteError();
  const what = error instanceof Error ? error.message : 'an unknown error';
  return (
    <main className="grid h-full flex-1 place-items-center p-6 text-center">
      <div className="flex max-w-prose flex-col items-center gap-3">
        <h1 className="text-lg font-semibold">This page has failed</h1>
        <p role="alert" className="text-muted">
          What was saved is safe. Reload the page; if it fails again, tell whoever looks after Yellow Kite:{' '}
          <span className="font-mono break-words">{what}</span>
        </p>
        <div className="flex items-center gap-3">
          <Button main onClick={() => location.reload()}>
            Reload
          </Button>
          <Link to="/" className="text-kite-text underline">
            Back to the library
          </Link>
        </div>
      </div>
    </main>
  );
}
