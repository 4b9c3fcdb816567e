import { useQuery } from '@tanstack/react-query';
import { lazy, memo, Suspense, useState } from 'react';
import type { Body, Draft, ModelDetail, Mount, PoseAsked } from '#/api/types';
import { useEditor, useEditorActions } from '#/editor/kit/editor-context';
import { Choice } from '#/ui/choice';
import { stored } from '#/ui/stored';
import { Typed } from '#/ui/typed';
import { bodyQuery, poseQuery, type Mounted } from './body-query';
import { BuildPanel } from './build-panel';
import { CellsPanel } from './cells-panel';
import { ForwardPanel } from './forward-panel';
import { LightPanel } from './light-panel';
import { ModelsPanel } from './models-panel';
import { PartDetails } from './part-details';
import { PartTree } from './part-tree';
import { PhysicalPanel } from './physical-panel';
import { ProbeStrip, type CellProbes } from './probe-strip';
import { FlatViews } from './scene/flat';
import type { Handle } from './scene/shown';

const Room = lazy(() => import('./room'));

const MOUNTS: { value: Mount; text: string }[] = [
  { value: 'HANGING', text: 'Hanging' },
  { value: 'STANDING', text: 'Standing' },
  { value: 'ON_ITS_SIDE', text: 'On its side' },
];
const SHEETS = ['Part', 'Probe', 'Models', 'Cells', 'Light', 'Facts', 'Forward'] as const;
type Sheet = (typeof SHEETS)[number];
const MODEL = /\.(glb|3ds)$/i;

/** Whether the body is shown flat, as this browser keeps it. */
const flatViews = stored(
  'kite-flat-body',
  (kept) => kept === 'flat',
  (flat) => (flat ? 'flat' : 'room'),
);

/** The body of the fixture: its parts beside a picture of it that stands as the probe says, and what can be said of them below. */
export const BodyPane = memo(function BodyPane() {
  const { draft } = useEditor();
  const { data, error } = useQuery(bodyQuery(draft));
  if (!data) {
    return (
      <main className="grid place-items-center p-6">
        {error ? (
          <p role="alert" className="text-error">
            {error.message}
          </p>
        ) : (
          <p role="status" className="text-muted">
            Reading the body …
          </p>
        )}
      </main>
    );
  }
  return <BodyOf draft={draft} body={data} />;
});

function BodyOf({ draft, body }: { draft: Draft; body: Body }) {
  const { probe } = useEditor();
  const [mount, setMount] = useState<Mount>('HANGING');
  const [height, setHeight] = useState(4);
  const [handle, setHandle] = useState<Handle>(null);
  const [cells, setCells] = useState<CellProbes>({});
  const [signs, setSigns] = useState(true);
  const [detail, setDetail] = useState<ModelDetail>('USUAL');
  const [sheet, setSheet] = useState<Sheet>('Part');
  const flat = flatViews.use();
  const { bring } = useEditorActions();
  const [refusedModel, setRefusedModel] = useState<string | null>(null);
  const mode = draft.map?.id;
  const asked: PoseAsked | null = mode === undefined ? null : { mode, values: probe, cells: Object.values(cells), mount, height };
  const pose = useQuery(poseQuery(draft, asked));
  return (
    <main
      aria-label="Body"
      className="flex min-h-0 flex-col max-[700px]:overflow-y-auto"
      onDragOver={(event) => event.preventDefault()}
      onDrop={(event) => {
        const file = event.dataTransfer.files[0];
        if (!file || !MODEL.test(file.name)) return; // a profile, for the page to import
        event.preventDefault();
        setSheet('Models');
        void bring({ kind: 'model', model: '', detail: 'USUAL', file }).then(setRefusedModel);
      }}
    >
      <div className="flex shrink-0 flex-wrap items-center gap-x-3 gap-y-1 border-b border-line px-3 py-1.5">
        <h2 className="text-lg font-semibold">Body</h2>
        <span className="min-w-0 flex-1 truncate text-sm text-muted">{draft.map ? `mode ${draft.map.name}` : 'no mode yet'}</span>
        <BuildPanel body={body} />
        <Choice fact label="Mount" value={mount} options={MOUNTS} onChoose={(value) => setMount(value as Mount)} />
        {mount === 'HANGING' && (
          <Typed
            label="Height above the floor, m"
            look="fact"
            word="metres up"
            mono
            value={String(height)}
            onSend={(text) => {
              const next = Number(text.replace(',', '.'));
              if (!Number.isFinite(next) || next < 0 || next > 50) return 'Type 0 to 50 metres.';
              setHeight(next);
              return null;
            }}
          />
        )}
        <Choice
          fact
          label="Drag"
          value={handle ?? 'none'}
          options={[
            { value: 'none', text: 'Look only' },
            { value: 'move', text: 'Drag to move' },
            { value: 'turn', text: 'Drag to turn' },
          ]}
          onChoose={(value) => setHandle(value === 'none' ? null : (value as Handle))}
        />
        <Toggle text="Signs" on={signs} set={setSigns} title="Front, zero of each axis and the way that rising values turn" />
        <Toggle
          text="Flat"
          on={flat}
          set={(on) => flatViews.set(on)}
          title="From the front, the side and above, without a third dimension"
        />
      </div>
      <div className="flex min-h-56 flex-[3] max-[700px]:flex-none max-[700px]:flex-col">
        <PartTree body={body} />
        <View
          draft={draft}
          body={body}
          pose={pose.data}
          asked={asked}
          detail={detail}
          flat={flat}
          handle={handle}
          signs={signs}
          error={pose.error}
        />
      </div>
      <div className="flex min-h-44 flex-[2] flex-col border-t border-line max-[700px]:flex-none">
        <div role="tablist" aria-label="About the body" className="flex shrink-0 flex-wrap gap-1 border-b border-line bg-panel px-2">
          {SHEETS.filter((each) => each !== 'Cells' || body.cells.length > 0).map((each) => (
            <button
              key={each}
              type="button"
              role="tab"
              aria-selected={sheet === each}
              onClick={() => setSheet(each)}
              className="min-h-8 border-b-2 border-transparent px-2.5 text-sm text-muted hover:text-text aria-selected:border-kite-text aria-selected:text-text"
            >
              {each === 'Forward' ? 'Which way is forward' : each}
            </button>
          ))}
        </div>
        <div role="tabpanel" aria-label={sheet} className="min-h-0 flex-1 overflow-y-auto p-3">
          {sheet === 'Part' && <PartDetails body={body} says={pose.data?.says ?? []} />}
          {sheet === 'Probe' && <ProbeStrip body={body} cells={cells} setCells={setCells} />}
          {sheet === 'Models' && (
            <ModelsPanel body={body} shown={detail} show={setDetail} refusal={refusedModel} setRefusal={setRefusedModel} />
          )}
          {sheet === 'Cells' && <CellsPanel body={body} />}
          {sheet === 'Light' && <LightPanel body={body} pose={pose.data} />}
          {sheet === 'Facts' && <PhysicalPanel body={body} />}
          {sheet === 'Forward' && <ForwardPanel mounted={MOUNTS.find((each) => each.value === mount)?.text ?? ''} />}
        </div>
      </div>
    </main>
  );
}

