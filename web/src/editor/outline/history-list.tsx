import type { HistoryLine } from '#/api/types';
import { useEditorActions } from '#/editor/kit/editor-context';
import { DiscardDraft } from './discard-draft';

const SHOWN = 40;

/** What was done to the draft, the newest first; what is undone stands struck through. Each line leads back to itself. */
export function HistoryList({ lines }: { lines: HistoryLine[] }) {
  const { goTo } = useEditorActions();
  return (
    <section aria-label="History" className="px-3.5">
      <h2 className="pb-1 text-xs font-semibold text-muted">History</h2>
      {lines.length === 0 && <p className="text-sm text-muted">No edits yet. Click a range bar, or a name, to begin.</p>}
      <ol className="flex flex-col gap-0.5 text-sm">
        {lines.slice(0, SHOWN).map((line, index) => (
          <li key={lines.length - index}>
            <button
              type="button"
              title="Go to the state after this edit"
              onClick={() => goTo(lines.length - index)}
              className={`-mx-1.5 w-[calc(100%+0.75rem)] rounded-sm px-1.5 py-0.5 text-left hover:bg-raised ${line.undone ? 'text-muted line-through' : ''}`}
            >
              {line.undone && <span className="sr-only">Undone: </span>}
              <span className="break-words">{line.sentence}</span>{' '}
              <span className="text-xs whitespace-nowrap text-muted">{line.author}</span>
            </button>
          </li>
        ))}
      </ol>
      {lines.length > SHOWN && <p className="mt-1 text-xs text-muted">and {lines.length - SHOWN} before</p>}
      {lines.length > 0 && (
        <button type="button" onClick={() => goTo(0)} className="mt-1 text-sm text-muted underline underline-offset-2 hover:text-text">
          Undo all edits
        </button>
      )}
      {lines.length > 0 && <DiscardDraft />}
    </section>
  );
}
