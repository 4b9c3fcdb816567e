import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useDeferredValue, useState } from 'react';
import { answer, api } from '#/api/client';
import type { ChannelRow, ChartFunction, Correction, Edit, FunctionBar } from '#/api/types';
import { AttributePicker } from '#/parts/attribute/attribute-picker';
import { readPhysical } from '#/parts/number/physical';
import { Typed } from '#/ui/typed';
import { Choice } from '#/ui/choice';
import { counted } from '#/ui/counted';
import { NumberField } from '#/ui/number-field';
import { PanelButton } from '#/ui/panel-button';
import { TextField } from '#/ui/text-field';
import { calledIn } from '#/editor/kit/called-in';
import { CurveButton } from '#/editor/curves/curve-button';
import { placeOf, useEditor } from '#/editor/kit/editor-context';
import { FunctionDetails } from './function-details';
import { PanelForm } from '#/editor/kit/panel-form';
import { readValue, useValueForm, written } from '#/editor/kit/value-form';

type Span = Pick<FunctionBar, 'id' | 'name' | 'from' | 'to'>;
type Panel = { channel: ChannelRow; bar: FunctionBar; close: () => void };

/** What can be done with a function as a whole. */
export function FunctionActions({ channel, bar }: { channel: ChannelRow; bar: FunctionBar }) {
  return (
    <>
      <PanelButton text="Divide" shortcut="d" title={`Divide ${bar.name}`}>
        {(close) => <Divide channel={channel} bar={bar} close={close} />}
      </PanelButton>
      <PanelButton text="Paste table" shortcut="t" title={`Functions of ${channel.pretty} from a table`} width="w-md">
        {(close) => <Paste channel={channel} bar={bar} close={close} />}
      </PanelButton>
      {bar.ranges.some((range) => range.name !== '') && (
        <PanelButton text="Functions from ranges" title={`Functions from ranges of ${bar.name}`}>
          {(close) => <FromRanges channel={channel} bar={bar} close={close} />}
        </PanelButton>
      )}
      <PanelButton text="Active only while …" title={`When ${bar.name} is active`}>
        {(close) => <Condition channel={channel} bar={bar} close={close} />}
      </PanelButton>
      <PanelButton text="Details" title={`Details of ${bar.name}`}>
        {() => <FunctionDetails bar={bar} />}
      </PanelButton>
      <CurveButton bar={bar} />
      <PanelButton text="To other modes" title={`Bring ${bar.name} to other modes`}>
        {(close) => <Bring channel={channel} bar={bar} close={close} />}
      </PanelButton>
    </>
  );
}

