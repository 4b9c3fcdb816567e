import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { ChevronDown } from 'lucide-react';
import { Popover } from 'radix-ui';
import { useId, useState, type KeyboardEvent } from 'react';
import { answer, api } from '#/api/client';
import type { AttributeChoice } from '#/api/types';
import { useFeatureGroups } from '#/api/words';
import { PennantIcon } from '#/parts/channel/pennant-icon';
import { Waiting } from '#/ui/waiting';

/** Where an attribute is looked for: a draft at a version, and the mode that has some already; what the channel itself uses (`own`) is never hidden. */
export type AttributePlace = { draft: string; version: number; mode: number; own?: readonly string[] };

/** An attribute, found by typing what the chart says; those that the mode has already are set aside unless asked for. */
export function AttributePicker({
  label,
  value,
  place,
  shortcut,
  fact = false,
  onChoose,
}: {
  label: string;
  value: string;
  place: AttributePlace;
  shortcut?: string;
  /** Whether it stands in a line of facts. */
  fact?: boolean;
  onChoose: (attribute: string) => void;
}) {
  const [open, setOpen] = useState(false);
  const id = useId();
  return (
    <div className={fact ? '' : 'flex flex-col gap-0.5'} title={fact ? label : undefined}>
      <span id={id} className={fact ? 'sr-only' : 'text-xs text-muted'}>
        {label}
      </span>
      <Popover.Root open={open} onOpenChange={setOpen}>
        <Popover.Trigger
          data-key={shortcut}
          aria-labelledby={`${id} ${id}-value`}
          className={
            fact
              ? 'inline-flex h-6.5 items-center gap-0.5 rounded-sm border border-transparent px-1 text-sm hover:border-edge hover:bg-trough'
              : 'inline-flex min-h-8 min-w-24 items-center justify-between gap-2 rounded-sm border border-edge bg-trough px-2 text-sm hover:border-muted'
          }
        >
          <span id={`${id}-value`}>{value}</span>
          <ChevronDown size={fact ? 12 : 14} className={fact ? 'text-muted' : ''} aria-hidden />
        </Popover.Trigger>
        <Popover.Portal>
          <Popover.Content
            align="start"
            sideOffset={4}
            aria-label="Attributes"
            className="z-50 w-80 rounded-lg border border-line bg-panel p-2.5 text-text shadow-2xl"
          >
            <Finder
              place={place}
              onChoose={(attribute) => {
                setOpen(false);
                onChoose(attribute);
              }}
            />
          </Popover.Content>
        </Popover.Portal>
      </Popover.Root>
    </div>
  );
}

function Finder({ place, onChoose }: { place: AttributePlace; onChoose: (attribute: string) => void }) {
  const [words, setWords] = useState('');
  const [group, setGroup] = useState('');
  const groups = useFeatureGroups();
  const [used, setUsed] = useState(false);
  const [at, setAt] = useState(0);
  const list = useId();
  const asked = useQuery({
    queryKey: ['attributes', place.draft, place.version, place.mode, words, group],
    queryFn: ({ signal }) =>
      answer(
        api.GET('/api/drafts/{draftId}/attributes', {
          params: { path: { draftId: place.draft }, query: { mode: place.mode, words, group } },
          signal,
        }),
      ),
    placeholderData: keepPreviousData,
  });
  const { data } = asked;
  const shown = (data ?? []).filter((each) => used || !each.used || place.own?.includes(each.name));
  const hidden = (data?.length ?? 0) - shown.length;
  const current = Math.min(at, shown.length - 1);

  function pressed(event: KeyboardEvent) {
    if (event.key === 'ArrowDown' || event.key === 'ArrowUp') {
      event.preventDefault();
      setAt(Math.max(0, Math.min(shown.length - 1, current + (event.key === 'ArrowDown' ? 1 : -1))));
    }
    const choice = shown[current];
    if (event.key === 'Enter' && choice) {
      event.preventDefault();
      onChoose(choice.name);
    }
  }

  return (
    <>
      <input
        role="combobox"
        aria-label="What the chart says"
        aria-expanded
        aria-controls={list}
        aria-activedescendant={shown[current] ? `${list}-${current}` : undefined}
        autoFocus
        value={words}
        placeholder="green, strobe speed, gobo rotation …"
        onChange={(event) => {
          setWords(event.currentTarget.value);
          setAt(0);
        }}
        onKeyDown={pressed}
        className="min-h-8 w-full rounded-sm border border-edge bg-trough px-2"
      />
      <div role="group" aria-label="Feature groups" className="my-2 flex flex-wrap gap-1">
        {groups.map((each) => (
          <button
            key={each}
            type="button"
            aria-pressed={group === each}
            onClick={() => setGroup(group === each ? '' : each)}
            className={`inline-flex min-h-6 items-center gap-1 rounded-sm border px-1.5 text-xs ${group === each ? 'border-kite-text' : 'border-line text-muted'}`}
          >
            <PennantIcon group={each} /> {each}
          </button>
        ))}
      </div>
      <ul id={list} role="listbox" aria-label="Attributes that fit" className="max-h-64 overflow-y-auto">
        {shown.map((choice, index) => (
          <Option
            key={choice.name}
            id={`${list}-${index}`}
            choice={choice}
            active={index === current}
            onChoose={() => onChoose(choice.name)}
          />
        ))}
      </ul>
      <Waiting of={asked} what="The attributes" />
      {data && shown.length === 0 && <p className="px-2 text-sm text-muted">Nothing fits these words.</p>}
      {hidden > 0 && (
        <button type="button" className="mt-1 px-2 text-sm text-muted underline" onClick={() => setUsed(true)}>
          {hidden} more that this mode has already
        </button>
      )}
    </>
  );
}

function Option({ id, choice, active, onChoose }: { id: string; choice: AttributeChoice; active: boolean; onChoose: () => void }) {
  return (
    // keys go to the box above the list, which tells which one is active
    // eslint-disable-next-line jsx-a11y/click-events-have-key-events
    <li
      id={id}
      role="option"
      aria-selected={active}
      onClick={onChoose}
      className={`flex min-h-8 cursor-pointer items-center gap-2 rounded-sm px-2 text-sm ${active ? 'bg-raised' : 'hover:bg-raised'}`}
    >
      <PennantIcon group={choice.featureGroup} />
      <span className="flex-1 truncate">{choice.pretty}</span>
      <span className="truncate text-xs text-muted">{choice.name}</span>
    </li>
  );
}
