import { useRouteError } from 'react-router';
import { Button } from '#/ui/button';
import { InPlaceOfAPage } from '#/ui/cannot-show';

/** Stands in the place of a page that failed. What was saved is safe; what failed is said for whoever has to mend it. */
export function PageFailed() {
  const error = useRouteError();
  const what = error instanceof Error ? error.message : 'an unknown error';
  return (
    <InPlaceOfAPage
      title="This page has failed"
      why={
        <>
          What was saved is safe. Reload the page; if it fails again, tell whoever looks after Yellow Kite:{' '}
          <span className="font-mono break-words">{what}</span>
        </>
      }
    >
      <Button main onClick={() => location.reload()}>
        Reload
      </Button>
    </InPlaceOfAPage>
  );
}
