import { useState } from 'react';
import type { ChartOpenLine } from '#/api/types';
import { Button } from '#/ui/button';
import { Choice } from '#/ui/choice';
import { readAddresses } from '#/parts/address/addresses';
import { useChart } from './chart-context';

/** Lines that belong nowhere yet: each is laid onto a channel, becomes one, or is set aside. Pages that are no chart are listed. */
export function Unplaced({ mode }: { mode: number }) {
  const { chart, correct } = useChart();
  return (
    <section aria-label="What is not placed" className="border-t border-line">
      <h2 className="sticky top-0 z-20 flex items-center gap-3 border-b border-line bg-panel px-3 py-1 text-xs font-semibold text-muted">
        {`Not placed: ${chart.open.length}`}
        {chart.open.length > 1 && (
          <Button
            quiet
            className="ml-auto text-xs"
            onClick={() => void correct({ type: 'setAside', lines: chart.open.map((each) => each.place), reason: 'not part of the map' })}
          >
            Set all of them aside
          </Button>
        )}
      </h2>
      {chart.open.length === 0 && <p className="px-3 py-2 text-sm text-muted">Every line is placed or set aside.</p>}
      <ul>
        {chart.open.map((line) => (
          <OpenLine key={line.place} line={line} mode={mode} />
        ))}
      </ul>
      {chart.leftOut.length > 0 && (
        <>
          <h3 className="px-3 pt-3 text-xs font-semibold text-muted">No chart, left out</h3>
          <ul className="px-3 pb-2 text-sm text-muted">
            {chart.leftOut.map((each) => (
              <li key={each.page} className="truncate">{`${each.page}, ${each.lines} lines: ${each.begins}`}</li>
            ))}
          </ul>
        </>
      )}
      {chart.aside.length > 0 && (
        <>
          <h3 className="px-3 pt-3 text-xs font-semibold text-muted">Set aside</h3>
          <ul className="px-3 pb-2 text-sm">
            {chart.aside.map((each) => (
              <li key={each.line} className="flex items-center gap-2">
                <span className="min-w-0 flex-1 truncate text-muted" title={each.text}>{`${each.line}: ${each.text}`}</span>
                <span className="max-w-40 truncate text-xs text-muted" title={each.reason}>
                  {each.reason}
                </span>
                <Button quiet onClick={() => void correct({ type: 'takeBack', line: each.line })}>
                  Restore
                </Button>
              </li>
            ))}
          </ul>
        </>
      )}
    </section>
  );
}

function OpenLine({ line, mode }: { line: ChartOpenLine; mode: number }) {
  const { chart, line: chosen, choose, correct } = useChart();
  const open = chosen === line.place;
  return (
    <li className={`border-b border-line/60 px-3 py-1.5 ${open ? 'bg-panel shadow-[inset_3px_0_0_var(--kite)]' : ''}`}>
      <div className="flex items-center gap-2">
        <button
          type="button"
          aria-expanded={open}
          onClick={() => choose(null, open ? null : line.place)}
          className="min-w-0 flex-1 truncate text-left font-mono text-xs text-warning"
        >
          {`${line.place}: ${line.text}`}
        </button>
        <Button quiet onClick={() => void correct({ type: 'setAside', lines: [line.place], reason: 'not part of the map' })}>
          Set aside
        </Button>
      </div>
      {open && chart.modes[mode] && <PlaceLine line={line} mode={mode} />}
    </li>
  );
}

function PlaceLine({ line, mode }: { line: ChartOpenLine; mode: number }) {
  const { chart, correct } = useChart();
  const [channel, setChannel] = useState('');
  const [values, setValues] = useState(line.values);
  const [words, setWords] = useState(line.words);
  const [addresses, setAddresses] = useState('');
  const [reason, setReason] = useState('');
  const [refusal, setRefusal] = useState<string | null>(null);
  const channels = chart.modes[mode]?.channels ?? [];
  const place = async () => {
    if (channel !== '') return setRefusal(await correct({ type: 'placeLine', line: line.place, channel, values, words }));
    if (addresses.trim() === '') return setRefusal('Choose the channel that this line belongs to, or type the addresses of a new one.');
    const at = await readAddresses(addresses);
    if (typeof at === 'string') return setRefusal(at);
    setRefusal(await correct({ type: 'makeChannel', line: line.place, mode, addresses: at, words }));
  };
  return (
    <form
      className="mt-1.5 flex flex-wrap items-end gap-2"
      onSubmit={(event) => {
        event.preventDefault();
        void place();
      }}
    >
      <Choice
        label="Belongs to"
        value={channel === '' ? 'new' : channel}
        options={[
          { value: 'new', text: 'a channel of its own' },
          ...channels.map((each) => ({ value: each.key, text: `${each.called} ${each.words}` })),
        ]}
        onChoose={(to) => setChannel(to === 'new' ? '' : to)}
      />
      {channel === '' ? (
        <Field label="Addresses" value={addresses} width="w-20" onChange={setAddresses} />
      ) : (
        <Field label="Values" value={values} width="w-28" onChange={setValues} />
      )}
      <Field label="Words" value={words} width="min-w-32 flex-1" onChange={setWords} />
      <Button type="submit">Place it</Button>
      <span className="flex w-full items-end gap-2">
        <Field label="Or set it aside, because" value={reason} width="min-w-32 flex-1" onChange={setReason} />
        <Button onClick={() => void correct({ type: 'setAside', lines: [line.place], reason }).then(setRefusal)}>Set aside</Button>
      </span>
      {refusal && (
        <p role="alert" className="w-full text-sm text-error">
          {refusal}
        </p>
      )}
    </form>
  );
}

function Field({ label, value, width, onChange }: { label: string; value: string; width: string; onChange: (to: string) => void }) {
  return (
    <label className={`flex flex-col gap-0.5 text-xs text-muted ${width}`}>
      {label}
      <input
        value={value}
        maxLength={400}
        onChange={(event) => onChange(event.currentTarget.value)}
        className="min-h-8 w-full rounded-sm border border-edge bg-trough px-2 text-sm text-text"
      />
    </label>
  );
}
