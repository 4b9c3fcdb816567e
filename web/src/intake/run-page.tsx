import { useQuery } from '@tanstack/react-query';
import { Link, useParams } from 'react-router';
import { CannotShow } from '#/ui/cannot-show';
import { TopLine } from '#/ui/top-line';
import { Button } from '#/ui/button';
import { counted } from '#/ui/counted';
import { Trail } from '#/ui/trail';
import { useIntake } from '#/parts/files/intake';
import { RunLines } from './run-lines';
import { runQuery, runsQuery } from './run-query';
import { isLeft } from './run-state';
import { moment } from '#/ui/dates';

function when(startedAt: string) {
  return moment(startedAt);
}

/** Imports: every import, the newest first. */
export function RunsPage() {
  const { data, error } = useQuery(runsQuery);
  if (error) return <CannotShow title="Imports cannot be shown" error={error} />;
  return (
    <>
      <title>Imports · Yellow Kite</title>
      <TopLine trail={<Trail places={[{ text: 'Library', to: '/' }]} here="Imports" />} />
      <main className="min-h-0 flex-1 overflow-y-auto p-6">
        {data?.length === 0 && (
          <p className="py-8 text-center text-muted">No file has come in yet. Drop .gdtf files anywhere on the page.</p>
        )}
        <ul>
          {data?.map((run) => (
            <li key={run.id} className="border-t border-line">
              <Link
                to={`/intake/${run.id}`}
                className="grid grid-cols-[13rem_minmax(0,1fr)_auto] gap-4 rounded-md px-2 py-3 text-sm hover:bg-panel"
              >
                <span className="font-mono">{when(run.startedAt)}</span>
                <span>{`${counted(run.total, 'file', 'files')} by ${run.author}`}</span>
                <span className={run.done < run.total || run.troubled > 0 ? 'text-warning' : 'text-muted'}>
                  {[
                    run.done < run.total ? `${run.total - run.done} not sent` : '',
                    run.troubled > 0 ? `${run.troubled} refused or waiting` : '',
                  ]
                    .filter((part) => part !== '')
                    .join(', ') || 'all are in the library'}
                </span>
              </Link>
            </li>
          ))}
        </ul>
      </main>
    </>
  );
}

/** The report of one import, file by file. */
export function RunPage() {
  const { id = '' } = useParams();
  const { goOn } = useIntake();
  const { data, error } = useQuery(runQuery(id));
  if (error) return <CannotShow title="This import cannot be shown" error={error} />;
  if (!data) return null;
  return (
    <>
      <title>Imports · Yellow Kite</title>
      <TopLine
        trail={
          <Trail
            places={[
              { text: 'Library', to: '/' },
              { text: 'Imports', to: '/intake' },
            ]}
            here={when(data.run.startedAt)}
          />
        }
      >
        {data.files.some(isLeft) && (
          <Button main onClick={() => goOn(id)}>
            Go on
          </Button>
        )}
      </TopLine>
      <main className="flex min-h-0 flex-1 flex-col gap-4 p-6">
        <p className="text-muted">{`${counted(data.run.total, 'file', 'files')} by ${data.run.author}. ${data.files.some(isLeft) ? 'To go on, choose the same files again: those that are in the library already are left out.' : ''}`}</p>
        <RunLines lines={data.files} className="flex-1" />
      </main>
    </>
  );
}
