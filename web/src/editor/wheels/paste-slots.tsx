import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useDeferredValue, useState } from 'react';
import { answer, api } from '#/api/client';
import type { WheelLine } from '#/api/types';
import { PanelForm } from '#/editor/kit/panel-form';
import { counted } from '#/ui/counted';

/** Names and colours of slots out of a list: a line for each, from the first slot on. */
export function PasteSlots({ wheel, close }: { wheel: WheelLine; close: () => void }) {
  const [text, setText] = useState('');
  const asked = useDeferredValue(text);
  const { data, isPlaceholderData } = useQuery({
    queryKey: ['slot list', asked],
    queryFn: ({ signal }) => answer(api.POST('/api/slot-list', { body: { text: asked }, signal })),
    placeholderData: keepPreviousData,
    staleTime: Infinity,
  });
  const slots = data ?? [];
  return (
    <PanelForm
      submit="Set slots"
      close={close}
      toEdit={() => {
        if (asked !== text || isPlaceholderData) return 'The last lines are still being read; try again.';
        return slots.length === 0
          ? 'Type a slot a line: Open, Deep blue #0018b0, Amber 0.56 0.41.'
          : { type: 'listSlots', wheel: wheel.id, slots };
      }}
    >
      <label className="flex flex-col gap-1 text-sm text-muted">
        A slot a line; its colour as hex, as x and y, as a filter number, or by its name
        <textarea
          autoFocus
          value={text}
          rows={8}
          spellCheck={false}
          placeholder={'Open\nDeep blue\nFern #3a8f3a\nAmber 0.56 0.41\nF24'}
          onChange={(event) => setText(event.currentTarget.value)}
          className="rounded-sm border border-edge bg-trough p-2 font-mono text-sm text-text"
        />
      </label>
      <FilterTable onChoose={(called) => setText((before) => `${before.trimEnd()}${before.trim() === '' ? '' : '\n'}${called}\n`)} />
      <p className="text-sm text-muted">{`${counted(slots.length, 'slot', 'slots')}, ${slots.filter((slot) => slot.color !== null).length} with a colour.`}</p>
    </PanelForm>
  );
}

/** Our numbered table of filters, to look at and to choose from. */
function FilterTable({ onChoose }: { onChoose: (called: string) => void }) {
  const [open, setOpen] = useState(false);
  const { data } = useQuery({
    queryKey: ['filter numbers'],
    queryFn: () => answer(api.GET('/api/filter-numbers')),
    enabled: open,
    staleTime: Infinity,
  });
  return (
    <details open={open} onToggle={(event) => setOpen(event.currentTarget.open)} className="text-sm text-muted">
      <summary className="cursor-pointer rounded-sm">Filters by number</summary>
      <ul className="grid max-h-44 grid-cols-[repeat(auto-fill,minmax(9rem,1fr))] gap-x-2 overflow-y-auto pt-1">
        {data?.map((each) => (
          <li key={each.number}>
            <button
              type="button"
              onClick={() => onChoose(each.called)}
              className="flex w-full items-center gap-1.5 rounded-sm px-1 py-0.5 text-left text-text hover:bg-raised"
            >
              <span aria-hidden className="size-3.5 shrink-0 rounded-full border border-line" style={{ background: each.color }} />
              <span className="truncate">{each.called}</span>
            </button>
          </li>
        ))}
      </ul>
    </details>
  );
}
