import { ImagePlus } from 'lucide-react';
import { useRef } from 'react';
import { useEditor, useEditorActions } from '#/editor/kit/editor-context';

/** The picture of the fixture; pressing it chooses another one. */
export function FixturePicture() {
  const { draft } = useEditor();
  const { putPicture } = useEditorActions();
  const chooser = useRef<HTMLInputElement>(null);
  return (
    <>
      <button
        type="button"
        aria-label={draft.picture ? 'Choose another picture of the fixture' : 'Add a picture of the fixture'}
        title={draft.picture ? 'Choose another picture' : 'Add a picture'}
        onClick={() => chooser.current?.click()}
        className="grid size-12 shrink-0 place-items-center overflow-hidden rounded-md border border-edge bg-trough text-muted hover:border-muted hover:text-text"
      >
        {draft.picture ? (
          <img src={draft.picture} alt={draft.name} className="size-full object-contain" />
        ) : (
          <ImagePlus size={18} aria-hidden />
        )}
      </button>
      <input
        ref={chooser}
        type="file"
        hidden
        aria-label="Picture of the fixture"
        accept="image/png,image/jpeg,image/gif"
        onChange={(event) => {
          const file = event.currentTarget.files?.[0];
          event.currentTarget.value = '';
          if (file) void putPicture(file);
        }}
      />
    </>
  );
}
