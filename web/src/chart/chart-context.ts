import { createContext, use } from 'react';
import type { Chart, Correction } from '#/api/types';

/** What the parts of the page share: the chart, what is chosen on both its sides, and the way to correct it. */
export type ChartEditor = {
  chart: Chart;
  /** Key of the channel that is open; null = none. */
  channel: string | null;
  /** Place of the line that is chosen; null = none. */
  line: string | null;
  choose: (channel: string | null, line?: string | null) => void;
  /** Ends with the sentence that refuses it, or null. */
  correct: (correction: Correction) => Promise<string | null>;
};

export const ChartContext = createContext<ChartEditor | null>(null);

export function useChart() {
  const chart = use(ChartContext);
  if (!chart) throw new Error('useChart needs a <ChartContext> around it');
  return chart;
}
