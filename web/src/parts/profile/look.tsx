import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import type { ProfileLook } from '#/api/types';
import { ModeLine } from '#/parts/channel/mode-line';
import { counted } from '#/ui/counted';
import { Notice } from '#/ui/notice';
import { Waiting } from '#/ui/waiting';
import { DifferenceGroups } from './difference-groups';

/** A profile that lies in nobody's shelf yet: its modes, what the checks find, and what it has otherwise than ours. */
export function Look({ queryKey, look }: { queryKey: unknown[]; look: () => Promise<ProfileLook> }) {
  const asked = useQuery({ queryKey, queryFn: look, staleTime: 60_000, retry: false });
  const { data } = asked;
  if (!data) return <Waiting of={asked} what="The profile" />;
  return (
    <div className="flex min-h-0 flex-col gap-4 overflow-y-auto text-sm">
      {data.description && <p className="text-muted">{data.description}</p>}
      <section aria-label="Modes">
        <h3 className="mb-1 font-semibold">{counted(data.modes.length, 'mode', 'modes')}</h3>
        <ul className="flex flex-col gap-1">
          {data.modes.map((mode) => (
            <li key={mode.name}>
              <ModeLine mode={mode} />
            </li>
          ))}
        </ul>
      </section>
      <section aria-label="Checks">
        <h3 className="mb-1 font-semibold">
          {data.problems.length === 0 ? 'No problems found' : counted(data.problems.length, 'problem', 'problems')}
        </h3>
        <div className="flex max-h-60 flex-col gap-1.5 overflow-y-auto">
          {data.problems.map((finding, index) => (
            <Notice key={index} severity={finding.severity} where={finding.where}>
              {finding.says}
            </Notice>
          ))}
        </div>
      </section>
      <section aria-label="Beside ours">
        <h3 className="mb-1 font-semibold">
          {data.ours ? (
            <>
              {'Beside ours, '}
              <Link to={`/profile/${data.ours.profileId}`} className="underline">
                {`${data.ours.manufacturer} ${data.ours.name}, revision ${data.ours.revision}`}
              </Link>
            </>
          ) : (
            'Our House shelf has nothing for it'
          )}
        </h3>
        {data.ours?.same && <p className="text-good">The library holds this very file.</p>}
        {data.comparison && !data.ours?.same && data.comparison.differences.length === 0 && (
          <p className="text-good">Nothing differs in what it does.</p>
        )}
        {data.comparison && <DifferenceGroups data={data.comparison} shown={data.comparison.differences} />}
      </section>
    </div>
  );
}
