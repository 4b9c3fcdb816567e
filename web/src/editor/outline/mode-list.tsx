import { ArrowDown, ArrowUp, Copy, FoldVertical, ListMinus, MoreHorizontal, Plus, Trash2 } from 'lucide-react';
import { DropdownMenu } from 'radix-ui';
import { useEffect, useRef, useState, type ReactNode } from 'react';
import type { Draft, Edit } from '#/api/types';
import { readAddressList } from '#/parts/address/addresses';
import { Button } from '#/ui/button';
import { Modal } from '#/ui/modal';
import { Refusal } from '#/ui/refusal';
import { freeName } from '#/ui/free-name';
import { TextField } from '#/ui/text-field';
import { saidTail } from '#/parts/channel/said-tail';
import { Tail } from '#/parts/channel/tail';
import { CompareModes } from './compare-modes';
import { useEditor, useEditorActions } from '#/editor/kit/editor-context';

type ModeLine = Draft['modes'][number];

/** The modes of the profile: shown, added, copied, moved, removed. */
export function ModeList() {
  const { draft } = useEditor();
  const { edit } = useEditorActions();
  const [refusal, setRefusal] = useState<string | null>(null);
  const [awaited, setAwaited] = useState<string | null>(null);
  const greeted = useRef<number | null>(null);
  const { showMode } = useEditorActions();
  const added = draft.modes.find((mode) => mode.name === awaited)?.id;
  useEffect(() => {
    if (added !== undefined) showMode(added); // whoever adds a mode goes on in it, and says what it is called
  }, [added, showMode]);
  const shownMode = draft.map?.id;
  useEffect(() => {
    if (added === undefined || added !== shownMode || greeted.current === added) return;
    greeted.current = added;
    const name = document.querySelector<HTMLInputElement>('input[data-key="r"]');
    name?.focus();
    name?.select();
  }, [added, shownMode]);

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
          <Line key={mode.id} mode={mode} index={index} onRefused={setRefusal} onMade={setAwaited} />
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

function Line({
  mode,
  index,
  onRefused,
  onMade,
}: {
  mode: ModeLine;
  index: number;
  onRefused: (refusal: string | null) => void;
  onMade: (name: string) => void;
}) {
  const { draft } = useEditor();
  const { showMode, edit } = useEditorActions();
  const [without, setWithout] = useState(false);
  const send = async (next: Edit, made?: string) => {
    const refused = await edit(next);
    onRefused(refused);
    if (!refused && made !== undefined) onMade(made);
    return refused;
  };
  const free = (name: string) => freeName(draft.modes, name);
  return (
    <li className="relative">
      <button
        type="button"
        aria-current={mode.id === draft.map?.id || undefined}
        onClick={() => showMode(mode.id)}
        className="flex w-full flex-col gap-1 border-l-3 border-transparent py-2 pr-9 pl-3 text-left hover:bg-raised aria-[current=true]:border-kite-text aria-[current=true]:bg-raised"
      >
        <span className="flex w-full justify-between gap-2">
          <span className="truncate" title={mode.name}>
            {mode.name}
          </span>
          <span className="font-mono text-sm text-muted">{mode.footprint}</span>
        </span>
        <Tail bundles={mode.tail} height={8} label={`${mode.channels} channels: ${saidTail(mode.tail)}`} />
      </button>
      <DropdownMenu.Root>
        <DropdownMenu.Trigger
          aria-label={`Actions on ${mode.name}`}
          className="absolute top-1.5 right-1.5 grid size-7 place-items-center rounded-sm text-muted hover:bg-ground hover:text-text"
        >
          <MoreHorizontal size={16} aria-hidden />
        </DropdownMenu.Trigger>
        <DropdownMenu.Portal>
          <DropdownMenu.Content
            align="start"
            sideOffset={4}
            className="z-50 w-48 rounded-lg border border-line bg-panel p-1.5 text-sm text-text shadow-2xl"
          >
            <Item
              icon={<Copy size={15} aria-hidden />}
              onSelect={() =>
                void send({ type: 'duplicateMode', mode: mode.id, name: free(`${mode.name} copy`) }, free(`${mode.name} copy`))
              }
            >
              Duplicate
            </Item>
            <Item
              icon={<ListMinus size={15} aria-hidden />}
              onSelect={() =>
                void send(
                  { type: 'deriveMode', mode: mode.id, name: free(`${mode.name} 8 bit`), eightBit: true, without: [] },
                  free(`${mode.name} 8 bit`),
                )
              }
            >
              8-bit version
            </Item>
            <Item icon={<ListMinus size={15} aria-hidden />} onSelect={() => setWithout(true)}>
              Without channels …
            </Item>
            <Item icon={<FoldVertical size={15} aria-hidden />} onSelect={() => void send({ type: 'closeGaps', mode: mode.id })}>
              Close gaps
            </Item>
            <Item
              icon={<ArrowUp size={15} aria-hidden />}
              disabled={index === 0}
              onSelect={() => void send({ type: 'moveMode', mode: mode.id, to: index - 1 })}
            >
              Move up
            </Item>
            <Item
              icon={<ArrowDown size={15} aria-hidden />}
              disabled={index === draft.modes.length - 1}
              onSelect={() => void send({ type: 'moveMode', mode: mode.id, to: index + 1 })}
            >
              Move down
            </Item>
            <Item
              icon={<Trash2 size={15} aria-hidden />}
              disabled={draft.modes.length === 1}
              onSelect={() => void send({ type: 'removeMode', mode: mode.id })}
            >
              Remove
            </Item>
          </DropdownMenu.Content>
        </DropdownMenu.Portal>
      </DropdownMenu.Root>
      {without && <Without mode={mode} name={free(`${mode.name} short`)} onClose={() => setWithout(false)} send={send} />}
    </li>
  );
}

/** A mode that is another one without some channels, typed as the chart lists them. */
function Without({
  mode,
  name,
  onClose,
  send,
}: {
  mode: ModeLine;
  name: string;
  onClose: () => void;
  send: (edit: Edit, made?: string) => Promise<string | null>;
}) {
  const [called, setCalled] = useState(name);
  const [listed, setListed] = useState('');
  const [refusal, setRefusal] = useState<string | null>(null);
  async function make() {
    const addresses = await readAddressList(listed);
    const refused =
      typeof addresses === 'string'
        ? addresses
        : await send({ type: 'deriveMode', mode: mode.id, name: called.trim(), eightBit: false, without: addresses }, called.trim());
    setRefusal(refused);
    if (!refused) onClose();
  }
  return (
    <Modal open onClose={onClose} title={`${mode.name} without channels`} description="What is left closes up.">
      <form
        className="flex flex-col gap-3"
        onSubmit={(event) => {
          event.preventDefault();
          void make();
        }}
      >
        <TextField label="Name of the new mode" value={called} onChange={setCalled} maxLength={120} />
        <TextField
          label={`Addresses in ${mode.name} that it does not have`}
          value={listed}
          onChange={setListed}
          placeholder="2, 4, 10-12"
          autoFocus
        />
        <Refusal says={refusal} />
        <Button main type="submit" className="self-end">
          Make the mode
        </Button>
      </form>
    </Modal>
  );
}

function Item({
  icon,
  disabled = false,
  onSelect,
  children,
}: {
  icon: ReactNode;
  disabled?: boolean;
  onSelect: () => void;
  children: ReactNode;
}) {
  return (
    <DropdownMenu.Item
      disabled={disabled}
      onSelect={onSelect}
      className="flex min-h-8 cursor-pointer items-center gap-2.5 rounded-md px-2.5 outline-none data-[disabled]:opacity-45 data-[highlighted]:bg-raised"
    >
      {icon}
      {children}
    </DropdownMenu.Item>
  );
}
