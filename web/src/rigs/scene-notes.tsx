import type { SceneView } from '#/api/types';
import { counted } from '#/ui/counted';

const MOST = 200;

/** What in a scene could not be read as it stands. */
export function SceneNotes({ notes }: { notes: SceneView['notes'] }) {
  if (notes.length === 0) return null;
  return (
    <details className="text-sm">
      <summary className="cursor-pointer text-warning">
        {counted(notes.length, 'thing', 'things')} in the file that could not be read as it stands
      </summary>
      <ul className="max-h-40 overflow-y-auto">
        {notes.slice(0, MOST).map((note, index) => (
          <li key={index}>
            <span className="text-muted">{note.where}: </span>
            {note.says}
          </li>
        ))}
      </ul>
    </details>
  );
}