function Divide({ bar, close }: Panel) {
  const { draft } = useEditor();
  const slots = draft.wheels.find((wheel) => wheel.name === bar.wheel)?.slots ?? [];
  const [parts, setParts] = useState(slots.length > 0 ? String(slots.length) : '8');
  const [steps, setSteps] = useState('');
  const [name, setName] = useState(slots.length > 0 ? '{slot}' : `${bar.name} {number}`);
  const [first, setFirst] = useState('1');
  const [slot, setSlot] = useState(slots.length > 0 ? '1' : '');
  const [shakes, setShakes] = useState(false);
  const [splits, setSplits] = useState(false);
  const [only, setOnly] = useState('all');
  return (
    <PanelForm
      submit="Divide"
      close={close}
      toEdit={() => ({
        type: 'divideFunction',
        function: bar.id,
        range: only === 'all' ? null : Number(only),
        parts: steps === '' ? whole(parts) : 0,
        steps: whole(steps),
        name,
        first: whole(first),
        firstSlot: whole(slot),
        eachWhole: shakes,
        splits,
      })}
    >
      {bar.ranges.length > 0 && (
        <Choice
          label="What"
          value={only}
          options={[
            { value: 'all', text: `The whole function, ${bar.from} to ${bar.to}` },
            ...bar.ranges.map((range) => ({ value: String(range.id), text: `${range.name || 'Range'}, ${range.from} to ${range.to}` })),
          ]}
          onChoose={setOnly}
        />
      )}
      <div className="flex gap-3">
        <NumberField label="Parts" value={parts} onChange={setParts} autoFocus />
        <NumberField label="or values each" value={steps} onChange={setSteps} />
      </div>
      <TextField
        label={slots.length > 0 ? 'Name: {number} is its number, {slot} its slot' : 'Name: {number} is its number'}
        value={name}
        onChange={setName}
        maxLength={120}
      />
      <div className="flex gap-3">
        <NumberField label="First number" value={first} onChange={setFirst} />
        {slots.length > 0 && <NumberField label="First slot" value={slot} onChange={setSlot} />}
      </div>
      {slots.length > 0 && (
        <label className="flex items-center gap-2 text-sm">
          <input
            type="checkbox"
            className="accent-kite-text"
            checked={splits}
            onChange={(event) => {
              setSplits(event.currentTarget.checked);
              setParts(String(slots.length * (event.currentTarget.checked ? 2 : 1)));
            }}
          />
          Every second part shows half of two slots
        </label>
      )}
      {slots.length > 0 && bar.unit !== '' && (
        <label className="flex items-center gap-2 text-sm">
          <input
            type="checkbox"
            className="accent-kite-text"
            checked={shakes}
            onChange={(event) => setShakes(event.currentTarget.checked)}
          />
          {`Each part runs from ${bar.physicalFrom.text} to ${bar.physicalTo.text} ${bar.unit}`}
        </label>
      )}
      {only === 'all' && bar.ranges.length > 0 && (
        <p className="text-sm text-muted">Replaces the {bar.ranges.length} named ranges that are there.</p>
      )}
    </PanelForm>
  );
}

