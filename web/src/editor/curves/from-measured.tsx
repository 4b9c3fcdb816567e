import { useQuery } from '@tanstack/react-query';
import { useDeferredValue, useState } from 'react';
import type { FunctionBar } from '#/api/types';
import { Choice } from '#/ui/choice';
import { Refusal } from '#/ui/refusal';
import { TextField } from '#/ui/text-field';
import { measuredQuery } from './curve-query';
import { LayForm } from './lay-form';

const MOST_BYTES = 200_000;

/** Level and light as measured: the curve through them, which describes the fixture; or, as a deliberate choice, its inverse. */
export function FromMeasured({ bar, close }: { bar: FunctionBar; close: () => void }) {
  const [text, setText] = useState('');
  const [correction, setCorrection] = useState(false);
  const [name, setName] = useState('Measured');
  const [tooLarge, setTooLarge] = useState<string | null>(null);
  const asked = useDeferredValue(text);
  const { data, error, isPlaceholderData } = useQuery(measuredQuery(asked, correction));
  const sound = text === asked && text.trim() !== '' && !error && !isPlaceholderData;
  return (
    <LayForm bar={bar} curve={sound ? data : undefined} name={name} close={close}>
      <label className="flex flex-col gap-1 text-sm text-muted">
        Level and light, one pair a line, as a table or CSV has them
        <textarea
          value={text}
          rows={4}
          spellCheck={false}
          onChange={(event) => setText(event.currentTarget.value)}
          placeholder={'0;0\n64;5,2\n128;31\n255;100'}
          className="rounded-sm border border-edge bg-trough p-2 font-mono text-sm text-text"
        />
      </label>
      <input
        type="file"
        aria-label="A CSV file of measured points"
        accept=".csv,.txt,text/csv,text/plain"
        className="text-sm text-muted file:mr-3 file:min-h-8 file:cursor-pointer file:rounded-md file:border file:border-line file:bg-raised file:px-3.5 file:text-text"
        onChange={(event) => {
          const file = event.currentTarget.files?.[0];
          setTooLarge(
            file && file.size > MOST_BYTES
              ? `'${file.name}' is too large for a table of measured points; at most ${MOST_BYTES / 1000} kB are read.`
              : null,
          );
          if (file && file.size <= MOST_BYTES) void file.text().then(setText);
        }}
      />
      <div className="flex flex-wrap items-end gap-3">
        <Choice
          label="Use"
          value={correction ? 'correction' : 'curve'}
          options={[
            { value: 'curve', text: 'The curve itself: what the fixture does' },
            { value: 'correction', text: 'Inverse' },
          ]}
          onChoose={(value) => {
            setCorrection(value === 'correction');
            setName(value === 'correction' ? 'Correction' : 'Measured');
          }}
        />
        <TextField label="Name in this profile" value={name} onChange={setName} maxLength={120} />
      </div>
      <p className="text-sm text-muted">
        {correction
          ? 'The profile will say that the fixture does the opposite of what was measured: only for a fixture that is corrected before DMX reaches it.'
          : 'The profile describes the fixture: programs that read it know how its light follows DMX.'}
      </p>
      <Refusal says={tooLarge ?? (text.trim() === '' ? null : error?.message)} />
      {sound && data && data.largest !== null && (
        <p className="text-sm text-muted">{`Largest distance from a measured point: ${data.largest}.`}</p>
      )}
    </LayForm>
  );
}
