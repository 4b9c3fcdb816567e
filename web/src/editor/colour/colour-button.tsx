import { Palette } from 'lucide-react';
import { useState } from 'react';
import { Button } from '#/ui/button';
import { later } from '#/ui/later';

const ColourDialog = later(() => import('./colour-dialog').then((file) => file.ColourDialog));

/** The way to the colours of a mode. */
export function ColourButton({ mode }: { mode: number }) {
  const [open, setOpen] = useState(false);
  return (
    <>
      <Button quiet className="mt-1.5" onClick={() => setOpen(true)}>
        <Palette size={14} aria-hidden /> Colours of this mode
      </Button>
      {open && <ColourDialog mode={mode} onClose={() => setOpen(false)} />}
    </>
  );
}
