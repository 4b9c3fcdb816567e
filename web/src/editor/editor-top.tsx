import { BookOpen, Redo2, Undo2 } from 'lucide-react';
import { Link } from 'react-router';
import type { Draft } from '#/api/types';
import { useEditor, useEditorActions } from '#/editor/kit/editor-context';
import { useWaiting } from '#/editor/kit/use-draft';
import { ExportMenu } from '#/parts/profile/export-menu';
import { Button, buttonLook } from '#/ui/button';
import { counted } from '#/ui/counted';
import { Hint } from '#/ui/hint';
import { TopLine } from '#/ui/top-line';
import { Trail } from '#/ui/trail';
import { PublishPopover } from './publish-popover';
import { ShortcutList } from './shortcut-list';

/** Which profile is edited, how far it is, and what is done with it as a whole. */
export function EditorTop() {
  const { draft, canUndo } = useEditor();
  const { undo, redo } = useEditorActions();
  const waiting = useWaiting(draft.profileId);
  return (
    <TopLine
      trail={
        <Trail places={[{ text: 'Library', to: '/' }, { text: draft.manufacturer }]} here={draft.name}>
          <span className="shrink-0 rounded-sm border border-line px-1.5 py-0.5 text-xs text-muted">{stateOf(draft)}</span>
          {waiting > 1 && <span className="shrink-0 text-xs text-muted">{`${counted(waiting, 'change', 'changes')} being saved`}</span>}
        </Trail>
      }
    >
      {draft.baseRevision > 0 && (
        <Link to={`/profile/${draft.profileId}`} className={buttonLook({ quiet: true })}>
          <BookOpen size={16} aria-hidden />
          View
        </Link>
      )}
      <ShortcutList />
      <Hint text={canUndo || !draft.canUndo ? 'Undo (Ctrl+Z)' : 'None of these edits is yours; the history leads back'}>
        <Button disabled={!canUndo} onClick={undo}>
          <Undo2 size={16} aria-hidden />
          Undo
        </Button>
      </Hint>
      <Hint text="Redo (Ctrl+Shift+Z)">
        <Button disabled={!draft.canRedo} onClick={redo}>
          <Redo2 size={16} aria-hidden />
          Redo
        </Button>
      </Hint>
      {draft.baseRevision > 0 && <ExportMenu profileId={draft.profileId} />}
      <PublishPopover key={draft.id} />
    </TopLine>
  );
}

function stateOf(draft: Draft) {
  if (draft.baseRevision === 0) return 'not published yet';
  if (draft.baseRevision < draft.newestRevision) return `draft on revision ${draft.baseRevision} of ${draft.newestRevision}`;
  return draft.canUndo ? `draft on revision ${draft.baseRevision}` : `revision ${draft.baseRevision}`;
}
