import { useQuery } from '@tanstack/react-query';
import { answer, api } from '#/api/client';
import { useEditor } from '#/editor/kit/editor-context';
import { PanelForm } from '#/editor/kit/panel-form';
import type { FunctionPanel } from './function-panel';

/** Which other modes have the same function, where it differs, and the edit that brings it to them. */
export function BringFunction({ bar, close }: FunctionPanel) {
  const { draft } = useEditor();
  const { data } = useQuery({
    queryKey: ['twins', draft.id, draft.version, bar.id],
    queryFn: () =>
      answer(api.GET('/api/drafts/{draftId}/functions/{function}/twins', { params: { path: { draftId: draft.id, function: bar.id } } })),
  });
  const differing = data?.filter((twin) => twin.differs) ?? [];
  const list = (
    <ul className="flex flex-col gap-1 text-sm">
      {data?.length === 0 && (
        <li className="text-muted">No other mode has a function of this name on a channel of the same name and width.</li>
      )}
      {data?.map((twin) => (
        <li key={twin.mode} className="flex justify-between gap-3">
          <span className="truncate">{twin.modeName}</span>
          <span className={twin.differs ? 'text-warning' : 'text-muted'}>{twin.differs ? 'would change' : 'is the same'}</span>
        </li>
      ))}
    </ul>
  );
  if (differing.length === 0) return list;
  return (
    <PanelForm
      submit={`Bring to ${differing.length === 1 ? 'this mode' : `${differing.length} modes`}`}
      close={close}
      toEdit={() => ({ type: 'bringFunction', function: bar.id, modes: differing.map((twin) => twin.mode) })}
    >
      {list}
    </PanelForm>
  );
}
