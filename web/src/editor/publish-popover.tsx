import { Popover } from 'radix-ui';
import { useState } from 'react';
import { Problem } from '#/api/problem';
import type { Draft, RestsOn } from '#/api/types';
import { RESTS_ON } from '#/parts/profile/rests-on';
import { Button } from '#/ui/button';
import { Choice } from '#/ui/choice';
import { TextField } from '#/ui/text-field';
import { useChecks, usePublish } from '#/editor/kit/editor-query';

/** Makes the draft a revision; asks for one line of what changed, and for a reason while checks find errors. */
export function PublishPopover({ draft }: { draft: Draft }) {
  const [open, setOpen] = useState(false);
  const [summary, setSummary] = useState('');
  const [despite, setDespite] = useState('');
  const [firmware, setFirmware] = useState('');
  const [rests, setRests] = useState<RestsOn>('UNSAID');
  const [fromWhom, setFromWhom] = useState('');
  const publish = usePublish(draft);
  const errors = useChecks(draft).filter((check) => check.severity === 'error').length;
  const field = publish.error instanceof Problem ? publish.error.field : undefined;
  return (
    <Popover.Root open={open} onOpenChange={setOpen}>
      <Popover.Trigger asChild>
        <Button main data-key="p" disabled={!draft.canUndo && draft.baseRevision > 0 && draft.baseRevision === draft.newestRevision}>
          Publish
        </Button>
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          align="end"
          sideOffset={6}
          aria-label="Publish"
          className="z-50 w-96 rounded-lg border border-line bg-panel p-4 text-text shadow-2xl"
        >
          <form
            className="flex flex-col gap-3"
            onSubmit={(event) => {
              event.preventDefault();
              publish.mutate({ summary, despite, firmware, restsOn: rests, fromWhom }, { onSuccess: () => setOpen(false) });
            }}
          >
            <TextField
              label="What changed, in one line"
              value={summary}
              onChange={setSummary}
              error={field === 'despite' || field === 'firmware' || field === 'fromWhom' ? null : publish.error?.message}
              maxLength={300}
              autoFocus
              placeholder="Shake ranges point at the right slots"
            />
            {errors > 0 && (
              <>
                <p className="text-sm text-error">
                  {errors === 1 ? 'The checks find an error. Mend it' : `The checks find ${errors} errors. Mend them`} first, or say why it
                  goes out all the same.
                </p>
                <TextField
                  label="Published all the same because"
                  value={despite}
                  onChange={setDespite}
                  error={field === 'despite' ? publish.error?.message : null}
                  maxLength={300}
                />
              </>
            )}
            <div className="flex items-end gap-3">
              <Choice
                label="It rests on"
                value={rests}
                options={RESTS_ON}
                onChoose={(value) => setRests(RESTS_ON.find((each) => each.value === value)?.value ?? 'UNSAID')}
              />
              {rests !== 'UNSAID' && (
                <TextField
                  label="From"
                  value={fromWhom}
                  onChange={setFromWhom}
                  error={field === 'fromWhom' ? publish.error?.message : null}
                  maxLength={200}
                />
              )}
            </div>
            <TextField
              label="Holds from firmware"
              value={firmware}
              onChange={setFirmware}
              error={field === 'firmware' ? publish.error?.message : null}
              maxLength={60}
            />
            <p className="text-sm text-muted">It becomes revision {draft.newestRevision + 1} or later, and never changes after.</p>
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
