import { CircleAlert, Info, TriangleAlert } from 'lucide-react';

/** How loud a finding is, as a sign, in a colour and for those who listen. */
export function SeveritySign({ severity, size = 14 }: { severity: string; size?: number }) {
  const shared = { size, 'aria-hidden': true } as const;
  if (severity === 'error')
    return (
      <>
        <CircleAlert {...shared} className="mt-0.5 shrink-0 text-error" />
        <span className="sr-only">Error: </span>
      </>
    );
  if (severity === 'warning')
    return (
      <>
        <TriangleAlert {...shared} className="mt-0.5 shrink-0 text-warning" />
        <span className="sr-only">Warning: </span>
      </>
    );
  return (
    <>
      <Info {...shared} className="mt-0.5 shrink-0 text-muted" />
      <span className="sr-only">Remark: </span>
    </>
  );
}
