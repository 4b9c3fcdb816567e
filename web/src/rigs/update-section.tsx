import type { ChangeSide } from '#/api/types';
import { Check } from '#/ui/check';
import { counted } from '#/ui/counted';
import type { Section, UpdateLine } from './update-lines';

const MOST = 200;
const SIDES: Record<ChangeSide, { text: string; tone: string }> = {
  THEIRS: { text: 'changed in the file', tone: 'text-muted' },
  OURS: { text: 'changed here', tone: 'text-muted' },
  BOTH: { text: 'changed here and in the file', tone: 'text-warning' },
};

/** One kind of change, taken as a whole or one by one. */
export function UpdateSection({
  section,
  takes,
  onTurn,
}: {
  section: Section;
  takes: (line: UpdateLine) => boolean;
  onTurn: (lines: UpdateLine[], to: (line: UpdateLine) => boolean) => void;
}) {
  const taken = section.lines.filter(takes).length;
  return (
    <section aria-label={section.title}>
      <h3 className="flex items-baseline gap-3 font-semibold">
        <Check checked={taken === section.lines.length} onChange={(to) => onTurn(section.lines, () => to)}>
          {section.title}
        </Check>
        <span className="font-normal text-muted">{`${taken} of ${section.lines.length} taken`}</span>
      </h3>
      {section.lines[0]?.kind === 'REMOVED' && (
        <p className="text-muted">What is taken goes to a list of the rig, with all that was programmed on it.</p>
      )}
      <ul>
        {section.lines.slice(0, MOST).map((line) => (
          <Line key={line.key} line={line} taken={takes(line)} onTurn={(to) => onTurn([line], () => to)} />
        ))}
      </ul>
      {section.lines.length > MOST && (
        <p className="border-t border-line py-1 text-muted">
          {`${counted(section.lines.length - MOST, 'more is', 'more are')} taken as the box above says.`}
        </p>
      )}
    </section>
  );
}

function Line({ line, taken, onTurn }: { line: UpdateLine; taken: boolean; onTurn: (to: boolean) => void }) {
  const { text, tone } = SIDES[line.side];
  return (
    <li className="grid grid-cols-[11rem_minmax(0,1fr)_minmax(0,1fr)_11rem] items-center gap-x-3 border-t border-line py-1 max-[860px]:grid-cols-2">
      <Check checked={taken} onChange={onTurn}>
        <span className="truncate">
          <span className="font-mono">{line.id || '–'}</span> {line.name}
        </span>
      </Check>
      <span className="min-w-0 break-words">
        {line.kind !== 'ADDED' && (
          <>
            <span className="text-muted">here </span>
            {line.ours || 'nothing'}
            {line.was !== null && line.was !== line.ours && <span className="text-muted">{`, was ${line.was || 'nothing'}`}</span>}
          </>
        )}
      </span>
      <span className="min-w-0 break-words">
        {line.kind !== 'REMOVED' && (
          <>
            <span className="text-muted">file </span>
            {line.theirs || 'nothing'}
          </>
        )}
      </span>
      <span className={`text-right text-xs ${tone}`}>{sideText(line, text)}</span>
    </li>
  );
}

function sideText(line: UpdateLine, text: string) {
  if (line.kind === 'ADDED') return line.side === 'OURS' ? 'removed here' : 'new in the file';
  if (line.kind === 'REMOVED') return line.side === 'BOTH' ? 'gone, but changed here' : 'gone from the file';
  return text;
}
