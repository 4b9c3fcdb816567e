import { useVirtualizer } from '@tanstack/react-virtual';
import { useRef, useState } from 'react';
import { Link } from 'react-router';
import type { IntakeFile } from '#/api/types';

const ROW = 40;
const KINDS = [
  { key: 'all', text: 'files', tone: '' },
  { key: 'TAKEN', text: 'imported', tone: 'text-good' },
  { key: 'KNOWN', text: 'were here already', tone: 'text-muted' },
  { key: 'WAITS', text: 'wait for an answer', tone: 'text-warning' },
  { key: 'REFUSED', text: 'refused', tone: 'text-error' },
  { key: 'left', text: 'not sent', tone: 'text-muted' },
] as const;

function isOf(line: IntakeFile, key: string) {
  return key === 'all' || (key === 'left' ? line.outcome === null : line.outcome === key);
}

/** What became of each of many files; one kind of answer at a time, if wanted. */
export function RunLines({ lines, className = '' }: { lines: IntakeFile[]; className?: string }) {
  const [kind, setKind] = useState<string>('all');
  const pane = useRef<HTMLDivElement>(null);
  const shown = lines.filter((line) => isOf(line, kind));
  const rows = useVirtualizer({ count: shown.length, getScrollElement: () => pane.current, estimateSize: () => ROW, overscan: 8 });
  return (
    <div className={`flex min-h-0 flex-col gap-3 ${className}`}>
      <div role="group" aria-label="Which files" className="flex flex-wrap gap-1">
        {KINDS.map(({ key, text, tone }) => {
          const count = lines.filter((line) => isOf(line, key)).length;
          if (count === 0 && key !== 'all') return null;
          return (
            <button
              key={key}
              type="button"
              aria-pressed={kind === key}
              onClick={() => setKind(key)}
              className="min-h-8 rounded-md border border-transparent px-2.5 text-sm hover:bg-raised aria-pressed:border-line aria-pressed:bg-raised"
            >
              <span className={`font-mono ${tone}`}>{count}</span> {text}
            </button>
          );
        })}
      </div>
      <div
        ref={pane}
        // a pane that scrolls and holds no control is scrolled by keys
        // eslint-disable-next-line jsx-a11y/no-noninteractive-tabindex
        tabIndex={0}
        role="region"
        aria-label="Report by file"
        className="min-h-0 flex-1 overflow-y-auto border-t border-line"
      >
        <ul aria-label="Files" className="relative" style={{ height: rows.getTotalSize() }}>
          {rows.getVirtualItems().map((each) => {
            const line = shown[each.index];
            if (!line) return null;
            const look = KINDS.find(({ key }) => key === (line.outcome ?? 'left'));
            return (
              <li
                key={line.position}
                style={{ transform: `translateY(${each.start}px)`, height: ROW }}
                className="absolute inset-x-0 top-0 grid grid-cols-[minmax(0,2fr)_9rem_minmax(0,3fr)] items-center gap-4 border-b border-line px-1 text-sm"
              >
                <span className="truncate" title={line.name}>
                  {line.name}
                </span>
                <span className={look?.tone}>{look?.text}</span>
                <span className="truncate text-muted" title={line.says}>
                  {line.profileId ? (
                    <Link to={`/profile/${line.profileId}`} className="underline underline-offset-2">
                      {line.says || 'View'}
                    </Link>
                  ) : (
                    line.says
                  )}
                </span>
              </li>
            );
          })}
        </ul>
      </div>
    </div>
  );
}
