import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { Spline } from 'lucide-react';
import { useDeferredValue, useState, type ReactNode } from 'react';
import { answer, api } from '../api/client';
import type { CurveView, FunctionBar, Shelf } from '../api/types';
import { Button } from '../ui/button';
import { Choice } from '../ui/choice';
import { Modal } from '../ui/modal';
import { NumberField } from '../ui/number-field';
import { Refusal } from '../ui/refusal';
import { TextField } from '../ui/text-field';
import { CurvePicture } from './curve-picture';
import { useDesk } from './desk-context';
import { PanelForm } from './panel-form';

const WORDS: Record<Shelf, { text: string; parameter?: string; usual?: string }> = {
  LINEAR: { text: 'Linear' },
  SQUARE: { text: 'Square law' },
  INVERSE_SQUARE: { text: 'Inverse square law' },
  S_SOFT: { text: 'S, soft' },
  S_HARD: { text: 'S, hard' },
  LOGARITHMIC: { text: 'Logarithmic' },
  EXPONENTIAL: { text: 'Exponential' },
  CUBIC: { text: 'Cubic' },
  STEPPED: { text: 'Stepped', parameter: 'Steps', usual: '8' },
  ON_FROM: { text: 'On from', parameter: 'From, %', usual: '50' },
  OFF_FROM: { text: 'Off from', parameter: 'From, %', usual: '50' },
  FULL: { text: 'Always full' },
  CEILING: { text: 'Linear up to', parameter: 'Up to, %', usual: '80' },
  TRIANGLE: { text: 'Triangle' },
};

type Source = 'shelf' | 'measured' | 'profile';
const SOURCES: { value: Source; text: string }[] = [
  { value: 'shelf', text: 'From the shelf' },
  { value: 'measured', text: 'Measured' },
  { value: 'profile', text: 'In this profile' },
];

/** The way to a function's curve; it says which one there is. */
export function CurveButton({ bar }: { bar: FunctionBar }) {
  const [open, setOpen] = useState(false);
  return (
    <>
      <Button quiet onClick={() => setOpen(true)}>
        <Spline size={14} aria-hidden /> {bar.curve === '' ? 'Curve' : `Curve ${bar.curve}`}
      </Button>
      {open && (
        <Modal wide open onClose={() => setOpen(false)} title={`Curve of ${bar.name}`} description={bar.curve === '' ? 'It runs straight.' : `It runs through ${bar.curve}.`}>
          <Chooser bar={bar} close={() => setOpen(false)} />
        </Modal>
      )}
    </>
  );
}

function Chooser({ bar, close }: { bar: FunctionBar; close: () => void }) {
  const [source, setSource] = useState<Source>(bar.curve === '' ? 'shelf' : 'profile');
  return (
    <div className="flex min-h-0 flex-col gap-4 overflow-y-auto">
      <div role="group" aria-label="Where from" className="flex gap-1">
        {SOURCES.map((each) => (
          <Button key={each.value} quiet={source !== each.value} aria-pressed={source === each.value} onClick={() => setSource(each.value)}>
            {each.text}
          </Button>
        ))}
      </div>
      {source === 'shelf' && <FromShelf bar={bar} close={close} />}
      {source === 'measured' && <FromMeasured bar={bar} close={close} />}
      {source === 'profile' && <FromProfile bar={bar} close={close} />}
    </div>
  );
}

function FromShelf({ bar, close }: { bar: FunctionBar; close: () => void }) {
  const [kind, setKind] = useState<Shelf>('SQUARE');
  const [parameter, setParameter] = useState('0');
  const [name, setName] = useState('Square law');
  const asked = /^\d{1,3}$/.test(parameter) ? Number(parameter) : 0;
  const { data, error } = useQuery({
    queryKey: ['shelf curve', kind, asked],
    queryFn: () => answer(api.POST('/api/curves/shelf', { body: { kind, parameter: asked } })),
    placeholderData: keepPreviousData,
    retry: false,
    staleTime: Infinity,
  });
  const words = WORDS[kind];
  function choose(next: Shelf) {
    setKind(next);
    setParameter(WORDS[next].usual ?? '0');
    setName([WORDS[next].text.replace(',', ''), WORDS[next].usual].filter(Boolean).join(' '));
  }
  return (
    <Lay bar={bar} curve={error ? undefined : data} name={name} close={close}>
      <div className="flex flex-wrap items-end gap-3">
        <Choice label="Shape" value={kind} options={Object.entries(WORDS).map(([value, each]) => ({ value, text: each.text }))} onChoose={(next) => choose(next as Shelf)} />
        {words.parameter && <NumberField label={words.parameter} value={parameter} onChange={setParameter} />}
        <TextField label="Name in this profile" value={name} onChange={setName} maxLength={120} />
      </div>
      <Refusal says={error?.message} />
    </Lay>
  );
}

