import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { ClipboardPaste, CopyCheck, Gauge, Link2, SplitSquareHorizontal } from 'lucide-react';
import { useDeferredValue, useState } from 'react';
import { answer, api } from '../api/client';
import type { ChannelRow, Edit, FunctionBar } from '../api/types';
import { Choice } from '../ui/choice';
import { counted } from '../ui/counted';
import { NumberField } from '../ui/number-field';
import { PanelButton } from '../ui/panel-button';
import { TextField } from '../ui/text-field';
import { calledIn } from './add-channels';
import { CurveButton } from '../curves/curve-button';
import { useDesk } from './desk-context';
import { FunctionDetails } from './function-details';
import { PanelForm } from './panel-form';
import { shown } from '../ui/figures';
import { readValue, useValueForm, written } from './value-form';

type Span = Pick<FunctionBar, 'id' | 'name' | 'from' | 'to'>;
type Panel = { channel: ChannelRow; bar: FunctionBar; close: () => void };

/** What can be done with a function as a whole. */
export function FunctionActions({ channel, bar, first }: { channel: ChannelRow; bar: FunctionBar; first: boolean }) {
  return (
    <>
      <PanelButton text="Divide" shortcut={first ? 'd' : undefined} icon={<SplitSquareHorizontal size={14} aria-hidden />} title={`Divide ${bar.name}`}>
        {(close) => <Divide channel={channel} bar={bar} close={close} />}
      </PanelButton>
      <PanelButton text="Paste ranges" shortcut={first ? 't' : undefined} icon={<ClipboardPaste size={14} aria-hidden />} title={`Ranges of ${bar.name} from a table`} width="w-96">
        {(close) => <Paste channel={channel} bar={bar} close={close} />}
      </PanelButton>
      <PanelButton text="Counts while …" icon={<Link2 size={14} aria-hidden />} title={`When ${bar.name} counts`}>
        {(close) => <Condition channel={channel} bar={bar} close={close} />}
      </PanelButton>
      <PanelButton text="Details" icon={<Gauge size={14} aria-hidden />} title={`Details of ${bar.name}`}>
        {() => <FunctionDetails bar={bar} />}
      </PanelButton>
      <CurveButton bar={bar} />
      <PanelButton text="To other modes" icon={<CopyCheck size={14} aria-hidden />} title={`Bring ${bar.name} to other modes`}>
        {(close) => <Bring channel={channel} bar={bar} close={close} />}
      </PanelButton>
    </>
  );
}

function Divide({ bar, close }: Panel) {
  const { draft } = useDesk();
  const slots = draft.wheels.find((wheel) => wheel.name === bar.wheel)?.slots ?? [];
  const [parts, setParts] = useState(slots.length > 0 ? String(slots.length) : '8');
  const [steps, setSteps] = useState('');
  const [name, setName] = useState(slots.length > 0 ? '*' : `${bar.name} #`);
  const [first, setFirst] = useState('1');
  const [slot, setSlot] = useState(slots.length > 0 ? '1' : '');
  const [shakes, setShakes] = useState(false);
  const [splits, setSplits] = useState(false);
  const [only, setOnly] = useState('all');
  return (
    <PanelForm
      submit="Divide"
      close={close}
      toEdit={() => ({ type: 'divideFunction', function: bar.id, range: only === 'all' ? null : Number(only), parts: steps === '' ? whole(parts) : 0, steps: whole(steps), name, first: whole(first), firstSlot: whole(slot), eachWhole: shakes, splits })}
    >
      {bar.ranges.length > 0 && (
        <Choice label="What" value={only} options={[{ value: 'all', text: `The whole function, ${bar.from} to ${bar.to}` }, ...bar.ranges.map((range) => ({ value: String(range.id), text: `${range.name || 'Range'}, ${range.from} to ${range.to}` }))]} onChoose={setOnly} />
      )}
      <div className="flex gap-3">
        <NumberField label="Parts" value={parts} onChange={setParts} autoFocus />
        <NumberField label="or values each" value={steps} onChange={setSteps} />
      </div>
      <TextField label={slots.length > 0 ? 'Name, # is its number, * its slot' : 'Name, # is its number'} value={name} onChange={setName} maxLength={120} />
      <div className="flex gap-3">
        <NumberField label="First number" value={first} onChange={setFirst} />
        {slots.length > 0 && <NumberField label="First slot" value={slot} onChange={setSlot} />}
      </div>
      {slots.length > 0 && (
        <label className="flex items-center gap-2 text-sm">
          <input
            type="checkbox"
            className="accent-kite"
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
          <input type="checkbox" className="accent-kite" checked={shakes} onChange={(event) => setShakes(event.currentTarget.checked)} />
          {`Each part runs from ${shown(bar.physicalFrom)} to ${shown(bar.physicalTo)} ${bar.unit}`}
        </label>
      )}
      {only === 'all' && bar.ranges.length > 0 && <p className="text-sm text-muted">The {bar.ranges.length} named ranges that are there give way.</p>}
    </PanelForm>
  );
}

