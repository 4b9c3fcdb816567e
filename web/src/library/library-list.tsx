import { useQueries } from '@tanstack/react-query';
import { useVirtualizer } from '@tanstack/react-virtual';
import { useEffect, useImperativeHandle, useRef, useState, type KeyboardEvent, type Ref } from 'react';
import { useNavigate } from 'react-router';
import type { Library, LibraryWanted, ProfileLine } from '#/api/types';
import { counted } from '#/ui/counted';
import { LibraryRow } from './library-row';
import { PIECE, nextIndex, pieceQuery } from '#/parts/profile/library-search';

const ROW = 84;
const HEADING = 44;
/** Letters that follow each other within that time are one word. */
const TYPING_MS = 900;

const SECTIONS = {
  HOUSE: 'House shelf',
  REFERENCE: 'Reference shelf',
  PART: 'Partial matches',
  PLACEHOLDER: 'Placeholders',
};
const EXPLAINED = {
  HOUSE: '',
  REFERENCE: 'arrived in releases, to be read and copied',
  PART: 'the nearest candidates; each row says what is missing',
  PLACEHOLDER: 'a footprint, and nothing of what the channels do',
};

type Item = { kind: 'heading'; section: Library['sections'][number] } | { kind: 'row'; index: number };

/** A heading stands before each section; everything else is a row. */
function itemAt(sections: Library['sections'], at: number): Item {
  let start = 0;
  for (const section of sections) {
    if (at === start) return { kind: 'heading', section };
    if (at <= start + section.count) return { kind: 'row', index: section.from + at - start - 1 };
    start += section.count + 1;
  }
  return { kind: 'row', index: 0 };
}

function itemOf(sections: Library['sections'], index: number) {
  return index + sections.filter((section) => section.from <= index).length;
}

export type ListHandle = { enter: () => void };

/** What was found: however long it is, only what is seen is fetched and drawn. Keys: arrows, Home, End, Enter, Space, and letters that lead to a name. */
export function LibraryList({
  first,
  wanted,
  chosen,
  onToggle,
  onLeave,
  ref,
}: {
  first: Library;
  wanted: LibraryWanted;
  chosen: ReadonlySet<string>;
  onToggle: (id: string) => void;
  onLeave: () => void;
  ref: Ref<ListHandle>;
}) {
  const pane = useRef<HTMLElement>(null);
  const navigate = useNavigate();
  const [active, setActive] = useState(0);
  const [follow, setFollow] = useState(false); // whether the focus goes where the keys lead
  const typed = useRef({ letters: '', at: 0 });
  const { sections, found } = first;
  const rows = useVirtualizer({
    count: found + sections.length,
    getScrollElement: () => pane.current,
    estimateSize: (at) => (itemAt(sections, at).kind === 'heading' ? HEADING : ROW),
    overscan: 4,
    useFlushSync: false, // a frame may be late, but none is blocked
  });
  const seen = rows
    .getVirtualItems()
    .map((each) => itemAt(sections, each.index))
    .filter((each) => each.kind === 'row')
    .map((each) => Math.floor(each.index / PIECE));
  const pieces = [...new Set(seen)].sort((a, b) => a - b);
  const answers = useQueries({ queries: pieces.map((piece) => pieceQuery(wanted, piece)) });
  function profileAt(index: number): ProfileLine | undefined {
    const piece = Math.floor(index / PIECE);
    const data = answers[pieces.indexOf(piece)]?.data ?? (piece === 0 ? first : undefined); // until the answer is here, what stood there before stays
    return data?.profiles[index - piece * PIECE];
  }

  function go(index: number) {
    const to = Math.max(0, Math.min(found - 1, index));
    setActive(to);
    setFollow(true);
    rows.scrollToIndex(to === 0 ? 0 : itemOf(sections, to), { align: 'auto' });
  }
  useImperativeHandle(ref, () => ({ enter: () => found > 0 && go(active) }));
  const shown = rows.getVirtualItems();
  useEffect(() => {
    if (follow) pane.current?.querySelector<HTMLElement>(`[data-index="${active}"] a`)?.focus();
  }, [active, follow, shown]);

  async function jump(letter: string) {
    const now = Date.now();
    const goesOn = now - typed.current.at < TYPING_MS;
    typed.current = { letters: goesOn ? typed.current.letters + letter : letter, at: now };
    const index = await nextIndex(wanted, goesOn ? active - 1 : active, typed.current.letters);
    if (index >= 0) go(index);
  }

  function onKeyDown(event: KeyboardEvent) {
    if (event.ctrlKey || event.metaKey || event.altKey) return;
    const page = Math.max(1, Math.floor((pane.current?.clientHeight ?? ROW) / ROW) - 1);
    const target = { ArrowDown: active + 1, ArrowUp: active - 1, PageDown: active + page, PageUp: active - page, Home: 0, End: found - 1 }[
      event.key
    ];
    const profile = profileAt(active);
    if (event.key === 'ArrowUp' && active === 0) onLeave();
    else if (target !== undefined) go(target);
    else if (event.key === 'Escape') onLeave();
    else if (event.key === ' ' && profile && profile.revision > 0 && !(event.target instanceof HTMLInputElement)) onToggle(profile.id);
    else if (event.key === 'Enter' && event.shiftKey && profile && profile.revision > 0) void navigate(`/profile/${profile.id}`);
    else if (event.key.length === 1 && event.key !== ' ') void jump(event.key);
    else return;
    event.preventDefault();
  }

  return (
    // its rows take the focus; keys that none of them uses move between them
    // eslint-disable-next-line jsx-a11y/no-noninteractive-element-interactions
    <section
      ref={pane}
      aria-label="Profiles"
      aria-describedby="library-keys"
      className="min-h-0 flex-1 overflow-y-auto px-3 pb-4"
      onKeyDown={onKeyDown}
      onBlur={(event) => {
        if (!event.currentTarget.contains(event.relatedTarget) && event.relatedTarget) setFollow(false);
      }}
    >
      <div className="relative" style={{ height: rows.getTotalSize() }}>
        {rows.getVirtualItems().map((each) => {
          const item = itemAt(sections, each.index);
          const place = {
            position: 'absolute' as const,
            top: 0,
            left: 0,
            right: 0,
            height: each.size,
            transform: `translateY(${each.start}px)`,
          };
          if (item.kind === 'heading') return <Heading key={each.key} section={item.section} style={place} />;
          return (
            <LibraryRow
              key={each.key}
              index={item.index}
              count={found}
              profile={profileAt(item.index)}
              isActive={item.index === active}
              isChosen={chosen.has(profileAt(item.index)?.id ?? '')}
              onActive={() => setActive(item.index)}
              onToggle={onToggle}
              style={place}
            />
          );
        })}
      </div>
    </section>
  );
}

function Heading({ section, style }: { section: Library['sections'][number]; style: React.CSSProperties }) {
  return (
    <h2 style={style} className="flex items-end gap-2.5 px-2 pb-1.5 text-sm font-semibold">
      {SECTIONS[section.kind]}
      <span className="font-normal text-muted">
        {[counted(section.count, 'profile', 'profiles'), EXPLAINED[section.kind]].filter((part) => part !== '').join('; ')}
      </span>
    </h2>
  );
}
