import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { FileText } from 'lucide-react';
import { useDeferredValue, useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { answer, api } from '#/api/client';
import { Problem } from '#/api/problem';
import type { ChartAnswer, ChartLine, ModeMap } from '#/api/types';
import { Button, buttonLook } from '#/ui/button';
import { counted } from '#/ui/counted';
import { PennantIcon } from '#/parts/channel/pennant-icon';
import { Refusal } from '#/ui/refusal';
import { useEditor, useEditorActions } from '#/editor/kit/editor-context';

/** Channels are added by typing what the chart says, one or a whole run; what was not understood stays in the field. */
export function AddChannels({ map }: { map: ModeMap }) {
  const read = useReadChart();
  const { draft, chosen } = useEditor();
  const { edit } = useEditorActions();
  const [text, setText] = useState('');
  const [insert, setInsert] = useState(false);
  const [other, setOther] = useState<Record<number, string>>({});
  const [refusal, setRefusal] = useState<string | null>(null);
  const asked = useDeferredValue(text);
  const { data, isPlaceholderData } = useQuery({
    queryKey: ['chart', draft.id, draft.version, map.id, asked],
    queryFn: ({ signal }) =>
      answer(
        api.POST('/api/drafts/{draftId}/chart', { params: { path: { draftId: draft.id } }, body: { mode: map.id, text: asked }, signal }),
      ),
    enabled: asked.trim() !== '',
    placeholderData: keepPreviousData,
  });
  const understood = text.trim() === '' ? undefined : data;
  const lines = understood?.lines ?? [];
  const nameOf = (line: ChartLine, index: number) => other[index] ?? line.choices[0]?.name;
  const before = map.channels.find((channel) => channel.id === chosen && channel.times === 1)?.addresses[0];

  async function add() {
    // what stands in the field now, not what was answered a moment ago
    const fresh =
      text === asked && data && !isPlaceholderData
        ? data
        : await answer(api.POST('/api/drafts/{draftId}/chart', { params: { path: { draftId: draft.id } }, body: { mode: map.id, text } }));
    const known = fresh.lines.flatMap((line, index) => {
      const attribute = nameOf(line, index);
      return attribute ? [{ attribute, words: line.words, bytes: line.bytes, geometry: null, addresses: null, ranges: null }] : [];
    });
    const unknown = fresh.lines.filter((line, index) => !nameOf(line, index));
    if (known.length === 0) {
      setRefusal(
        fresh.lines.length === 0
          ? 'Type what the chart says, such as: pan 16 bit, dimmer, zoom.'
          : 'No attribute fits these words. Try others, such as green, strobe speed or gobo rotation.',
      );
      return;
    }
    const refused = await edit({ type: 'addChannels', mode: map.id, channels: known, at: insert && before !== undefined ? before : null });
    setRefusal(refused ?? (unknown.length > 0 ? 'This was not understood and not added.' : null));
    if (!refused) {
      setText(unknown.map((line) => line.words).join(', '));
      setOther({});
    }
  }

  return (
    <form
      aria-label="Add channels"
      className="relative shrink-0 border-b border-line bg-panel px-3 py-1"
      onSubmit={(event) => {
        event.preventDefault();
        void add();
      }}
    >
      <div className="flex items-center gap-2">
        <input
          data-key="n"
          aria-label="Channels to add"
          value={text}
          placeholder="Add channels: pan 16 bit, dimmer …"
          className="min-h-8 min-w-0 flex-1 rounded-sm border border-edge bg-trough px-2.5"
          onChange={(event) => {
            setText(event.currentTarget.value);
            setRefusal(null);
            setOther({});
          }}
          onPaste={(event) => {
            const pasted = event.clipboardData.getData('text');
            if (!/[\n\t]/.test(pasted)) return;
            event.preventDefault();
            // lines with more than one column are a chart, others are channels one below the other
            if (/\t|^[^,;\n]+[,;].*\n/.test(pasted)) void read(pasted).then(setRefusal);
            else setText(text + pasted.replace(/[\r\n]+/g, ', '));
          }}
          onKeyDown={(event) => {
            if (event.key === 'Escape') {
              setText('');
              setRefusal(null);
              event.currentTarget.blur();
            }
          }}
        />
        {before !== undefined && (
          <label className="flex items-center gap-1.5 text-sm text-muted">
            <input
              type="checkbox"
              checked={insert}
              onChange={(event) => setInsert(event.currentTarget.checked)}
              className="accent-kite-text"
            />
            Insert before address {before}
          </label>
        )}
        <Button type="submit">Add</Button>
        <Link to={`/editor/${draft.profileId}/charts`} data-key="c" className={buttonLook({ quiet: true })}>
          <FileText size={15} aria-hidden /> Read a chart
        </Link>
      </div>
      <Refusal says={refusal} className="mt-1" />
      {understood && lines.length > 0 && (
        <p role="status" className="mt-2 text-sm text-muted">
          {said(understood)}
        </p>
      )}
      {lines.length > 0 && (
        <ul aria-label="Understood as" className="mt-1 flex max-h-72 flex-col gap-1 overflow-y-auto">
          {lines.map((line, index) => (
            <Line
              key={`${index} ${line.words}`}
              line={line}
              chosen={nameOf(line, index)}
              onChoose={(name) => setOther({ ...other, [index]: name })}
            />
          ))}
        </ul>
      )}
    </form>
  );
}

/** A chart that was pasted where channels are typed opens on its page; what cannot be read as one stays on the clipboard, with the reason. */
function useReadChart() {
  const { draft } = useEditor();
  const navigate = useNavigate();
  return async (text: string) => {
    try {
      const chart = await answer(
        api.POST('/api/profiles/{profileId}/pasted-charts', { params: { path: { profileId: draft.profileId } }, body: { name: '', text } }),
      );
      void navigate(`/editor/${draft.profileId}/charts/${chart.id}`);
      return null;
    } catch (refused) {
      return refused instanceof Problem ? refused.message : 'It is not certain that this was saved; reload to see.';
    }
  };
}

function said({ channels, addresses, unknown }: ChartAnswer) {
  return `${counted(channels, 'channel', 'channels')}, ${counted(addresses, 'address', 'addresses')}${unknown > 0 ? `; ${unknown} not understood` : ''}`;
}

function Line({ line, chosen, onChoose }: { line: ChartLine; chosen: string | undefined; onChoose: (name: string) => void }) {
  if (line.choices.length === 0) {
    return <li className="text-sm text-warning">&apos;{line.words}&apos; fits no attribute; it would not be added.</li>;
  }
  return (
    <li className="flex flex-wrap items-center gap-1.5 text-sm">
      <span className="w-36 truncate" title={line.words}>
        {line.words}
      </span>
      <span className="w-12 font-mono text-xs text-muted">{line.bytes * 8} bit</span>
      {line.choices.slice(0, 4).map((choice) => (
        <button
          key={choice.name}
          type="button"
          aria-pressed={choice.name === chosen}
          title={choice.used ? `${choice.name}, already in this mode` : choice.name}
          onClick={() => onChoose(choice.name)}
          className={`inline-flex min-h-6 items-center gap-1.5 rounded-sm border px-1.5 ${choice.name === chosen ? 'border-kite-text text-text' : 'border-line text-muted hover:text-text'} ${choice.used ? 'italic' : ''}`}
        >
          <PennantIcon group={choice.featureGroup} />
          {choice.pretty}
        </button>
      ))}
    </li>
  );
}
