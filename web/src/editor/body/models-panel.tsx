import { FilePlus2, PencilRuler, Plus, Trash2 } from 'lucide-react';
import { useRef, useState } from 'react';
import type { Body, BodyModel, Edit, ModelDetail } from '#/api/types';
import { EditField } from '#/editor/kit/edit-field';
import { useEditorActions } from '#/editor/kit/editor-context';
import { Button } from '#/ui/button';
import { Choice } from '#/ui/choice';
import { freeName } from '#/ui/free-name';
import { Refusal } from '#/ui/refusal';

type Primitive = Extract<Edit, { type: 'putModel' }>['primitive'];
const PRIMITIVES: Primitive[] = [
  'Undefined',
  'Cube',
  'Cylinder',
  'Sphere',
  'Base',
  'Yoke',
  'Head',
  'Scanner',
  'Conventional',
  'Pigtail',
  'Base1_1',
  'Scanner1_1',
  'Conventional1_1',
];
const DETAILS: { value: ModelDetail; text: string; detail: string }[] = [
  { value: 'USUAL', text: 'usual', detail: 'usual' },
  { value: 'LOW', text: 'low', detail: 'low' },
  { value: 'HIGH', text: 'high', detail: 'high' },
];

/** The shapes of parts: those that the standard names, and files that are dropped here. */
export function ModelsPanel({
  body,
  shown,
  show,
  refusal,
  setRefusal,
}: {
  body: Body;
  shown: ModelDetail;
  show: (detail: ModelDetail) => void;
  /** Why the last file or change was not taken. */
  refusal: string | null;
  setRefusal: (to: string | null) => void;
}) {
  const { edit, bring } = useEditorActions();
  const send = async (next: Edit) => setRefusal(await edit(next));
  return (
    <div className="flex flex-col gap-2">
      <div className="flex flex-wrap items-center gap-2">
        <Button
          quiet
          onClick={() =>
            void send({
              type: 'putModel',
              name: freeName(body.models, 'Model'),
              length: 0.1,
              width: 0.1,
              height: 0.1,
              primitive: 'Cube',
              file: '',
            })
          }
        >
          <Plus size={14} aria-hidden /> Add a box
        </Button>
        <FileButton
          text="Add a file …"
          onFile={(file) => void bring({ kind: 'model', model: '', detail: 'USUAL', file }).then(setRefusal)}
        />
        <Button quiet disabled={body.models.length === 0} onClick={() => void bring({ kind: 'drawings' }).then(setRefusal)}>
          <PencilRuler size={14} aria-hidden /> Draw top, side and front
        </Button>
        <span className="flex-1" />
        {body.models.some((model) => model.files.length > 1) && (
          <Choice
            fact
            label="Detail that the room shows"
            value={shown}
            options={DETAILS.map((each) => ({ value: each.value, text: `Room shows ${each.text} detail` }))}
            onChoose={(to) => show(to as ModelDetail)}
          />
        )}
      </div>
      <p className="text-sm text-muted">Drop a .glb or .3ds file on the body: it becomes a model.</p>
      <Refusal says={refusal} />
      {body.models.length === 0 && <p className="text-sm text-muted">No models yet. Build the body above, or drop a file.</p>}
      <ul aria-label="Models" className="flex flex-col gap-2">
        {body.models.map((model) => (
          <Model key={model.name} model={model} body={body} send={send} setRefusal={setRefusal} />
        ))}
      </ul>
    </div>
  );
}

