import type { HistoryLine } from '../api/types';

/** What was done to the draft, the newest first; what is undone stands struck through. */
export function HistoryList({ lines }: { lines: HistoryLine[] }) {
  return (
    <section aria-label="History" className="px-3.5">
      <h2 className="pb-1 text-xs font-semibold text-muted">History</h2>
      {lines.length === 0 && <p className="text-sm text-muted">No edits yet. Click a range bar, or a name, to begin.</p>}
      <ol className="flex flex-col gap-1.5 text-sm">
        {lines.slice(0, 40).map((line, index) => (
          <li key={lines.length - index} className={line.undone ? 'text-muted line-through' : ''}>
            <span className="break-words">{line.sentence}</span> <span className="text-xs whitespace-nowrap text-muted">{line.author}</span>
          </li>
        ))}
      </ol>
      {lines.length > 40 && <p className="mt-1 text-xs text-muted">and {lines.length - 40} before</p>}
    </section>
  );
}
