import { ImagePlus } from 'lucide-react';
import { useRef } from 'react';
import { useDesk, useDeskActions } from '#/editor/kit/editor-context';

/** The picture of the lamp; pressing it chooses another one. */
export function LampPicture() {
  const { draft } = useDesk();
  const { putPicture } = useDeskActions();
  const chooser = useRef<HTMLInputElement>(null);
  return (
    <>
      <button
        type="button"
        aria-label={draft.picture ? 'Choose another picture of the lamp' : 'Add a picture of the lamp'}
        title={draft.picture ? 'Choose another picture' : 'Add a picture'}
        onClick={() => chooser.current?.click()}
        className="grid size-12 shrink-0 place-items-center overflow-hidden rounded-md border border-line bg-trough text-muted hover:border-muted hover:text-text"
      >
        {draft.picture ? (
          <img src={draft.picture} alt={`Picture of ${draft.name}`} className="size-full object-contain" />
        ) : (
          <ImagePlus size={18} aria-hidden />
        )}
      </button>
      <input
        ref={chooser}
        type="file"
        hidden
        aria-label="Picture of the lamp"
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
