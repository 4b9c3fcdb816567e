import { Keyboard } from 'lucide-react';
import { useState } from 'react';
import { Check } from '#/ui/check';
import { Hint } from '#/ui/hint';
import { letterKeys } from '#/ui/keys';
import { Modal } from '#/ui/modal';
import { SHORTCUTS } from './shortcuts';

/** The keys of the editor, on `?`. */
export function ShortcutList() {
  const [open, setOpen] = useState(false);
  const letters = letterKeys.use();
  return (
    <>
      <Hint text="Keys (?)">
        <button
          type="button"
          data-key="?"
          aria-label="Keys"
          onClick={() => setOpen(true)}
          className="grid size-8 shrink-0 place-items-center rounded-md text-muted hover:bg-raised hover:text-text"
        >
          <Keyboard size={17} aria-hidden />
        </button>
      </Hint>
      <Modal open={open} onClose={() => setOpen(false)} title="Keys of the editor">
        <Check checked={letters} onChange={(to) => letterKeys.set(to)}>
          Single letters are keys
        </Check>
        <dl className="grid grid-cols-[10rem_1fr] gap-y-2 text-sm">
          {SHORTCUTS.map(([key, what]) => (
            <div key={key} className="contents">
              <dt className="font-mono">{key}</dt>
              <dd>{what}</dd>
            </div>
          ))}
        </dl>
      </Modal>
    </>
  );
}
