import { useQuery } from '@tanstack/react-query';
import { BookOpen, Redo2, Undo2 } from 'lucide-react';
import { useEffect, useMemo, useRef, useState } from 'react';
import { Link, useParams, useSearchParams } from 'react-router';
import { Problem } from '#/api/problem';
import type { Draft } from '#/api/types';
import { CannotShow } from '#/ui/cannot-show';
import { TopLine } from '#/ui/top-line';
import { Button, buttonLook } from '#/ui/button';
import { Trail } from '#/ui/trail';
import { Hint } from '#/ui/hint';
import { Notice } from '#/ui/notice';
import { tell } from '#/ui/toast';
import { useKeys } from '#/ui/keys';
import { useWho } from '#/api/who';
import { DeskActionsContext, DeskContext, type Desk, type DeskActions } from '#/editor/kit/editor-context';
import { deskQuery, useChange, useColleagues } from '#/editor/kit/editor-query';
import { ExportMenu } from '#/parts/profile/export-menu';
import { ModeMapView } from '#/editor/map/mode-map-view';
import { Outline } from '#/editor/outline/outline';
import { PublishPopover } from './publish-popover';
import { ReadoutPanel } from '#/editor/readout/readout-panel';
import { ShortcutList } from './shortcut-list';

/** Editing a profile: outline, map, readout. Mode and channel stand in the address, so a link leads to the same place. */
export function DeskPage() {
  const { profileId = '' } = useParams();
  const who = useWho();
  const [params, setParams] = useSearchParams();
  const mode = numberOf(params.get('mode'));
  const chosen = numberOf(params.get('channel'));
  const { data: draft, error } = useQuery({ ...deskQuery(profileId, mode), enabled: who !== '' });
  useColleagues(draft);
  const change = useChange(profileId, mode);
  const [probe, setProbe] = useState<Record<string, number>>({});

  const [selected, setSelected] = useState<ReadonlySet<number>>(new Set());
  const lastSelected = useRef<number | null>(null);
  const desk = useMemo<Desk | null>(() => (draft ? { draft, chosen, probe, selected } : null), [draft, chosen, probe, selected]);
  function show(shownMode: number | null, channel: number | null) {
    const next: Record<string, string> = {};
    if (shownMode !== null) next.mode = String(shownMode);
    if (channel !== null) next.channel = String(channel);
    setParams(next, { replace: true, flushSync: true }); // keys may come faster than the page is drawn
  }
  const current = { show, mode, chosen, channels: draft?.map?.channels ?? [], send: change.mutateAsync };
  const latest = useRef(current);
  useEffect(() => {
    latest.current = current; // the actions below stay the same objects and act upon what is shown now
  });
  const [actions] = useState<DeskActions>(() => ({
    choose: (channel) => latest.current.show(latest.current.mode, channel),
    step: (by) => {
      const { channels, chosen: at } = latest.current;
      const index = channels.findIndex((channel) => channel.id === at);
      const next = channels[index === -1 ? (by > 0 ? 0 : channels.length - 1) : index + by];
      if (next) latest.current.show(latest.current.mode, next.id);
    },
    select: (channel, through = false) => {
      if (channel === null) {
        setSelected(new Set());
        return;
      }
      const ids = latest.current.channels.map((each) => each.id);
      const [from, to] = [ids.indexOf(lastSelected.current ?? channel), ids.indexOf(channel)].sort((a, b) => a - b);
      const between = through && from !== undefined && to !== undefined && from >= 0 ? ids.slice(from, to + 1) : [];
      lastSelected.current = channel;
      setSelected((before) => {
        const after = new Set(before);
        if (between.length > 0) between.forEach((id) => after.add(id));
        else if (!after.delete(channel)) after.add(channel);
        return after;
      });
    },
    setProbe: (channel, raw) => setProbe((before) => ({ ...before, [channel]: raw })),
    goTo: (done) => void latest.current.send({ kind: 'point', done }).catch(() => undefined),
    showMode: (next, channel = null) => latest.current.show(next, channel),
    putPicture: async (file) => {
      try {
        await latest.current.send({ kind: 'picture', file });
      } catch (refused) {
        tell(refused instanceof Problem ? refused.message : 'The picture did not arrive; nothing was changed.');
      }
    },
    edit: (edit) => refusalOf(latest.current.send({ kind: 'edit', edit })),
    bring: (what) => refusalOf(latest.current.send(what)),
  }));

  useUndoKeys(
    () => draft?.canUndo && change.mutate({ kind: 'undo' }),
    () => draft?.canRedo && change.mutate({ kind: 'redo' }),
  );

  const [keys] = useState(() => ({ j: () => actions.step(1), k: () => actions.step(-1) }));
  useKeys(keys);

  if (error && !draft) return <CannotShow title="This profile cannot be opened" error={error} />;
  if (!draft || !desk) {
    return (
      <p role="status" className="p-6 text-muted">
        Opening the profile …
      </p>
    );
  }
  return (
    <DeskActionsContext value={actions}>
      <DeskContext value={desk}>
        <title>{`${draft.name} · Yellow Kite`}</title>
        <TopLine
          trail={
            <Trail places={[{ text: 'Library', to: '/' }, { text: draft.manufacturer }]} here={draft.name}>
              <span className="shrink-0 rounded-sm border border-line px-1.5 py-0.5 text-xs text-muted">{stateOf(draft)}</span>
            </Trail>
          }
        >
          {draft.baseRevision > 0 && (
            <Link to={`/profile/${profileId}`} className={buttonLook({ quiet: true })}>
              <BookOpen size={16} aria-hidden />
              Read
            </Link>
          )}
          <ShortcutList />
          <Hint text="Undo (Ctrl+Z)">
            <Button disabled={!draft.canUndo} onClick={() => change.mutate({ kind: 'undo' })}>
              <Undo2 size={16} aria-hidden />
              Undo
            </Button>
          </Hint>
          <Hint text="Redo (Ctrl+Shift+Z)">
            <Button disabled={!draft.canRedo} onClick={() => change.mutate({ kind: 'redo' })}>
              <Redo2 size={16} aria-hidden />
              Redo
            </Button>
          </Hint>
          {draft.baseRevision > 0 && <ExportMenu profileId={profileId} />}
          <PublishPopover key={draft.id} draft={draft} />
        </TopLine>
        {draft.halted != null && (
          <div role="alert" className="shrink-0 p-2">
            <Notice severity="error" where="Nothing that is stored is lost">
              {draft.halted}
            </Notice>
          </div>
        )}
        <div className="grid min-h-0 flex-1 grid-cols-[13rem_minmax(0,1fr)_17.5rem]">
          <Outline />
          <ModeMapView />
          <ReadoutPanel />
        </div>
      </DeskContext>
    </DeskActionsContext>
  );
}

