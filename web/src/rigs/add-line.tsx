import { useQuery } from '@tanstack/react-query';
import { CornerDownLeft } from 'lucide-react';
import { useDeferredValue, useState } from 'react';
import { answer, api } from '#/api/client';
import type { Rig, RigEdit, RigProposal } from '#/api/types';
import { Button } from '#/ui/button';
import { counted } from '#/ui/counted';
import { AddFields } from './add-fields';

/** What a line would add, asked for while it is typed. */
export function useProposal(rigId: string, version: number, text: string) {
  const asked = useDeferredValue(text.trim());
  const { data } = useQuery({
    queryKey: ['rig line', rigId, version, asked],
    queryFn: () => answer(api.POST('/api/rigs/{rigId}/line', { params: { path: { rigId } }, body: { text: asked } })),
    enabled: asked !== '',
    placeholderData: (before) => before,
    gcTime: 10_000,
  });
  return { proposal: asked === '' ? undefined : data, current: asked === text.trim() };
}

/** One line that adds units, read as one would say it, with what it would do before Enter. */
export function AddLine({
  rig,
  text,
  onText,
  proposal,
  current,
  onAdd,
}: {
  rig: Rig;
  text: string;
  onText: (to: string) => void;
  proposal: RigProposal | undefined;
  /** Whether the proposal is of the text as it stands. */
  current: boolean;
  onAdd: (edit: RigEdit) => Promise<string | null>;
}) {
  const [refusal, setRefusal] = useState<string | null>(null);
  const [fields, setFields] = useState(false);
  const ready = current && proposal?.edit;
  async function add() {
    if (!ready) return;
    const refused = await onAdd(ready);
    setRefusal(refused);
    if (refused === null) {
      onText('');
      setFields(false);
    }
  }
  return (
    <form
      className="flex flex-col gap-1.5 border-b border-line bg-panel px-4 py-3"
      onSubmit={(event) => {
        event.preventDefault();
        void add();
      }}
    >
      <div className="flex items-center gap-2">
        <label htmlFor="add-line" className="shrink-0 text-sm text-muted">
          Add
        </label>
        <input
          id="add-line"
          value={text}
          maxLength={500}
          autoComplete="off"
          spellCheck={false}
          placeholder="8 Petrel Spot Extended from 2.1 as 201, name Rail 1"
          aria-describedby="add-line-says"
          className="min-h-9 min-w-0 flex-1 rounded-md border border-edge bg-trough px-3"
          onChange={(event) => {
            onText(event.currentTarget.value);
            setRefusal(null);
          }}
        />
        <Button quiet aria-expanded={fields} onClick={() => setFields(!fields)}>
          Fields
        </Button>
        <Button main type="submit" disabled={!ready}>
          <CornerDownLeft size={16} aria-hidden />
          Add
        </Button>
      </div>
      {fields && (
        <AddFields
          rig={rig}
          onText={(to) => {
            onText(to);
            setRefusal(null);
          }}
        />
      )}
      <p id="add-line-says" aria-live="polite" className="min-h-5 text-sm text-muted">
        {refusal || proposal?.refused ? (
          <span className="text-error">{refusal ?? proposal?.refused}</span>
        ) : proposal ? (
          <Proposed proposal={proposal} />
        ) : (
          'How many, the fixture and its mode; then “from” an address or “next free”, “as” an id; after commas name, layer, group, position, on a unit, shared.'
        )}
      </p>
    </form>
  );
}

function Proposed({ proposal }: { proposal: RigProposal }) {
  const { first, last, count } = proposal;
  const [fixture, ...others] = proposal.fixtures;
  if (!first || !last || !fixture) return null;
  return (
    <>
      <span className="text-text">{`${counted(count, 'unit', 'units')} ${first.id}${count === 1 ? '' : ` to ${last.id}`}`}</span>,{' '}
      {`${fixture.manufacturer} ${fixture.model}, ${fixture.mode}, at `}
      <span className="font-mono text-text">{count === 1 ? first.address : `${first.address} … ${last.address}`}</span>
      {others.length > 0 && (
        <span>
          {' '}
          · also fits:{' '}
          {others
            .slice(0, 3)
            .map((other) => `${other.model} ${other.mode}`)
            .join(', ')}
        </span>
      )}
    </>
  );
}