function Paste({ bar, close }: Panel) {
  const [text, setText] = useState('');
  const asked = useDeferredValue(text);
  const { data, isPlaceholderData } = useQuery({
    queryKey: ['range table', asked, bar.to],
    queryFn: ({ signal }) => answer(api.POST('/api/range-table', { body: { text: asked, last: bar.to }, signal })),
    placeholderData: keepPreviousData,
    staleTime: Infinity,
  });
  const rows = data?.rows ?? [];
  const left = data?.left ?? [];
  return (
    <PanelForm
      submit="Set ranges"
      close={close}
      toEdit={() => {
        if (asked !== text || isPlaceholderData) return 'The last rows are still being read; try again.';
        return rows.length === 0 ? 'No row was understood. Each needs a first value and a meaning: 0, 7, Open.' : { type: 'setRanges', function: bar.id, ranges: rows };
      }}
    >
      <label className="flex flex-col gap-1 text-sm text-muted">
        One row a line, tabs or commas: from, to, meaning
        <textarea autoFocus value={text} rows={7} onChange={(event) => setText(event.currentTarget.value)} className="rounded-sm border border-line bg-trough p-2 font-mono text-sm text-text" />
      </label>
      <p className="text-sm text-muted">
        {`${counted(rows.filter((row) => row.name !== '').length, 'range', 'ranges')} understood.`}
      </p>
      {left.length > 0 && (
        <div className="text-sm text-warning">
          Not placed:
          <ul className="font-mono">
            {left.slice(0, 6).map((line, index) => (
              <li key={index} className="truncate">
                {line}
              </li>
            ))}
          </ul>
        </div>
      )}
    </PanelForm>
  );
}

function Condition({ channel, bar, close }: Panel) {
  const { draft } = useDesk();
  const [master, setMaster] = useState(bar.modeMaster === null ? 'always' : String(bar.modeMaster));
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
    return typeof last === 'string' ? last : { type: 'setModeMaster', function: bar.id, master: row.id, from: first, to: last };
  }

  return (
    <PanelForm submit="Set" close={close} toEdit={toEdit}>
      <Choice label="Counts" value={master} options={[{ value: 'always', text: 'Always' }, ...others.map((each) => ({ value: String(each.id), text: `while ${calledIn(each)} is` }))]} onChoose={choose} />
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
        </>
      )}
    </PanelForm>
  );
}

function Bring({ bar, close }: Panel) {
  const { draft } = useDesk();
  const { data } = useQuery({
    queryKey: ['twins', draft.id, draft.version, bar.id],
    queryFn: () => answer(api.GET('/api/drafts/{draftId}/functions/{function}/twins', { params: { path: { draftId: draft.id, function: bar.id } } })),
  });
  const differing = data?.filter((twin) => twin.differs) ?? [];
  const list = (
    <ul className="flex flex-col gap-1 text-sm">
      {data?.length === 0 && <li className="text-muted">No other mode has a function of this name on a channel of the same name and width.</li>}
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
    <PanelForm submit={`Bring to ${differing.length === 1 ? 'this mode' : `${differing.length} modes`}`} close={close} toEdit={() => ({ type: 'bringFunction', function: bar.id, modes: differing.map((twin) => twin.mode) })}>
      {list}
    </PanelForm>
  );
}

function whole(text: string) {
  return /^\d{1,10}$/.test(text.trim()) ? Number(text.trim()) : 0;
}
