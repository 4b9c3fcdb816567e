import { useQuery } from '@tanstack/react-query';
import { useParams } from 'react-router';
import { useWho } from '#/api/who';
import { EditorActionsContext, EditorContext } from '#/editor/kit/editor-context';
import { editorQuery } from '#/editor/kit/draft-cache';
import { useColleagues } from '#/editor/kit/use-draft';
import { CannotShow } from '#/ui/cannot-show';
import { useCommands } from '#/ui/commands';
import { useKeys } from '#/ui/keys';
import { Notice } from '#/ui/notice';
import { BodyPane } from './body/body-pane';
import { ModeMapView } from './map/mode-map-view';
import { EditorTop } from './editor-top';
import { Outline } from './outline/outline';
import { Panes } from './panes';
import { ReadoutPanel } from './readout/readout-panel';
import { useEditorActionsOf } from './use-editor-actions';
import { useEditorAddress } from './use-editor-address';
import { useProbe } from './use-probe';
import { useSelection } from './use-selection';
import { COMMANDS } from './shortcuts';
import { useUndoKeys } from '#/ui/undo-keys';

/** Editing a profile: outline, map, readout. What is looked at belongs to one profile, so another one begins anew. */
export function EditorPage() {
  const { profileId = '' } = useParams();
  return <Editor key={profileId} profileId={profileId} />;
}

function Editor({ profileId }: { profileId: string }) {
  const who = useWho();
  const address = useEditorAddress();
  const { data: draft, error, refetch } = useQuery({ ...editorQuery(profileId, address.mode), enabled: who !== '' });
  useColleagues(draft);
  const { probe, setProbe } = useProbe(draft?.map?.channels);
  const selection = useSelection(draft?.map?.channels);
  const actions = useEditorActionsOf(profileId, draft, address, setProbe, selection.select);
  useUndoKeys(actions.undo, actions.redo);
  useCommands(COMMANDS);
  useKeys({ j: () => actions.step(1), k: () => actions.step(-1) });

  if (error && !draft) return <CannotShow title="This profile cannot be opened" error={error} again={() => void refetch()} />;
  if (!draft) {
    return (
      <p role="status" className="p-6 text-muted">
        Opening the profile …
      </p>
    );
  }
  const canUndo = draft.canUndo && draft.history.some((line) => line.undoable && line.author === who);
  return (
    <EditorActionsContext value={actions}>
      <EditorContext value={{ draft, chosen: address.channel, part: address.part, probe, selected: selection.selected, canUndo }}>
        <title>{`${draft.name} · Yellow Kite`}</title>
        <EditorTop />
        {draft.halted != null && (
          <div role="alert" className="shrink-0 p-2">
            <Notice severity="error" where="Nothing that is stored is lost">
              {draft.halted}
            </Notice>
          </div>
        )}
        <Panes outline={<Outline />} map={address.part === null ? <ModeMapView /> : <BodyPane />} readout={<ReadoutPanel />} />
      </EditorContext>
    </EditorActionsContext>
  );
}
