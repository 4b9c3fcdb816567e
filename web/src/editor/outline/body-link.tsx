import { Box, List } from 'lucide-react';
import { useEditor, useEditorActions } from '#/editor/kit/editor-context';

/** The way to the body of the fixture, and back to the map. */
export function BodyLink() {
  const { part } = useEditor();
  const { showBody } = useEditorActions();
  const line =
    'flex w-full items-center gap-2 border-l-3 border-transparent py-1.5 pl-3 text-left hover:bg-raised aria-[current=true]:border-kite-text aria-[current=true]:bg-raised';
  return (
    <section aria-label="Body">
      <h2 className="px-3.5 text-xs font-semibold text-muted">Views</h2>
      <button type="button" aria-current={part === null || undefined} onClick={() => showBody(null)} className={line}>
        <List size={14} aria-hidden /> Channel map
      </button>
      <button type="button" data-key="b" aria-current={part !== null || undefined} onClick={() => showBody('')} className={line}>
        <Box size={14} aria-hidden /> Body
      </button>
    </section>
  );
}
