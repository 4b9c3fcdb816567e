import { useState } from 'react';
import type { Verdict, WalkStep } from '#/api/types';
import { Button } from '#/ui/button';
import { TextField } from '#/ui/text-field';
import { REASONS } from './step-words';

/** Why a step differs: by choice, in words, or by a number that was measured. */
export function Difference({
  step,
  onSay,
  onCancel,
}: {
  step: WalkStep;
  onSay: (verdict: Verdict | null, reason?: string, measured?: number) => void;
  onCancel: () => void;
}) {
  const [words, setWords] = useState('');
  const [measured, setMeasured] = useState('');
  const number = Number(measured.trim().replace(',', '.'));
  const isNumber = measured.trim() !== '' && Number.isFinite(number);
  return (
    <form
      aria-label="What differs"
      className="flex flex-col gap-3 rounded-lg border border-line p-4"
      onSubmit={(event) => {
        event.preventDefault();
        if (isNumber) onSay(null, words.trim(), number);
        else onSay('DIFFERS', words.trim());
      }}
    >
      <div className="flex flex-wrap gap-2">
        {REASONS.map((reason) => (
          <Button key={reason} onClick={() => onSay('DIFFERS', reason)}>
            {reason}
          </Button>
        ))}
      </div>
      <div className="flex flex-wrap items-end gap-3">
        <div className="min-w-64 flex-1">
          <TextField label="In words (optional)" value={words} onChange={setWords} maxLength={200} autoFocus />
        </div>
        {step.measuredIn !== null && (
          <div className="w-40">
            <TextField
              label={`Measured${step.measuredIn === '' ? '' : `, ${step.measuredIn}`} (optional)`}
              value={measured}
              onChange={setMeasured}
              maxLength={12}
              error={measured.trim() !== '' && !isNumber ? 'This is no number.' : null}
            />
          </div>
        )}
        <Button main type="submit" disabled={measured.trim() !== '' && !isNumber}>
          Save
        </Button>
        <Button onClick={onCancel}>Cancel</Button>
      </div>
      {step.measuredIn !== null && (
        <p className="text-sm text-muted">Where a number is measured, it says by itself whether the step agrees.</p>
      )}
    </form>
  );
}