/** A table of the whole channel: its rows become functions by what they say. */
function Paste({ channel, close }: Panel) {
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

/** Named ranges that are chosen become functions of their own, by what their words say. */
function FromRanges({ bar, close }: Panel) {
  const [left, setLeft] = useState<ReadonlySet<number>>(new Set());
  const named = bar.ranges.filter((range) => range.name !== '');
  const chosen = named.filter((range) => !left.has(range.id));
  return (
    <PanelForm
      submit={`Make ${counted(chosen.length, 'range', 'ranges')} functions`}
      close={close}
      toEdit={() =>
        chosen.length === 0
          ? 'Choose at least one range.'
          : { type: 'rangesToFunctions', function: bar.id, ranges: chosen.map((range) => range.id) }
      }
    >
      <p className="text-sm text-muted">
        Attribute, direction and numbers are read from the words; ranges of one meaning share a function.
      </p>
      <ul className="flex flex-col gap-1 text-sm">
        {named.map((range) => (
          <li key={range.id}>
            <label className="flex items-center gap-2">
              <input
                type="checkbox"
                className="accent-kite-text"
                checked={!left.has(range.id)}
                onChange={(event) => {
                  const next = new Set(left);
                  if (event.currentTarget.checked) next.delete(range.id);
                  else next.add(range.id);
                  setLeft(next);
                }}
              />
              <span className="font-mono text-xs text-muted">{`${range.from}-${range.to}`}</span>
              <span className="truncate">{range.name}</span>
            </label>
          </li>
        ))}
      </ul>
    </PanelForm>
  );
}

function Condition({ channel, bar, close }: Panel) {
  const { draft } = useEditor();
  const [master, setMaster] = useState(bar.modeMaster === null ? 'always' : String(bar.modeMaster));
  const [also, setAlso] = useState(false);
  const form = useValueForm();
  const others = draft.map?.channels.filter((each) => each.id !== channel.id) ?? [];
  const row = others.find((each) => String(each.id) === master);
  const [from, setFrom] = useState(written(bar.modeFrom, row?.bytes ?? 1, form));
  const [to, setTo] = useState(written(bar.modeTo, row?.bytes ?? 1, form));
  function choose(next: string) {
    setMaster(next);
    const chosen = others.find((each) => String(each.id) === next);
    setFrom(written(0, chosen?.bytes ?? 1, form));
    setTo(written(chosen?.max ?? 0, chosen?.bytes ?? 1, form));
  }
  const spans = row?.functions.flatMap((each): Span[] => (each.ranges.length > 0 ? each.ranges : [each])) ?? [];
  async function toEdit(): Promise<Edit | string> {
    if (!row) return { type: 'setModeMaster', function: bar.id, master: null, from: 0, to: 0 };
    const [first, last] = [await readValue(from.trim(), row.bytes, form), await readValue(to.trim(), row.bytes, form)];
    if (typeof first === 'string') return first;
    if (typeof last === 'string') return last;
    return also
      ? { type: 'alsoWhile', function: bar.id, master: row.id, from: first, to: last }
      : { type: 'setModeMaster', function: bar.id, master: row.id, from: first, to: last };
  }

  return (
    <PanelForm submit="Set" close={close} toEdit={toEdit}>
      <Choice
        label="Active"
        value={master}
        options={[
          { value: 'always', text: 'Always' },
          ...others.map((each) => ({ value: String(each.id), text: `while ${calledIn(each)} is` })),
        ]}
        onChoose={choose}
      />
      {row && (
        <>
          <div className="flex flex-wrap gap-1.5" role="group" aria-label="Ranges of the master">
            {spans.map((span) => (
              <button
                key={span.id}
                type="button"
                onClick={() => {
                  setFrom(written(span.from, row.bytes, form));
                  setTo(written(span.to, row.bytes, form));
                }}
                className="rounded-sm border border-line px-1.5 text-sm text-muted hover:text-text"
              >
                {span.name || `from ${span.from}`}
              </button>
            ))}
          </div>
          <div className="flex gap-3">
            <NumberField label="From" value={from} onChange={setFrom} />
            <NumberField label="To" value={to} onChange={setTo} />
          </div>
          {bar.modeMaster !== null && (
            <label className="flex items-center gap-2 text-sm">
              <input
                type="checkbox"
                className="accent-kite-text"
                checked={also}
                onChange={(event) => setAlso(event.currentTarget.checked)}
              />
              {`Also active then, besides ${bar.when}`}
            </label>
          )}
        </>
      )}
    </PanelForm>
  );
}

function Bring({ bar, close }: Panel) {
  const { draft } = useEditor();
  const { data } = useQuery({
    queryKey: ['twins', draft.id, draft.version, bar.id],
    queryFn: () =>
      answer(api.GET('/api/drafts/{draftId}/functions/{function}/twins', { params: { path: { draftId: draft.id, function: bar.id } } })),
  });
  const differing = data?.filter((twin) => twin.differs) ?? [];
  const list = (
    <ul className="flex flex-col gap-1 text-sm">
      {data?.length === 0 && (
        <li className="text-muted">No other mode has a function of this name on a channel of the same name and width.</li>
      )}
      {data?.map((twin) => (
        <li key={twin.mode} className="flex justify-between gap-3">
          <span className="truncate">{twin.modeName}</span>
          <span className={twin.differs ? 'text-warning' : 'text-muted'}>{twin.differs ? 'would change' : 'is the same'}</span>
        </li>
      ))}
    </ul>
  );
  if (differing.length === 0) return list;
  return (
    <PanelForm
      submit={`Bring to ${differing.length === 1 ? 'this mode' : `${differing.length} modes`}`}
      close={close}
      toEdit={() => ({ type: 'bringFunction', function: bar.id, modes: differing.map((twin) => twin.mode) })}
    >
      {list}
    </PanelForm>
  );
}

function whole(text: string) {
  return /^\d{1,10}$/.test(text.trim()) ? Number(text.trim()) : 0;
}
