import { useSlow } from '#/ui/slow';

/** Stands in the place of a page that is on its way; says so only if that takes a moment. */
export function Opening() {
  const slow = useSlow(true);
  return (
    <p role="status" className="p-6 text-muted">
      {slow ? 'Opening the page …' : ''}
    </p>
  );
}
