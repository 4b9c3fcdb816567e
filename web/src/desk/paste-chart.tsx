import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useDeferredValue, useState } from 'react';
import { answer, api } from '../api/client';
import type { ChartRow, ModeMap } from '../api/types';
import { Button } from '../ui/button';
import { counted } from '../ui/counted';
import { Modal } from '../ui/modal';
import { PennantIcon } from '../ui/pennant-icon';
import { Refusal } from '../ui/refusal';
import { useDesk, useDeskActions } from './desk-context';

/** A maker's chart, pasted: its rows become channels and named ranges; what is not understood is shown. */
export function PasteChart({ map, given, onClose }: { map: ModeMap; given: string; onClose: () => void }) {
  const { draft } = useDesk();
  const { edit } = useDeskActions();
  const [text, setText] = useState(given);
  const [refusal, setRefusal] = useState<string | null>(null);
  const asked = useDeferredValue(text);
  const { data, isPlaceholderData } = useQuery({
    queryKey: ['chart table', draft.id, draft.version, map.id, asked],
    queryFn: ({ signal }) => answer(api.POST('/api/drafts/{draftId}/chart-table', { params: { path: { draftId: draft.id } }, body: { mode: map.id, text: asked }, signal })),
    enabled: asked.trim() !== '',
    placeholderData: keepPreviousData,
  });
  const rows = text.trim() === '' ? [] : (data?.channels ?? []);
  const known = rows.filter((row) => row.choices.length > 0);
  const unknown = rows.filter((row) => row.choices.length === 0);
  const left = text.trim() === '' ? [] : (data?.left ?? []);
  const ranges = known.reduce((sum, row) => sum + row.ranges.filter((range) => range.name !== '').length, 0);

  async function add() {
    const refused = await edit({
      type: 'addChannels',
      mode: map.id,
      at: null,
      channels: known.map((row) => ({ attribute: row.choices[0]?.name ?? '', words: row.words, bytes: row.addresses.length, geometry: null, addresses: row.addresses, ranges: row.ranges.length > 0 ? row.ranges : null })),
    });
    setRefusal(refused);
    if (!refused && unknown.length + left.length === 0) onClose();
    if (!refused) setText([...unknown.flatMap((row) => row.lines), ...left].join('\n'));
  }

  return (
    <Modal size="wide" open onClose={onClose} title="Paste a chart" description="One row a line: address, name, from, to, meaning, parted by tabs, semicolons or commas. A row without address and name goes on with the channel above it.">
      <form
        className="flex min-h-0 flex-col gap-3"
        onSubmit={(event) => {
          event.preventDefault();
          if (!isPlaceholderData && asked === text && known.length > 0) void add();
        }}
      >
        <textarea aria-label="Rows of the chart" autoFocus value={text} rows={8} spellCheck={false} onChange={(event) => setText(event.currentTarget.value)} className="shrink-0 rounded-sm border border-line bg-trough p-2 font-mono text-sm" placeholder={'1-2\tPan\n3-4\tTilt\n5\tStrobe\t0\t7\tClosed\n\t\t8\t255\tSlow to fast'} />
        <p role="status" className="text-sm text-muted">
          {`${counted(known.length, 'channel', 'channels')} and ${counted(ranges, 'named range', 'named ranges')} understood${unknown.length + left.length > 0 ? `; ${counted(unknown.length + left.length, 'row', 'rows')} not placed` : ''}.`}
        </p>
        <ul aria-label="Understood as" className="flex min-h-0 flex-col gap-1 overflow-y-auto">
          {known.map((row, index) => (
            <Understood key={index} row={row} />
          ))}
          {unknown.map((row, index) => (
            <li key={`u${index}`} className="text-sm text-warning">
              {`“${row.words}” at ${row.addresses.join('-')} fits no attribute; it stays in the field.`}
            </li>
          ))}
          {left.map((line, index) => (
            <li key={`l${index}`} className="truncate font-mono text-sm text-warning">
              {line}
            </li>
          ))}
        </ul>
        <Refusal says={refusal} />
        <Button main type="submit" className="self-end" disabled={known.length === 0}>
          {`Add ${counted(known.length, 'channel', 'channels')}`}
        </Button>
      </form>
    </Modal>
  );
}

function Understood({ row }: { row: ChartRow }) {
  const choice = row.choices[0];
  const named = row.ranges.filter((range) => range.name !== '');
  return (
    <li className="grid grid-cols-[4rem_minmax(0,11rem)_minmax(0,11rem)_minmax(0,1fr)] items-center gap-2 text-sm">
      <span className="font-mono text-muted">{row.addresses.join(', ')}</span>
      <span className="truncate" title={row.words}>
        {row.words}
      </span>
      <span className="flex items-center gap-1.5 truncate">
        <PennantIcon group={choice?.featureGroup ?? ''} />
        {choice?.pretty}
      </span>
      <span className="truncate text-muted" title={named.map((range) => `${range.from} ${range.name}`).join('\n')}>
        {named.map((range) => range.name).join(', ')}
      </span>
    </li>
  );
}
