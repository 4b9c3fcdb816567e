import { useState, type ReactNode } from 'react';
import type { Edit } from '../api/types';
import { Button } from '../ui/button';
import { useDeskActions } from './desk-context';

/** Fields in a panel that make one edit together. It closes when the edit was taken; a refusal is said above the button. */
export function PanelForm({ submit, toEdit, close, children }: { submit: string; toEdit: () => Edit | string; close: () => void; children: ReactNode }) {
  const { edit } = useDeskActions();
  const [refusal, setRefusal] = useState<string | null>(null);
  async function send() {
    const next = toEdit();
    const refused = typeof next === 'string' ? next : await edit(next);
    setRefusal(refused);
    if (!refused) close();
  }
  return (
    <form
      className="flex flex-col gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        void send();
      }}
    >
      {children}
      {refusal && (
        <p role="alert" className="text-sm text-error">
          {refusal}
        </p>
      )}
      <Button main type="submit" className="self-end">
        {submit}
      </Button>
    </form>
  );
}
