import { useState } from 'react';
import { Button } from '../ui/button';
import { useDesk } from './desk-context';
import { EditField } from './edit-field';

/** What the profile says of itself. */
export function Identity() {
  const { draft } = useDesk();
  const [open, setOpen] = useState(false);
  return (
    <section id="identity" tabIndex={-1} aria-label="Identity" className="rounded-sm flex flex-col gap-2 px-2">
      <EditField label="Profile name" showLabel value={draft.name} toEdit={(to) => ({ type: 'renameProfile', to })} />
      {open && (
        <>
          <EditField label="Manufacturer" showLabel value={draft.manufacturer} toEdit={(to) => ({ type: 'setIdentity', field: 'MANUFACTURER', to })} />
          <EditField label="Short name" showLabel value={draft.shortName} toEdit={(to) => ({ type: 'setIdentity', field: 'SHORT_NAME', to })} />
          <EditField label="Description" showLabel value={draft.description} toEdit={(to) => ({ type: 'setIdentity', field: 'DESCRIPTION', to })} />
        </>
      )}
      <Button quiet className="self-start" aria-expanded={open} onClick={() => setOpen(!open)}>
        {open ? 'Less' : 'Maker and more'}
      </Button>
    </section>
  );
}
