import { useState, type ReactNode } from 'react';
import type { Edit } from '#/api/types';
import { Button } from '#/ui/button';
import { Refusal } from '#/ui/refusal';
import { useEditorActions } from './editor-context';

/** Fields in a panel that make one edit together. It closes when the edit was taken; a refusal is said above the button. */
export function PanelForm({
  submit,
  toEdit,
  close,
  children,
}: {
  submit: string;
  toEdit: () => Edit | string | Promise<Edit | string>;
  close: () => void;
  children: ReactNode;
}) {
  const { edit } = useEditorActions();
  const [refusal, setRefusal] = useState<string | null>(null);
  async function send() {
    const next = await toEdit();
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
      <div className="sticky bottom-0 flex flex-col gap-2 bg-panel pt-1">
        <Refusal says={refusal} />
        <Button main type="submit" className="self-end">
          {submit}
        </Button>
      </div>
    </form>
  );
}
