import { useState } from 'react';
import { Button } from '#/ui/button';
import { Modal } from '#/ui/modal';
import { TextField } from '#/ui/text-field';
import { setWhoIsWorking, useWho } from '#/api/who';

/** Asks once who is working; the name goes onto every edit and revision. */
export function WhoDialog({ open, onClose }: { open: boolean; onClose: () => void }) {
  const who = useWho();
  const [name, setName] = useState(who);
  function keep() {
    const kept = name.trim();
    if (kept === '') return;
    setWhoIsWorking(kept);
    onClose();
  }
  return (
    <Modal
      open={open}
      onClose={who === '' ? undefined : onClose}
      title="Who is working?"
      description="Your name is put on every edit and revision, so that colleagues know whom to ask. It is saved in this browser."
    >
      <form
        className="flex flex-col gap-4"
        onSubmit={(event) => {
          event.preventDefault();
          keep();
        }}
      >
        <TextField label="Your name" value={name} onChange={setName} maxLength={100} autoFocus />
        <div className="flex justify-end">
          <Button main type="submit" disabled={name.trim() === ''}>
            Save
          </Button>
        </div>
      </form>
    </Modal>
  );
}
