import { Popover } from 'radix-ui';
import { useState } from 'react';
import type { RestsOn } from '#/api/types';
import { useChecks } from '#/editor/kit/draft-facts';
import { useEditor, useEditorActions, type Refused } from '#/editor/kit/editor-context';
import { RESTS_ON } from '#/parts/profile/rests-on';
import { Button } from '#/ui/button';
import { Choice } from '#/ui/choice';
import { Panel } from '#/ui/panel';
import { TextField } from '#/ui/text-field';

/** Makes the draft a revision. */
export function PublishPopover() {
  const { draft } = useEditor();
  const [open, setOpen] = useState(false);
  const nothing = !draft.canUndo && draft.baseRevision > 0 && draft.baseRevision === draft.newestRevision;
  return (
    <Popover.Root open={open} onOpenChange={setOpen}>
      <Popover.Trigger asChild>
        <Button main data-key="p" disabled={nothing}>
          Publish
        </Button>
      </Popover.Trigger>
      {open && (
        <Panel title="Publish" width="w-96" align="end">
          <PublishForm onDone={() => setOpen(false)} />
        </Panel>
      )}
    </Popover.Root>
  );
}

/** One line of what changed, and a reason while checks find errors. It waits for the checks. */
function PublishForm({ onDone }: { onDone: () => void }) {
  const { draft } = useEditor();
  const { publish } = useEditorActions();
  const checks = useChecks(draft);
  const [summary, setSummary] = useState('');
  const [despite, setDespite] = useState('');
  const [firmware, setFirmware] = useState('');
  const [rests, setRests] = useState<RestsOn>('UNSAID');
  const [fromWhom, setFromWhom] = useState('');
  const [sending, setSending] = useState(false);
  const [refused, setRefused] = useState<Refused | null>(null);
  const errors = checks.findings.filter((check) => check.severity === 'error').length;
  const says = (field: string) => (refused?.field === field ? refused.sentence : null);

  async function send() {
    setSending(true);
    const refusal = await publish({ summary, despite, firmware, restsOn: rests, fromWhom });
    setSending(false);
    setRefused(refusal);
    if (!refusal) onDone();
  }
  return (
    <form
      className="flex flex-col gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        if (!sending && checks.state !== 'checking') void send();
      }}
    >
      <TextField
        label="What changed, in one line"
        value={summary}
        onChange={setSummary}
        error={refused && !['despite', 'firmware', 'fromWhom'].includes(refused.field ?? '') ? refused.sentence : null}
        maxLength={300}
        autoFocus
        placeholder="Shake ranges point at the right slots"
      />
      {errors > 0 && (
        <>
          <p className="text-sm text-error">
            {errors === 1 ? 'The checks find an error. Correct it' : `The checks find ${errors} errors. Correct them`} first, or give a
            reason for publishing with errors.
          </p>
          <TextField
            label="Reason for publishing with errors"
            value={despite}
            onChange={setDespite}
            error={says('despite')}
            maxLength={300}
          />
        </>
      )}
      <div className="flex items-end gap-3">
        <Choice
          label="Based on"
          value={rests}
          options={RESTS_ON}
          onChoose={(value) => setRests(RESTS_ON.find((each) => each.value === value)?.value ?? 'UNSAID')}
        />
        {rests !== 'UNSAID' && <TextField label="From" value={fromWhom} onChange={setFromWhom} error={says('fromWhom')} maxLength={200} />}
      </div>
      <TextField label="Valid from firmware" value={firmware} onChange={setFirmware} error={says('firmware')} maxLength={60} />
      <p className="text-sm text-muted">{`Creates revision ${draft.newestRevision + 1}; a revision never changes.`}</p>
      <div className="flex items-center justify-end gap-3">
        <p role="status" className="text-sm text-muted">
          {checks.state === 'checking'
            ? 'Checking …'
            : checks.state === 'failed'
              ? 'The checks did not answer; publishing asks them again.'
              : ''}
        </p>
        <Button main type="submit" disabled={sending || checks.state === 'checking'}>
          {sending ? 'Publishing …' : 'Publish revision'}
        </Button>
      </div>
    </form>
  );
}