/** The sentence that refuses a change; null once it was taken. */
async function refusalOf(change: Promise<unknown>) {
  try {
    await change;
    return null;
  } catch (refused) {
    return refused instanceof Problem ? refused.message : 'Something went wrong; nothing was changed.';
  }
}

function stateOf(draft: Draft) {
  if (draft.baseRevision === 0) return 'not published yet';
  if (draft.baseRevision < draft.newestRevision) return `draft on revision ${draft.baseRevision} of ${draft.newestRevision}`;
  return draft.canUndo ? `draft on revision ${draft.baseRevision}` : `revision ${draft.baseRevision}`;
}

function numberOf(text: string | null) {
  return text !== null && /^\d+$/.test(text) ? Number(text) : null;
}

function useUndoKeys(undo: () => void, redo: () => void) {
  useEffect(() => {
    function pressed(event: KeyboardEvent) {
      if (!(event.ctrlKey || event.metaKey) || event.key.toLowerCase() !== 'z') return;
      const target = event.target;
      // letters that were typed and not sent yet belong to the field
      if (target instanceof HTMLInputElement && target.value !== target.defaultValue) return;
      event.preventDefault();
      if (event.shiftKey) redo();
      else undo();
    }
    window.addEventListener('keydown', pressed);
    return () => window.removeEventListener('keydown', pressed);
  });
}
