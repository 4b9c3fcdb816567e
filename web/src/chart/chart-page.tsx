import { useQuery } from '@tanstack/react-query';
import { Undo2 } from 'lucide-react';
import { useMemo, useState } from 'react';
import { useParams, useSearchParams } from 'react-router';
import type { Chart, Correction } from '#/api/types';
import { CannotShow } from '#/ui/cannot-show';
import { TopLine } from '#/ui/top-line';
import { Button } from '#/ui/button';
import { counted } from '#/ui/counted';
import { Hint } from '#/ui/hint';
import { useKeys } from '#/ui/keys';
import { tell } from '#/ui/toast';
import { Trail } from '#/ui/trail';
import { useWho } from '#/api/who';
import { ApplyChart } from './apply-chart';
import { ChartContext } from './chart-context';
import { chartQuery, useCorrections } from './chart-query';
import { ChartSource } from './chart-source';
import { Proposals } from './proposals';
import { Unplaced } from './unplaced';

/** A chart on the left as it came, on the right what it is read for; what is not sure is looked at before it goes into the profile. */
export function ChartPage() {
  const { profileId = '', chartId = '' } = useParams();
  const who = useWho();
  const { data: chart, error } = useQuery({ ...chartQuery(chartId), enabled: who !== '' });
  if (error && !chart) return <CannotShow title="This chart cannot be opened" error={error} />;
  if (!chart) {
    return (
      <p role="status" className="p-6 text-muted">
        Opening the chart …
      </p>
    );
  }
  return <Read key={chart.id} chart={chart} profileId={profileId} />;
}

function Read({ chart, profileId }: { chart: Chart; profileId: string }) {
  const [params, setParams] = useSearchParams();
  const { correct, undo } = useCorrections(chart.id);
  const [mode, setMode] = useState(0);
  const channel = params.get('channel');
  const [line, setLine] = useState<string | null>(null);
  const shown = chart.modes[mode] ?? chart.modes[0];
  const channels = shown?.channels ?? [];
  const choose = (next: string | null, at: string | null = null) => {
    setLine(at);
    setParams(next === null ? {} : { channel: next }, { replace: true, flushSync: true });
  };
  const said = async (correction: Correction) => {
    const refused = await correct(correction);
    if (refused) tell(refused);
    return refused;
  };
  const toLookAt = channels.filter((each) => each.wantsALook);
  const step = (among: typeof channels, by: number) => {
    if (among.length === 0) return;
    const here = channels.findIndex((each) => each.key === channel);
    const later = among.find((each) => channels.indexOf(each) > here);
    const earlier = [...among].reverse().find((each) => channels.indexOf(each) < here);
    choose((by > 0 ? (later ?? among[0]) : (earlier ?? among.at(-1)))?.key ?? null);
  };
  const acts = {
    n: () => {
      if (toLookAt.length > 0) return step(toLookAt, 1);
      const other = chart.modes.find((each) => each.channels.some((one) => one.wantsALook));
      if (!other) return tell('Nothing is left to look at.');
      setMode(other.index);
      choose(other.channels.find((each) => each.wantsALook)?.key ?? null);
    },
    j: () => step(channels, 1),
    k: () => step(channels, -1),
    y: () => {
      const open = channels.find((each) => each.key === channel);
      if (!open?.wantsALook) return;
      if (open.attribute === null) return tell('Choose its attribute first (a), or set it aside.');
      const next =
        toLookAt.find((each) => channels.indexOf(each) > channels.indexOf(open)) ?? toLookAt.find((each) => each.key !== open.key);
      void said({ type: 'settle', channel: open.key }).then((refused) => {
        if (!refused && next) choose(next.key);
      });
    },
    u: () => void (chart.canUndo && undo().then((refused) => refused && tell(refused))),
  };
  useKeys(acts);
  const editor = useMemo(() => ({ chart, channel, line, choose, correct: said }), [chart, channel, line]); // eslint-disable-line
  return (
    <ChartContext value={editor}>
      <title>{`${chart.name} · Yellow Kite`}</title>
      <TopLine
        trail={
          <Trail
            places={[
              { text: 'Library', to: '/' },
              { text: chart.profile, to: `/editor/${profileId}` },
              { text: 'Read a chart', to: `/editor/${profileId}/charts` },
            ]}
            here={chart.name}
          />
        }
      >
        <p role="status" className={`text-sm ${chart.doubts + chart.open.length > 0 ? 'text-warning' : 'text-muted'}`}>
          {stateOf(chart)}
        </p>
        <Hint text="Undo the last correction (u)">
          <Button disabled={!chart.canUndo} onClick={() => acts.u()}>
            <Undo2 size={16} aria-hidden />
            Undo
          </Button>
        </Hint>
        <ApplyChart chart={chart} profileId={profileId} />
      </TopLine>
      <div className="grid min-h-0 flex-1 grid-cols-[minmax(0,1fr)_minmax(0,1.15fr)] max-[60rem]:grid-cols-1 max-[60rem]:grid-rows-2">
        <ChartSource />
        <main className="flex min-h-0 flex-col border-l border-line">
          <div className="flex shrink-0 items-center border-b border-line bg-panel px-3 py-1.5">
            <div role="tablist" aria-label="Modes of the chart" className="flex min-w-0 items-center gap-1 overflow-x-auto">
              {chart.modes.map((each) => (
                <button
                  key={each.index}
                  role="tab"
                  aria-selected={each.index === shown?.index}
                  onClick={() => setMode(each.index)}
                  className={`min-h-8 shrink-0 rounded-md border px-3 text-sm ${each.index === shown?.index ? 'border-kite-text text-text' : 'border-transparent text-muted hover:text-text'}`}
                >
                  {`${each.name} · ${counted(each.footprint, 'address', 'addresses')}`}
                </button>
              ))}
            </div>
            <p className="min-w-28 flex-1 pl-3 text-right text-xs text-muted">n next to look at · y it is right · j k down, up</p>
          </div>
          <div className="min-h-0 flex-1 overflow-y-auto">
            {shown && <Proposals key={shown.index} mode={shown} />}
            <Unplaced mode={shown?.index ?? 0} />
          </div>
        </main>
      </div>
    </ChartContext>
  );
}

function stateOf(chart: Chart) {
  const parts = [];
  if (chart.doubts > 0) parts.push(`${counted(chart.doubts, 'channel', 'channels')} to look at`);
  if (chart.open.length > 0) parts.push(`${counted(chart.open.length, 'line', 'lines')} not placed`);
  return parts.length === 0 ? 'Nothing left to look at' : parts.join(', ');
}
