import { ArrowDown, ArrowUp, Copy, MoreHorizontal, Plus, Trash2 } from 'lucide-react';
import { DropdownMenu } from 'radix-ui';
import { useEffect, useState, type ReactNode } from 'react';
import type { Draft } from '../api/types';
import { Button } from '../ui/button';
import { Refusal } from '../ui/refusal';
import { freeName } from '../ui/free-name';
import { Tail } from '../ui/tail';
import { CompareModes } from './compare-modes';
import { useDesk, useDeskActions } from './desk-context';

type ModeLine = Draft['modes'][number];

/** The modes of the profile: shown, added, copied, moved, removed. */
export function ModeList() {
  const { draft } = useDesk();
  const { edit } = useDeskActions();
  const [refusal, setRefusal] = useState<string | null>(null);
  const [awaited, setAwaited] = useState<string | null>(null);
  const { showMode } = useDeskActions();
  const added = draft.modes.find((mode) => mode.name === awaited)?.id;
  useEffect(() => {
    if (added === undefined) return;
    setAwaited(null);
    showMode(added); // whoever adds a mode goes on in it
  }, [added, showMode]);

  async function add() {
    const name = freeName(draft.modes, `Mode ${draft.modes.length + 1}`);
    const refused = await edit({ type: 'addMode', name });
    setRefusal(refused);
    if (!refused) setAwaited(name);
  }

  return (
    <section aria-label="Modes">
      <div className="flex items-center justify-between pr-2 pl-3.5">
        <h2 className="text-xs font-semibold text-muted">Modes</h2>
        <Button quiet data-key="m" onClick={() => void add()}>
          <Plus size={14} aria-hidden /> Add
        </Button>
      </div>
      {draft.modes.length === 0 && <p className="px-3.5 text-sm text-muted">None yet. Add the first one (m).</p>}
      <ul>
        {draft.modes.map((mode, index) => (
          <Line key={mode.id} mode={mode} index={index} onRefused={setRefusal} />
        ))}
      </ul>
      <Refusal says={refusal} className="px-3.5" />
      {draft.modes.length > 0 && (
        <div className="px-1.5 pt-1">
          <CompareModes />
        </div>
      )}
    </section>
  );
}

function Line({ mode, index, onRefused }: { mode: ModeLine; index: number; onRefused: (refusal: string | null) => void }) {
  const { draft } = useDesk();
  const { showMode, edit } = useDeskActions();
  const send = async (next: Parameters<typeof edit>[0]) => onRefused(await edit(next));
  return (
    <li className="relative">
      <button
        type="button"
        aria-current={mode.id === draft.map?.id || undefined}
        onClick={() => showMode(mode.id)}
        className="flex w-full flex-col gap-1 border-l-3 border-transparent py-2 pr-9 pl-3 text-left hover:bg-raised aria-[current=true]:border-kite aria-[current=true]:bg-raised"
      >
        <span className="flex w-full justify-between gap-2">
          <span className="truncate" title={mode.name}>
            {mode.name}
          </span>
          <span className="font-mono text-sm text-muted">{mode.footprint}</span>
        </span>
        <Tail bundles={mode.tail} height={8} label={`${mode.channels} channels`} />
      </button>
      <DropdownMenu.Root>
        <DropdownMenu.Trigger aria-label={`Actions on ${mode.name}`} className="absolute top-1.5 right-1.5 grid size-7 place-items-center rounded-sm text-muted hover:bg-ground hover:text-text">
          <MoreHorizontal size={16} aria-hidden />
        </DropdownMenu.Trigger>
        <DropdownMenu.Portal>
          <DropdownMenu.Content align="start" sideOffset={4} className="z-50 w-48 rounded-lg border border-line bg-panel p-1.5 text-sm text-text shadow-2xl">
            <Item icon={<Copy size={15} aria-hidden />} onSelect={() => void send({ type: 'duplicateMode', mode: mode.id, name: freeName(draft.modes, `${mode.name} copy`) })}>
              Duplicate
            </Item>
            <Item icon={<ArrowUp size={15} aria-hidden />} disabled={index === 0} onSelect={() => void send({ type: 'moveMode', mode: mode.id, to: index - 1 })}>
              Move up
            </Item>
            <Item icon={<ArrowDown size={15} aria-hidden />} disabled={index === draft.modes.length - 1} onSelect={() => void send({ type: 'moveMode', mode: mode.id, to: index + 1 })}>
              Move down
            </Item>
            <Item icon={<Trash2 size={15} aria-hidden />} disabled={draft.modes.length === 1} onSelect={() => void send({ type: 'removeMode', mode: mode.id })}>
              Remove
            </Item>
          </DropdownMenu.Content>
        </DropdownMenu.Portal>
      </DropdownMenu.Root>
    </li>
  );
}

function Item({ icon, disabled = false, onSelect, children }: { icon: ReactNode; disabled?: boolean; onSelect: () => void; children: ReactNode }) {
  return (
    <DropdownMenu.Item disabled={disabled} onSelect={onSelect} className="flex min-h-8 cursor-pointer items-center gap-2.5 rounded-md px-2.5 outline-none data-[disabled]:opacity-45 data-[highlighted]:bg-raised">
      {icon}
      {children}
    </DropdownMenu.Item>
  );
}