function Model({
  model,
  body,
  send,
  setRefusal,
}: {
  model: BodyModel;
  body: Body;
  send: (edit: Edit) => Promise<void>;
  setRefusal: (refusal: string | null) => void;
}) {
  const { bring } = useEditorActions();
  const [detail, setDetail] = useState<ModelDetail>('USUAL');
  const users = body.parts.filter((each) => each.model === model.name).map((each) => each.name);
  const put = (change: Partial<Pick<BodyModel, 'length' | 'width' | 'height' | 'file'>> & { primitive?: Primitive }): Edit => ({
    type: 'putModel',
    name: model.name,
    length: model.length,
    width: model.width,
    height: model.height,
    primitive: model.primitive as Primitive,
    file: model.file,
    ...change,
  });
  const size = (key: 'length' | 'width' | 'height', label: string) => (
    <span className="w-24">
      <EditField
        label={label}
        showLabel
        mono
        value={String(model[key])}
        toEdit={(text) => {
          const value = Number(text.replace(',', '.'));
          return text !== '' && Number.isFinite(value) ? put({ [key]: value }) : 'Type metres, such as 0.35.';
        }}
      />
    </span>
  );
  return (
    <li className="flex flex-col gap-1 rounded-md border border-line bg-panel p-2">
      <div className="flex flex-wrap items-end gap-x-3 gap-y-1">
        <span className="min-w-28 flex-1 self-center">
          <strong className="font-semibold break-words">{model.name}</strong>
          <span className="block text-xs text-muted">{users.length === 0 ? 'no part has it' : users.slice(0, 4).join(', ')}</span>
        </span>
        <Choice
          label="Shape"
          value={model.primitive}
          options={PRIMITIVES.map((value) => ({ value, text: value === 'Undefined' ? (model.file === '' ? 'box' : 'the file') : value }))}
          onChoose={(to) => void send(put({ primitive: to as Primitive }))}
        />
        {size('length', 'Length, m')}
        {size('width', 'Width, m')}
        {size('height', 'Height, m')}
        <Choice label="Detail" value={detail} options={DETAILS} onChoose={(to) => setDetail(to as ModelDetail)} />
        <FileButton
          text={
            model.files.some((each) => each.detail === DETAILS.find((one) => one.value === detail)?.detail) ? 'Replace file …' : 'File …'
          }
          onFile={(file) => void bring({ kind: 'model', model: model.name, detail, file }).then(setRefusal)}
        />
        <Button quiet aria-label={`Remove the model ${model.name}`} onClick={() => void send({ type: 'removeModel', name: model.name })}>
          <Trash2 size={14} aria-hidden />
        </Button>
      </div>
      {model.files.map((file) => (
        <p key={file.path} className={`text-xs ${file.heavy || file.trouble !== '' ? 'text-warning' : 'text-muted'}`}>
          {`${file.detail}: ${file.cost}, ${Math.ceil(file.bytes / 1024).toLocaleString()} kB${file.size === '' ? '' : `, ${file.size}`}`}
          {file.trouble !== '' && ` ${file.trouble} A box stands for it.`}
          {file.textures.length > 0 && ` Pictures: ${file.textures.join('; ')}.`}
          {file.heavy && file.detail === 'usual' && (
            <>
              {' '}
              <button
                type="button"
                className="text-text underline underline-offset-2"
                onClick={() => void bring({ kind: 'standIn', model: model.name }).then(setRefusal)}
              >
                Use its boxes instead; this one stays as high detail
              </button>
            </>
          )}
        </p>
      ))}
      {model.file !== '' && model.files.length === 0 && (
        <p className="text-xs text-muted">
          {model.drawn ? 'Drawn flat from its shape.' : `The file '${model.file}' is not here; a box stands for it.`}
        </p>
      )}
    </li>
  );
}

function FileButton({ text, onFile }: { text: string; onFile: (file: File) => void }) {
  const input = useRef<HTMLInputElement>(null);
  return (
    <>
      <Button quiet onClick={() => input.current?.click()}>
        <FilePlus2 size={14} aria-hidden /> {text}
      </Button>
      <input
        ref={input}
        type="file"
        accept=".glb,.3ds"
        hidden
        aria-label={text}
        onChange={(event) => {
          const file = event.currentTarget.files?.[0];
          event.currentTarget.value = '';
          if (file) onFile(file);
        }}
      />
    </>
  );
}
