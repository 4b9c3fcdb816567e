import { useQuery } from '@tanstack/react-query';
import { useEffect, useRef, useState } from 'react';
import { answer, api } from '#/api/client';
import type { ChartLineView } from '#/api/types';
import { useChart } from './chart-context';

const LOOK: Record<ChartLineView['use'], string> = {
  CHANNEL: '',
  OPEN: 'text-warning',
  ASIDE: 'text-muted line-through',
  OTHER: 'text-muted',
};

/** The chart as it came: its pages drawn, or its rows. A line shows the channel that it belongs to, and the other way round. */
export function ChartSource() {
  const { chart } = useChart();
  return (
    <section aria-label="The chart as it came" className="min-h-0 overflow-auto bg-ground">
      {chart.pages > 0 ? Array.from({ length: chart.pages }, (_, index) => <Page key={index} number={index + 1} />) : <Rows />}
    </section>
  );
}

function useLines() {
  const { chart } = useChart();
  return chart.sheets.flatMap((sheet) => sheet.lines);
}

function Rows() {
  const { chart } = useChart();
  return chart.sheets.map((sheet, index) => (
    <table key={index} className="w-full border-collapse text-sm" aria-label={sheet.name === '' ? 'Rows of the chart' : sheet.name}>
      {sheet.name !== '' && <caption className="px-3 pt-3 pb-1 text-left font-semibold">{sheet.name}</caption>}
      <tbody>
        {sheet.lines.map((line) => (
          <Row key={line.place} line={line} />
        ))}
      </tbody>
    </table>
  ));
}

function Row({ line }: { line: ChartLineView }) {
  const { channel, line: chosen, choose } = useChart();
  const ref = useRef<HTMLTableRowElement>(null);
  const here = line.place === chosen || (chosen === null && channel !== null && line.channel === channel);
  const first = here && (line.place === chosen || line.place === channel);
  useEffect(() => {
    if (first) ref.current?.scrollIntoView({ block: 'nearest' });
  }, [first]);
  const used = line.use === 'CHANNEL' || line.use === 'OPEN';
  const filled = line.cells.filter((cell) => cell !== '');
  const alone = filled.length === 1 && line.cells[0] !== '' ? filled[0] : undefined; // a heading or a note, over all columns
  return (
    <tr
      ref={ref}
      aria-current={here || undefined}
      className={`border-b border-line/60 ${here ? 'bg-raised shadow-[inset_3px_0_0_var(--kite)]' : ''} ${used ? 'cursor-pointer hover:bg-raised' : ''} ${LOOK[line.use]}`}
      onClick={() => used && choose(line.channel, line.use === 'OPEN' ? line.place : null)}
    >
      {alone === undefined ? (
        line.cells.map((cell, index) => (
          <td key={index} className="max-w-64 px-2 py-0.5 align-top font-mono text-xs whitespace-pre-wrap">
            {cell}
          </td>
        ))
      ) : (
        <td colSpan={99} className="px-2 py-0.5 text-xs">
          {alone}
        </td>
      )}
    </tr>
  );
}

/** A drawn page, with its lines laid over it. */
function Page({ number }: { number: number }) {
  const { chart, channel, line: chosen, choose } = useChart();
  const ref = useRef<HTMLDivElement>(null);
  const [near, setNear] = useState(number <= 2);
  useEffect(() => {
    const element = ref.current;
    if (!element) return;
    const watch = new IntersectionObserver((seen) => seen.some((each) => each.isIntersecting) && setNear(true), { rootMargin: '800px' });
    watch.observe(element);
    return () => watch.disconnect();
  }, []);
  const known = new Map(useLines().map((line) => [line.place, line]));
  const { data: lines } = useQuery({
    queryKey: ['chart page', chart.id, number],
    queryFn: ({ signal }) =>
      answer(api.GET('/api/charts/{id}/pages/{page}/lines', { params: { path: { id: chart.id, page: number } }, signal })),
    enabled: near,
    staleTime: Infinity,
  });
  const mine = (place: string) => place === chosen || (chosen === null && channel !== null && known.get(place)?.channel === channel);
  const first = lines?.find((each) => (chosen === null ? each.place === channel : each.place === chosen));
  return (
    <div ref={ref} className="relative m-3 min-h-40 rounded-sm bg-white shadow-lg" id={`chart-page-${number}`}>
      {near && <img src={`/api/charts/${chart.id}/pages/${number}`} alt={`Page ${number}`} className="block w-full rounded-sm" />}
      {lines?.map((each) => {
        const line = known.get(each.place);
        const used = line?.use === 'CHANNEL' || line?.use === 'OPEN';
        if (!line || !used) return null;
        return (
          <button
            key={each.place}
            type="button"
            tabIndex={-1}
            aria-label={`${each.place}: ${line.cells.filter((cell) => cell !== '').join(' ')}`}
            aria-current={mine(each.place) || undefined}
            onClick={() => choose(line.channel, line.use === 'OPEN' ? line.place : null)}
            className={`absolute inset-x-1 ${mine(each.place) ? 'border-l-4 border-[#b98c00] bg-[#f4c531]/30' : line.use === 'OPEN' ? 'outline-2 outline-[#d05a00]' : 'hover:bg-[#f4c531]/20'}`}
            style={{ top: `${100 * each.top}%`, height: `${100 * each.height}%` }}
          />
        );
      })}
      {first && <ScrollHere key={first.place} top={first.top} />}
    </div>
  );
}

function ScrollHere({ top }: { top: number }) {
  const ref = useRef<HTMLSpanElement>(null);
  useEffect(() => {
    ref.current?.scrollIntoView({ block: 'center' });
  }, []);
  return <span ref={ref} aria-hidden className="pointer-events-none absolute left-0 size-px" style={{ top: `${100 * top}%` }} />;
}
