import type { RigKind } from '#/api/types';

/** The fixture of a kind, drawn from the front by its own body; nothing where no profile is pinned. */
export function KindDrawing({ kind, height }: { kind: RigKind; height: number }) {
  if (kind.profileId === null || kind.revision === 0) return null;
  const address = `/api/profiles/${kind.profileId}/revisions/${kind.revision}/drawing?view=FRONT&mode=${encodeURIComponent(kind.mode)}`;
  return <img src={address} alt="" loading="lazy" draggable={false} className="inline-block max-w-10 object-contain" style={{ height }} />;
}
