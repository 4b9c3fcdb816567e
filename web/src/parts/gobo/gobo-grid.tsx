import type { Gobo } from '#/api/types';

/** Gobos to choose from. */
export function GoboGrid({ gobos, onChoose }: { gobos: Gobo[]; onChoose: (gobo: Gobo) => void }) {
  return (
    <ul aria-label="Gobos" className="grid grid-cols-[repeat(auto-fill,minmax(9rem,1fr))] gap-3">
      {gobos.map((gobo) => (
        <li key={gobo.id}>
          <button
            type="button"
            onClick={() => onChoose(gobo)}
            className="flex w-full flex-col gap-2 rounded-lg border border-line bg-panel p-3 text-left hover:border-muted"
          >
            <img src={gobo.picture} alt="" loading="lazy" className="aspect-square w-full rounded-full bg-black" />
            <span className="w-full truncate font-semibold" title={gobo.name}>
              {gobo.name}
            </span>
            <span className="w-full truncate text-xs text-muted">{gobo.tags || `${gobo.size} pixels`}</span>
          </button>
        </li>
      ))}
    </ul>
  );
}
