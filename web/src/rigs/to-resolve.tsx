import type { Rig, RigCollision, RigEdit } from '#/api/types';
import { SeveritySign } from '#/ui/severity-sign';
import type { UnitSelection } from './use-units';

/** What is wrong with the rig: collisions with what cures them, then what else was found. */
export function ToResolve({ rig, selection, onEdit }: { rig: Rig; selection: UnitSelection; onEdit: (edit: RigEdit) => void }) {
  const collisions = rig.collisions.filter((each) => !each.meant);
  const meant = rig.collisions.filter((each) => each.meant);
  const others = rig.findings.filter((each) => !collisions.some((collision) => collision.says === each.says));
  if (collisions.length + meant.length + others.length === 0) {
    return <p className="p-4 text-sm text-muted">{rig.units.length === 0 ? 'Nothing is patched yet.' : 'No problems found.'}</p>;
  }
  return (
    <div className="flex flex-col gap-4 p-4">
      {collisions.map((collision) => (
        <CollisionCard key={`${collision.universe}.${collision.from}`} collision={collision} selection={selection} onEdit={onEdit} />
      ))}
      {others.length > 0 && (
        <ul aria-label="Findings" className="flex flex-col gap-2">
          {others.map((finding, index) => (
            <li key={index} className="flex items-start gap-2 text-sm">
              <SeveritySign severity={finding.severity.toLowerCase()} />
              {finding.unit === '' ? (
                finding.says
              ) : (
                <button type="button" className="text-left hover:underline" onClick={() => selection.choose(finding.unit)}>
                  {finding.says}
                </button>
              )}
            </li>
          ))}
        </ul>
      )}
      {meant.length > 0 && (
        <ul aria-label="Shared on purpose" className="flex flex-col gap-1 text-sm text-muted">
          {meant.map((collision) => (
            <li key={`${collision.universe}.${collision.from}`}>{collision.says}</li>
          ))}
        </ul>
      )}
    </div>
  );
}

function CollisionCard({
  collision,
  selection,
  onEdit,
}: {
  collision: RigCollision;
  selection: UnitSelection;
  onEdit: (edit: RigEdit) => void;
}) {
  return (
    <article className="flex flex-col gap-2 rounded-md border border-error p-3">
      <button type="button" className="text-left text-sm font-semibold hover:underline" onClick={() => selection.only(collision.units)}>
        {collision.says}
      </button>
      <ul aria-label="Cures" className="flex flex-col gap-1">
        {collision.cures.map((cure) => (
          <li key={cure.says}>
            <button
              type="button"
              className="w-full rounded-md border border-edge bg-raised px-2.5 py-1 text-left text-sm hover:border-text"
              onClick={() => onEdit(cure.edit)}
            >
              {cure.says}
            </button>
          </li>
        ))}
      </ul>
    </article>
  );
}
