import { useMutation, useQuery } from '@tanstack/react-query';
import { Printer } from 'lucide-react';
import { useState } from 'react';
import { useSearchParams } from 'react-router';
import { answer, api } from '#/api/client';
import { withFile } from '#/api/with-file';
import type { ComparisonView, Rank } from '#/api/types';
import { TopLine } from '#/ui/top-line';
import { Button } from '#/ui/button';
import { Refusal } from '#/ui/refusal';
import { Trail } from '#/ui/trail';
import { askedBy, compareQuery } from './compare-query';
import { CompareSide } from './compare-side';
import { DifferenceGroups } from '#/parts/profile/difference-groups';
import { RANKS } from '#/parts/profile/ranks';

/** Two profiles, revisions, modes, or a revision and a file, beside each other. Which they are stands in the address. */
export function ComparePage() {
  const [search, setSearch] = useSearchParams();
  const asked = askedBy(search);
  const { data: stored, error } = useQuery(compareQuery(asked));
  const drop = useMutation({
    mutationFn: (file: File) =>
      answer(
        api.POST('/api/compare/file', {
          params: { query: { left: asked?.left ?? '', leftRevision: asked?.leftRevision ?? 1 } },
          ...withFile(file),
        }),
      ),
  });
  const data = drop.data ?? stored;
  function change(side: 'left' | 'right', to: Record<string, string | null>) {
    drop.reset();
    const next = new URLSearchParams(search);
    for (const [key, value] of Object.entries(to)) {
      if (value === null) next.delete(`${side}${key}`);
      else next.set(`${side}${key}`, value);
    }
    setSearch(next);
  }
  return (
    <>
      <title>Compare · Yellow Kite</title>
      <TopLine trail={<Trail places={[{ text: 'Library', to: '/' }]} here="Compare" />}>
        {data && (
          <Button onClick={() => window.print()}>
            <Printer size={16} aria-hidden />
            Print
          </Button>
        )}
      </TopLine>
      <main className="flex min-h-0 flex-1 flex-col gap-5 overflow-y-auto p-6 print:overflow-visible">
        {!asked && <p className="text-muted">Choose two revisions on the page of a profile.</p>}
        <Refusal says={drop.error?.message ?? error?.message} />
        {asked && data && (
          <>
            <div className="grid grid-cols-2 gap-5">
              <CompareSide title="Before" side={data.left} mode={asked.leftMode} onChange={(to) => change('left', to)} />
              <CompareSide
                title="After"
                side={data.right}
                mode={asked.rightMode}
                onChange={(to) => change('right', to)}
                onFile={(file) => drop.mutate(file)}
                onBack={drop.data ? () => drop.reset() : undefined}
              />
            </div>
            <Differences key={`${data.left.profileId} ${data.right.profileId}`} data={data} />
          </>
        )}
      </main>
    </>
  );
}

function Differences({ data }: { data: ComparisonView }) {
  const [hidden, setHidden] = useState<ReadonlySet<Rank>>(new Set());
  const shown = data.differences.filter((each) => !hidden.has(each.rank));
  function toggle(rank: Rank) {
    const next = new Set(hidden);
    if (!next.delete(rank)) next.add(rank);
    setHidden(next);
  }
  if (data.differences.length === 0)
    return <p className="py-10 text-center text-good">Nothing differs: a show that was programmed with one runs with the other.</p>;
  return (
    <>
      <div role="group" aria-label="Which differences are shown" className="flex flex-wrap gap-2">
        {RANKS.map((each) => {
          const count = data.counts[each.rank] ?? 0;
          return (
            <Button
              key={each.rank}
              aria-pressed={!hidden.has(each.rank)}
              disabled={count === 0}
              title={each.means}
              onClick={() => toggle(each.rank)}
              className="aria-[pressed=false]:opacity-50"
            >
              <span aria-hidden className={`font-mono ${each.tone}`}>
                {each.sign}
              </span>
              <span className="font-mono">{count}</span> {each.text}
            </Button>
          );
        })}
      </div>
      <DifferenceGroups data={data} shown={shown} />
    </>
  );
}