function FromMeasured({ bar, close }: { bar: FunctionBar; close: () => void }) {
  const [text, setText] = useState('');
  const [correction, setCorrection] = useState(true);
  const [name, setName] = useState('Correction');
  const asked = useDeferredValue(text);
  const { data, error, isPlaceholderData } = useQuery({
    queryKey: ['measured curve', asked, correction],
    queryFn: ({ signal }) => answer(api.POST('/api/curves/measured', { body: { text: asked, correction }, signal })),
    enabled: asked.trim() !== '',
    placeholderData: keepPreviousData,
    retry: false,
  });
  const sound = text === asked && text.trim() !== '' && !error && !isPlaceholderData;
  return (
    <Lay bar={bar} curve={sound ? data : undefined} name={name} close={close}>
      <label className="flex flex-col gap-1 text-sm text-muted">
        Level and light, one pair a line, as a table or CSV has them
        <textarea value={text} rows={4} spellCheck={false} onChange={(event) => setText(event.currentTarget.value)} placeholder={'0;0\n64;5,2\n128;31\n255;100'} className="rounded-sm border border-line bg-trough p-2 font-mono text-sm text-text" />
      </label>
      <input
        type="file"
        aria-label="A CSV file of measured points"
        accept=".csv,.txt,text/csv,text/plain"
        className="text-sm text-muted"
        onChange={(event) => {
          const file = event.currentTarget.files?.[0];
          if (file && file.size < 200_000) void file.text().then(setText);
        }}
      />
      <div className="flex flex-wrap items-end gap-3">
        <Choice
          label="What of it"
          value={correction ? 'correction' : 'curve'}
          options={[
            { value: 'correction', text: 'The correction that undoes it' },
            { value: 'curve', text: 'The curve itself' },
          ]}
          onChoose={(value) => {
            setCorrection(value === 'correction');
            setName(value === 'correction' ? 'Correction' : 'Measured');
          }}
        />
        <TextField label="Name in this profile" value={name} onChange={setName} maxLength={120} />
      </div>
      {error && text.trim() !== '' && (
        <p role="alert" className="text-sm text-error">
          {error.message}
        </p>
      )}
      {sound && data?.largest !== null && data !== undefined && <p className="text-sm text-muted">{`Largest distance from a measured point: ${((data.largest ?? 0) * 100).toFixed(2)} %.`}</p>}
    </Lay>
  );
}

/** The curves of this profile, and what runs through each. */
function useCurves() {
  const { draft } = useDesk();
  return useQuery({ queryKey: ['curves', draft.id, draft.version], queryFn: () => answer(api.GET('/api/drafts/{draftId}/curves', { params: { path: { draftId: draft.id } } })) });
}

function FromProfile({ bar, close }: { bar: FunctionBar; close: () => void }) {
  const [name, setName] = useState(bar.curve);
  const { data } = useCurves();
  const chosen = data?.find((each) => each.name === name);
  return (
    <PanelForm submit={name === '' ? 'Run straight' : `Run through ${name}`} close={close} toEdit={() => ({ type: 'layCurve', function: bar.id, curve: name })}>
      <Choice label="Curve" value={name === '' ? 'none' : name} options={[{ value: 'none', text: 'None, straight' }, ...(data ?? []).map((each) => ({ value: each.name, text: each.name }))]} onChoose={(value) => setName(value === 'none' ? '' : value)} />
      {chosen && <CurvePicture curve={chosen.curve} />}
      {chosen && <p className="text-sm text-muted">{chosen.uses.length === 0 ? 'Nothing runs through it.' : `Runs through it: ${chosen.uses.join(', ')}.`}</p>}
    </PanelForm>
  );
}

/** The curve as it would be, and the one edit that puts it into the profile and lays it. */
function Lay({ bar, curve, name, close, children }: { bar: FunctionBar; curve: CurveView | undefined; name: string; close: () => void; children: ReactNode }) {
  const there = useCurves().data?.find((each) => each.name === name.trim());
  return (
    <PanelForm
      submit={`Lay onto ${bar.name}`}
      close={close}
      toEdit={() =>
        curve
          ? {
              type: 'several',
              edits: [
                { type: 'putCurve', name, pieces: curve.pieces },
                { type: 'layCurve', function: bar.id, curve: name },
              ],
            }
          : 'There is no curve to lay yet.'
      }
    >
      {children}
      {there && <p className="text-sm text-warning">{`A curve of this name gives way${there.uses.length === 0 ? '.' : `, and with it changes what runs through it: ${there.uses.join(', ')}.`}`}</p>}
      {curve && <CurvePicture curve={curve} />}
    </PanelForm>
  );
}
