import { useEffect, useRef, useState } from 'react';
import { useNavigate } from 'react-router';
import { Problem } from '#/api/problem';
import type { Draft } from '#/api/types';
import { asking, type Change } from '#/editor/kit/draft-queue';
import type { EditorActions } from '#/editor/kit/editor-context';
import { useDraftQueue } from '#/editor/kit/use-draft';
import { tell } from '#/ui/toast';
import type { EditorAddress } from './use-editor-address';

const UNCERTAIN = 'It is not certain that this was saved; reload to see.';

/** What can be done in the editor. The same functions for as long as the page is open; they act upon what is shown when they are called. */
export function useEditorActionsOf(
  profileId: string,
  draft: Draft | undefined,
  address: EditorAddress,
  setProbe: (channel: number, raw: number) => void,
  select: (channel: number | null, through: boolean) => void,
): EditorActions {
  const { mutateAsync } = useDraftQueue(profileId);
  const navigate = useNavigate();
  const shown = { draft, address, setProbe, select, mutateAsync, navigate };
  const latest = useRef(shown);
  useEffect(() => {
    latest.current = shown;
  });

  const [actions] = useState<EditorActions>(() => {
    function ask(change: Change) {
      const { draft: now, address: at, mutateAsync: queue } = latest.current;
      return now ? queue(asking(now, at.mode, change)) : Promise.reject(new Error('the draft is not loaded yet'));
    }
    const silently = (change: Change) =>
      void ask(change).catch((refused: unknown) => {
        if (refused instanceof Problem && refused.status !== 409) tell(refused.message, { stays: true });
      });
    const refusalOf = (change: Change) => ask(change).then(() => null, sentence);
    return {
      choose: (channel) => latest.current.address.show(latest.current.address.mode, channel),
      step: (by) => {
        const { draft: now, address: at } = latest.current;
        const channels = now?.map?.channels ?? [];
        const index = channels.findIndex((channel) => channel.id === at.channel);
        const next = channels[index === -1 ? (by > 0 ? 0 : channels.length - 1) : index + by];
        if (!next) return;
        at.show(at.mode, next.id);
        requestAnimationFrame(() => document.getElementById(`channel-${next.id}`)?.focus({ preventScroll: true }));
      },
      select: (channel, through = false) => latest.current.select(channel, through),
      setProbe: (channel, raw) => latest.current.setProbe(channel, raw),
      showMode: (mode, channel = null) => {
        const at = latest.current.address;
        at.show(mode, channel, channel === null ? at.part : null); // whoever looks at the body looks at that of the other mode
      },
      showBody: (part, mode = null) => {
        const at = latest.current.address;
        at.show(mode ?? at.mode, at.channel, part);
      },
      goTo: (done) => silently({ kind: 'point', done }),
      undo: () => silently({ kind: 'undo' }),
      redo: () => silently({ kind: 'redo' }),
      putPicture: async (file) => {
        const refused = await refusalOf({ kind: 'picture', file });
        if (refused) tell(refused, { stays: true });
      },
      edit: (edit) => refusalOf({ kind: 'edit', edit }),
      bring: refusalOf,
      publish: async (publishing) => {
        try {
          const done = await ask({ kind: 'publish', publishing });
          if (done.kind === 'published') tell(`Published as revision ${done.revision}.`);
          return null;
        } catch (refused) {
          return { sentence: sentence(refused), field: refused instanceof Problem ? refused.field : null };
        }
      },
      discard: async () => {
        const refused = await refusalOf({ kind: 'discard' });
        if (!refused) void latest.current.navigate('/');
        return refused;
      },
    };
  });
  return actions;
}

function sentence(refused: unknown) {
  return refused instanceof Problem ? refused.message : UNCERTAIN;
}
