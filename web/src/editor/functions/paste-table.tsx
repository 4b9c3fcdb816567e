import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useDeferredValue, useState } from 'react';
import { answer, api } from '#/api/client';
import type { ChartFunction, Correction } from '#/api/types';
import { placeOf, useEditor } from '#/editor/kit/editor-context';
import { PanelForm } from '#/editor/kit/panel-form';
import { AttributePicker } from '#/parts/attribute/attribute-picker';
import { readPhysical } from '#/parts/number/physical';
import { counted } from '#/ui/counted';
import { Typed } from '#/ui/typed';
import type { FunctionPanel } from './function-panel';

/** A table of the whole channel: its rows become functions by what they say. */
export function PasteTable({ channel, close }: FunctionPanel) {
  const { draft } = useEditor();
  const [text, setText] = useState('');
  const [corrections, setCorrections] = useState<Correction[]>([]);
  const asked = useDeferredValue(text);
  const read = (rows: string, signal?: AbortSignal) =>
    answer(
      api.POST('/api/drafts/{draftId}/channel-table', {
        params: { path: { draftId: draft.id } },
        body: { channel: channel.id, text: rows, corrections },
        ...(signal ? { signal } : {}),
      }),
    );
  const { data, isPlaceholderData } = useQuery({
    queryKey: ['channel table', draft.id, draft.version, channel.id, asked, corrections],
    queryFn: ({ signal }) => read(asked, signal),
    enabled: asked.trim() !== '',
    placeholderData: keepPreviousData,
  });
  const functions = text.trim() === '' ? [] : (data?.functions ?? []);
  const left = text.trim() === '' ? [] : (data?.left ?? []);
  function correct(correction: Correction) {
    setCorrections([...corrections, correction]);
    return null;
  }
  return (
    <PanelForm
      submit="Set functions"
      close={close}
      toEdit={async () => {
        // what stands in the field now, not what was answered a moment ago
        const now = data && asked === text && !isPlaceholderData ? data : await read(text);
        return now.functions.length === 0 ? 'No row was understood. Each needs values and a meaning: 0-7 Closed.' : now.edit;
      }}
    >
      <label className="flex flex-col gap-1 text-sm text-muted">
        Rows of the chart: values, then what they do. Ctrl+Enter sets them.
        <textarea
          autoFocus
          value={text}
          rows={7}
          spellCheck={false}
          placeholder={'0-19 Closed\n20-49 Open\n50-255 Strobe, slow to fast (0.5 Hz to 20 Hz)'}
          onKeyDown={(event) => {
            if (event.key === 'Enter' && (event.ctrlKey || event.metaKey)) event.currentTarget.form?.requestSubmit();
          }}
          onChange={(event) => {
            setText(event.currentTarget.value);
            setCorrections([]); // what was said was said of other rows
          }}
          className="rounded-sm border border-edge bg-trough p-2 font-mono text-sm text-text"
        />
      </label>
      <ul aria-label="Understood as" className="flex flex-col gap-1 text-sm">
        {functions.map((each) => (
          <li key={each.index} className="flex flex-wrap items-center gap-x-2">
            <code className="min-w-16 font-mono text-xs text-muted">{`${each.from}-${each.to}`}</code>
            <span className="[&_span.text-xs]:sr-only">
              <AttributePicker
                label={`Attribute from ${each.from} on`}
                place={{ ...placeOf(draft), own: channel.functions.map((one) => one.attribute) }}
                value={each.pretty}
                onChoose={(attribute) =>
                  correct({ type: 'chooseFunctionAttribute', channel: data?.channel ?? '', function: each.index, attribute })
                }
              />
            </span>
            <span className="max-w-40 truncate" title={each.name}>
              {each.name}
            </span>
            {each.unit !== '' && !each.assumed && (
              <span className="text-muted">{`${each.physicalFrom.text} to ${each.physicalTo.text} ${each.unit}`}</span>
            )}
            {each.unit !== '' && each.assumed && (
              <AssumedEnds
                each={each}
                onSay={(physicalFrom, physicalTo) =>
                  correct({ type: 'chooseEnds', channel: data?.channel ?? '', function: each.index, physicalFrom, physicalTo })
                }
              />
            )}
            {each.ranges.length > 1 && <span className="text-muted">{counted(each.ranges.length, 'named range', 'named ranges')}</span>}
          </li>
        ))}
      </ul>
      {(data?.doubts ?? []).length > 0 && functions.length > 0 && (
        <ul aria-label="Doubts" className="flex flex-col gap-0.5 text-sm text-warning">
          {data?.doubts.map((doubt) => (
            <li key={doubt}>{doubt}</li>
          ))}
        </ul>
      )}
      {left.length > 0 && (
        <div className="text-sm text-warning">
          Not placed:
          <ul className="font-mono">
            {left.slice(0, 6).map((line) => (
              <li key={line.place} className="truncate">
                {line.text}
              </li>
            ))}
          </ul>
        </div>
      )}
    </PanelForm>
  );
}

/** Ends that the rows do not state, to be typed or left. */
function AssumedEnds({ each, onSay }: { each: ChartFunction; onSay: (first: number, last: number) => null }) {
  const end = async (text: string, toEnds: (value: number) => [number, number]) => {
    const value = await readPhysical(text, each.unit);
    return typeof value === 'string' ? value : onSay(...toEnds(value));
  };
  return (
    <span className="flex items-center gap-1 text-muted">
      <Typed
        label={`Physical value at ${each.from}`}
        look="assumed"
        mono
        width="w-16"
        value={each.physicalFrom.text}
        onSend={(text) => end(text, (value) => [value, each.physicalTo.value])}
      />
      to
      <Typed
        label={`Physical value at ${each.to}`}
        look="assumed"
        mono
        width="w-16"
        value={each.physicalTo.text}
        onSend={(text) => end(text, (value) => [each.physicalFrom.value, value])}
      />
      {each.unit}
    </span>
  );
}
