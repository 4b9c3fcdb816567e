import { Popover } from 'radix-ui';
import { useState } from 'react';
import type { Draft } from '../api/types';
import { Button } from '../ui/button';
import { TextField } from '../ui/text-field';
import { usePublish } from './desk-query';

/** Makes the draft a revision; asks for one line of what changed. */
export function PublishPopover({ draft }: { draft: Draft }) {
  const [open, setOpen] = useState(false);
  const [summary, setSummary] = useState('');
  const publish = usePublish(draft);
  return (
    <Popover.Root open={open} onOpenChange={setOpen}>
      <Popover.Trigger asChild>
        <Button main disabled={!draft.canUndo}>
          Publish
        </Button>
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content align="end" sideOffset={6} aria-label="Publish" className="z-50 w-96 rounded-lg border border-line bg-panel p-4 text-text shadow-2xl">
          <form
            className="flex flex-col gap-3"
            onSubmit={(event) => {
              event.preventDefault();
              publish.mutate(summary, { onSuccess: () => setOpen(false) });
            }}
          >
            <TextField label="What changed, in one line" value={summary} onChange={setSummary} error={publish.error?.message} maxLength={300} autoFocus placeholder="Shake ranges point at the right slots" />
            <p className="text-sm text-muted">It becomes revision {draft.baseRevision + 1} or later, and never changes after.</p>
            <div className="flex justify-end">
              <Button main type="submit" disabled={publish.isPending}>
                Publish revision
              </Button>
            </div>
          </form>
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}
