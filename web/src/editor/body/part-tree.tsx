import { Copy, MoreHorizontal, Plus, Trash2 } from 'lucide-react';
import { DropdownMenu } from 'radix-ui';
import { useState } from 'react';
import type { Body, BodyPart, Edit } from '#/api/types';
import { useEditor, useEditorActions } from '#/editor/kit/editor-context';
import { freeName } from '#/ui/free-name';
import { PanelButton } from '#/ui/panel-button';
import { Refusal } from '#/ui/refusal';
import { AddPart } from './add-part';
import { kindWords } from './part-kinds';

/** The parts of all bodies, each below what it stands in. */
export function PartTree({ body }: { body: Body }) {
  const { part } = useEditor();
  const { showBody, edit } = useEditorActions();
  const [refusal, setRefusal] = useState<string | null>(null);
  const [closed, setClosed] = useState<ReadonlySet<string>>(new Set());
  const send = async (next: Edit, then?: string) => {
    const refused = await edit(next);
    setRefusal(refused);
    if (!refused && then !== undefined) showBody(then);
  };
  const hidden = new Set<string>();
  for (const each of body.parts) if (closed.has(each.parent) || hidden.has(each.parent)) hidden.add(each.name);
  const seen = body.parts.filter((each) => !hidden.has(each.name));

  function key(event: React.KeyboardEvent) {
    const at = seen.findIndex((each) => each.name === part);
    const next = event.key === 'ArrowDown' ? seen[at + 1] : event.key === 'ArrowUp' ? seen[Math.max(0, at - 1)] : undefined;
    const here = seen[at];
    if (here && (event.key === 'ArrowLeft' || event.key === 'ArrowRight')) {
      event.preventDefault();
      const now = new Set(closed);
      if (event.key === 'ArrowLeft') now.add(here.name);
      else now.delete(here.name);
      setClosed(now);
    }
    if (!next) return;
    event.preventDefault();
    showBody(next.name);
    document.getElementById(`part-${next.name}`)?.focus();
  }

  return (
    <section
      aria-label="Parts"
      className="flex w-52 shrink-0 flex-col border-r border-line bg-panel max-[700px]:max-h-40 max-[700px]:w-full"
    >
      <div className="flex shrink-0 items-center justify-between pr-1 pl-3">
        <h3 className="text-xs font-semibold text-muted">Parts</h3>
        <PanelButton text="Add" icon={<Plus size={14} aria-hidden />} title="Add a part">
          {(close) => (
            <AddPart
              body={body}
              parent={part ?? ''}
              free={(wanted) => freeName(body.parts, wanted)}
              close={close}
              added={(name) => showBody(name)}
            />
          )}
        </PanelButton>
      </div>
      <ul role="tree" tabIndex={-1} aria-label="Parts of the body" onKeyDown={key} className="min-h-0 flex-1 overflow-y-auto pb-2">
        {seen.map((each, index) => (
          <li
            key={each.name}
            id={`part-${each.name}`}
            role="treeitem"
            tabIndex={each.name === part || (!seen.some((one) => one.name === part) && index === 0) ? 0 : -1}
            aria-level={each.depth + 1}
            aria-selected={each.name === part}
            aria-expanded={body.parts.some((one) => one.parent === each.name) ? !closed.has(each.name) : undefined}
            onClick={() => showBody(each.name)}
            onKeyDown={(event) => {
              if (event.key === 'Enter' || event.key === ' ') showBody(each.name);
            }}
            className="group flex min-h-7 cursor-pointer items-center gap-1.5 border-l-3 border-transparent pr-1 text-sm hover:bg-raised aria-selected:border-kite-text aria-selected:bg-raised"
            style={{ paddingLeft: `${0.4 + 0.75 * each.depth}rem` }}
          >
            <span className="min-w-0 flex-1 truncate" title={`${each.name}, ${kindWords(each)}`}>
              {each.name}
            </span>
            <span className="shrink-0 text-xs text-muted">{kindWords(each)}</span>
            <PartMenu part={each} body={body} send={send} />
          </li>
        ))}
      </ul>
      {body.truncated && <p className="px-3 py-1 text-xs text-muted">The mode repeats more parts than are shown.</p>}
      <Refusal says={refusal} className="px-3 pb-2" />
    </section>
  );
}

