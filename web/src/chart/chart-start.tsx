import { useQuery } from '@tanstack/react-query';
import { FileUp } from 'lucide-react';
import { useRef, useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { TopLine } from '#/ui/top-line';
import { Button } from '#/ui/button';
import { Refusal } from '#/ui/refusal';
import { Trail } from '#/ui/trail';
import { chartsQuery, useGiveChart } from './chart-query';
import { moment } from '#/ui/dates';
import { Waiting } from '#/ui/waiting';

const KINDS = '.pdf,.xlsx,.csv,.tsv,.txt,.htm,.html';

/** Where a chart is given: dropped, chosen or pasted; those that were given before are listed. */
export function ChartStart() {
  const { profileId = '' } = useParams();
  const navigate = useNavigate();
  const chooser = useRef<HTMLInputElement>(null);
  const [text, setText] = useState('');
  const [over, setOver] = useState(false);
  const asked = useQuery(chartsQuery(profileId));
  const charts = asked.data;
  const give = useGiveChart(profileId);
  const take = (given: File | string | undefined) =>
    given && give.mutate(given, { onSuccess: (chart) => void navigate(`/editor/${profileId}/charts/${chart.id}`) });
  return (
    <>
      <title>Read a chart · Yellow Kite</title>
      <TopLine
        trail={
          <Trail
            places={[
              { text: 'Library', to: '/' },
              { text: 'Editor', to: `/editor/${profileId}` },
            ]}
            here="Read a chart"
          />
        }
      />
      <main
        className="min-h-0 flex-1 overflow-y-auto p-6"
        onDragOver={(event) => {
          event.preventDefault();
          setOver(true);
        }}
        onDragLeave={() => setOver(false)}
        onDrop={(event) => {
          event.preventDefault();
          setOver(false);
          take(event.dataTransfer.files[0] ?? event.dataTransfer.getData('text'));
        }}
      >
        <div className="mx-auto flex max-w-3xl flex-col gap-5">
          <p className="text-muted">
            Give the manufacturer’s DMX chart. It is read for channels, functions, wheels and units; you look at what is not sure before
            anything is in the profile.
          </p>
          <div className={`flex items-center gap-4 rounded-lg border-2 border-dashed p-6 ${over ? 'border-kite-text' : 'border-line'}`}>
            <FileUp size={28} aria-hidden className="shrink-0 text-muted" />
            <p className="flex-1">Drop a PDF, a spreadsheet (XLSX, CSV) or a saved web page here.</p>
            <Button disabled={give.isPending} onClick={() => chooser.current?.click()}>
              Choose a file …
            </Button>
            <input
              ref={chooser}
              type="file"
              hidden
              accept={KINDS}
              aria-label="A manufacturer’s chart"
              onChange={(event) => {
                take(event.currentTarget.files?.[0]);
                event.currentTarget.value = '';
              }}
            />
          </div>
          <form
            className="flex flex-col gap-2"
            onSubmit={(event) => {
              event.preventDefault();
              take(text);
            }}
          >
            <label htmlFor="chart-text" className="text-sm text-muted">
              Or paste its text, with all its columns and headings
            </label>
            <textarea
              id="chart-text"
              autoFocus
              rows={11}
              spellCheck={false}
              value={text}
              onChange={(event) => setText(event.currentTarget.value)}
              onKeyDown={(event) => {
                if (event.key === 'Enter' && (event.ctrlKey || event.metaKey)) event.currentTarget.form?.requestSubmit();
              }}
              className="rounded-md border border-edge bg-trough p-2.5 font-mono text-sm"
              placeholder={
                '24ch | 16ch | Function | DMX | Description\n1 | 1 | Pan | 0-255 | 540°\n2 | - | Pan fine\n5 | 3 | Shutter | 0-19 | Closed\n  |   |         | 20-49 | Open'
              }
            />
            <div className="flex items-center gap-3">
              <Button main type="submit" disabled={give.isPending || text.trim() === ''}>
                Read it
              </Button>
              <span role="status" className="text-sm text-muted">
                {give.isPending ? 'Reading the chart …' : 'Ctrl+Enter'}
              </span>
            </div>
            <Refusal says={give.error?.message} />
          </form>
          <Waiting of={asked} what="The charts" />
          {charts && charts.length > 0 && (
            <section aria-label="Charts of this profile">
              <h2 className="mb-1.5 text-sm font-semibold text-muted">Charts of this profile</h2>
              <ul className="flex flex-col gap-1">
                {charts.map((chart) => (
                  <li key={chart.id} className="flex items-center gap-3 text-sm">
                    <Link to={`/editor/${profileId}/charts/${chart.id}`} className="truncate underline underline-offset-2">
                      {chart.name}
                    </Link>
                    <span className="text-muted">{`${chart.addedBy}, ${moment(chart.addedAt)}`}</span>
                  </li>
                ))}
              </ul>
            </section>
          )}
        </div>
      </main>
    </>
  );
}
