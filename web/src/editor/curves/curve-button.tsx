import { useState } from 'react';
import type { FunctionBar } from '#/api/types';
import { Button } from '#/ui/button';
import { later } from '#/ui/later';

const CurveDialog = later(() => import('./curve-dialog').then((file) => file.CurveDialog));

/** The way to a function's curve; it says which one there is. */
export function CurveButton({ bar }: { bar: FunctionBar }) {
  const [open, setOpen] = useState(false);
  return (
    <>
      <Button quiet onClick={() => setOpen(true)}>
        {bar.curve === '' ? 'Curve' : `Curve ${bar.curve}`}
      </Button>
      {open && <CurveDialog bar={bar} onClose={() => setOpen(false)} />}
    </>
  );
}