function PartMenu({ part, body, send }: { part: BodyPart; body: Body; send: (edit: Edit, then?: string) => Promise<void> }) {
  const siblings = body.parts.filter((each) => each.parent === part.parent);
  const at = siblings.findIndex((each) => each.name === part.name);
  const inside = new Set([part.name]);
  for (const each of body.parts) if (inside.has(each.parent)) inside.add(each.name);
  const others = body.parts.filter((each) => !inside.has(each.name) && each.repeats === '' && each.name !== part.parent).slice(0, 40);
  const line =
    'flex min-h-8 cursor-pointer items-center gap-2 rounded-sm px-2 text-sm outline-none data-[disabled]:opacity-45 data-[highlighted]:bg-ground';
  return (
    <DropdownMenu.Root>
      <DropdownMenu.Trigger asChild>
        <button
          type="button"
          aria-label={`More about ${part.name}`}
          onClick={(event) => event.stopPropagation()}
          className="grid size-6 shrink-0 place-items-center rounded-sm text-muted opacity-0 group-hover:opacity-100 group-focus-within:opacity-100 hover:text-text"
        >
          <MoreHorizontal size={14} aria-hidden />
        </button>
      </DropdownMenu.Trigger>
      <DropdownMenu.Portal>
        <DropdownMenu.Content
          align="start"
          onClick={(event) => event.stopPropagation()}
          className="z-50 max-h-96 w-60 overflow-y-auto rounded-md border border-line bg-raised p-1 text-text shadow-2xl"
        >
          <DropdownMenu.Item className={line} onSelect={() => void send({ type: 'duplicatePart', part: part.name })}>
            <Copy size={14} aria-hidden /> Duplicate
          </DropdownMenu.Item>
          <DropdownMenu.Item
            className={line}
            disabled={at <= 0}
            onSelect={() => void send({ type: 'nestPart', part: part.name, parent: part.parent, at: at - 1 })}
          >
            Move up
          </DropdownMenu.Item>
          <DropdownMenu.Item
            className={line}
            disabled={at >= siblings.length - 1}
            onSelect={() => void send({ type: 'nestPart', part: part.name, parent: part.parent, at: at + 1 })}
          >
            Move down
          </DropdownMenu.Item>
          <DropdownMenu.Sub>
            <DropdownMenu.SubTrigger className={line} disabled={others.length === 0}>
              Move into …
            </DropdownMenu.SubTrigger>
            <DropdownMenu.Portal>
              <DropdownMenu.SubContent className="z-50 max-h-80 w-56 overflow-y-auto rounded-md border border-line bg-raised p-1 text-text shadow-2xl">
                {part.parent !== '' && (
                  <DropdownMenu.Item className={line} onSelect={() => void send({ type: 'nestPart', part: part.name, parent: '', at: -1 })}>
                    the top level
                  </DropdownMenu.Item>
                )}
                {others.map((each) => (
                  <DropdownMenu.Item
                    key={each.name}
                    className={line}
                    onSelect={() => void send({ type: 'nestPart', part: part.name, parent: each.name, at: -1 })}
                  >
                    <span className="truncate">{each.name}</span>
                  </DropdownMenu.Item>
                ))}
              </DropdownMenu.SubContent>
            </DropdownMenu.Portal>
          </DropdownMenu.Sub>
          <DropdownMenu.Item className={line} onSelect={() => void send({ type: 'removePart', part: part.name }, part.parent)}>
            <Trash2 size={14} aria-hidden /> Remove
          </DropdownMenu.Item>
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
  );
}