function Toggle({ text, on, set, title }: { text: string; on: boolean; set: (on: boolean) => void; title: string }) {
  return (
    <button
      type="button"
      aria-pressed={on}
      title={title}
      onClick={() => set(!on)}
      className="min-h-7 rounded-md border border-line px-2 text-sm text-muted hover:text-text aria-pressed:border-kite-text aria-pressed:text-text"
    >
      {text}
    </button>
  );
}

function View({
  draft,
  body,
  pose,
  asked,
  detail,
  flat,
  handle,
  signs,
  error,
}: {
  draft: Draft;
  body: Body;
  pose: Mounted | undefined;
  asked: PoseAsked | null;
  detail: ModelDetail;
  flat: boolean;
  handle: Handle;
  signs: boolean;
  error: Error | null;
}) {
  const [lost, setLost] = useState(false);
  if (asked === null) {
    return (
      <p className="grid flex-1 place-items-center bg-trough p-6 text-center text-muted">
        A body is shown as a mode uses it. Add a mode on the left (m); its channels turn the axes and light the lens.
      </p>
    );
  }
  if (body.parts.length === 0) {
    return (
      <p className="grid flex-1 place-items-center bg-trough p-6 text-center text-muted">
        This profile has no body yet. Build one above, or add a part on the left.
      </p>
    );
  }
  if (!pose) {
    return (
      <p
        role={error ? 'alert' : 'status'}
        className={`grid flex-1 place-items-center bg-trough p-6 ${error ? 'text-error' : 'text-muted'}`}
      >
        {error ? error.message : 'Putting the fixture into its room …'}
      </p>
    );
  }
  const says = pose.says.slice(0, 12).join(' ');
  if (flat || lost) {
    return (
      <div className="flex min-w-0 flex-1 flex-col">
        {lost && (
          <p role="status" className="bg-panel px-3 py-1 text-sm text-muted">
            This browser shows no third dimension (WebGL is off); the flat views show the same.
          </p>
        )}
        <FlatViews draft={draft} pose={asked} wall={pose.wall} signs={signs} says={says} />
      </div>
    );
  }
  return (
    <Suspense
      fallback={
        <p role="status" className="grid flex-1 place-items-center bg-trough text-muted">
          Loading the room …
        </p>
      }
    >
      <Room draft={draft} body={body} pose={pose} detail={detail} handle={handle} signs={signs} says={says} onLost={() => setLost(true)} />
    </Suspense>
  );
}
