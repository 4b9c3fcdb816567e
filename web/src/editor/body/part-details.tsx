import type { Body, BodyPart, Edit, Place } from '#/api/types';
import { EditField } from '#/editor/kit/edit-field';
import { useEditor, useEditorActions } from '#/editor/kit/editor-context';
import { Choice } from '#/ui/choice';
import { counted } from '#/ui/counted';
import { Notice } from '#/ui/notice';
import { tell } from '#/ui/toast';
import { PART_KINDS, kindWords, type PartKind } from './part-kinds';
import { Pins } from './pins';

const METRES: { key: 'x' | 'y' | 'z'; label: string }[] = [
  { key: 'x', label: 'Right, m' },
  { key: 'y', label: 'Back, m' },
  { key: 'z', label: 'Up, m' },
];
const TURNS: { key: 'turnX' | 'turnY' | 'turnZ'; label: string }[] = [
  { key: 'turnX', label: 'About x, °' },
  { key: 'turnY', label: 'About y, °' },
  { key: 'turnZ', label: 'About z, °' },
];

/** Everything about the part in hand; without one, what points where. */
export function PartDetails({ body, says }: { body: Body; says: string[] }) {
  const { part: name } = useEditor();
  const part = body.parts.find((each) => each.name === name);
  if (!part) {
    return (
      <div className="flex flex-col gap-1 text-sm">
        <h3 className="font-semibold">What points where</h3>
        <ul aria-label="What points where" className="flex flex-col gap-0.5">
          {says.map((each, index) => (
            <li key={index}>{each}</li>
          ))}
        </ul>
        <p className="mt-1 text-muted">Click a part in the list or in the picture to change it.</p>
      </div>
    );
  }
  return <Part key={part.name} part={part} body={body} says={says.filter((each) => each.startsWith(`${part.name} `))} />;
}

function Part({ part, body, says }: { part: BodyPart; body: Body; says: string[] }) {
  const { edit, showBody } = useEditorActions();
  const send = async (next: Edit) => {
    const refused = await edit(next);
    if (refused) tell(refused, { stays: true });
  };
  return (
    <div className="flex flex-col gap-3">
      <div className="flex flex-wrap items-end gap-x-4 gap-y-2">
        <span className="w-44">
          <EditField
            label="Name"
            showLabel
            value={part.name}
            toEdit={(to) => {
              if (to !== '' && !body.parts.some((each) => each.name === to)) requestAnimationFrame(() => showBody(to));
              return { type: 'renamePart', part: part.name, to };
            }}
          />
        </span>
        {part.repeats === '' ? (
          <Choice
            label="Kind"
            value={part.kind}
            options={PART_KINDS}
            onChoose={(kind) => void send({ type: 'setPartKind', part: part.name, kind: kind as PartKind })}
          />
        ) : (
          <p className="pb-1 text-sm text-muted">
            {kindWords(part)}, channels {part.addresses}
          </p>
        )}
        <Choice
          label="Model"
          value={part.model === '' ? '-' : part.model}
          options={[{ value: '-', text: 'none' }, ...body.models.map((each) => ({ value: each.name, text: each.name }))]}
          onChoose={(model) => void send({ type: 'setPartModel', part: part.name, model: model === '-' ? '' : model })}
        />
        <p className="pb-1 text-sm text-muted">
          {part.parent === '' ? 'top level' : `stands in ${part.parent}`}
          {part.channels > 0 && `, ${counted(part.channels, 'channel acts', 'channels act')} on it`}
        </p>
      </div>
      {part.unlike !== null && (
        <Notice severity="warning" where="Position">
          {`The matrix of this part ${part.unlike}. Typing a position below makes it one that only stands and turns.`}
        </Notice>
      )}
      <Position part={part} />
      {part.attributes.length > 0 && (
        <fieldset className="flex flex-wrap gap-x-4 gap-y-2">
          <legend className="mb-1 text-xs font-semibold text-muted">
            {kindWords(part)}
            <span className="font-normal"> · in grey what the standard takes where nothing is said</span>
          </legend>
          {part.attributes.map((each) =>
            each.form === 'CHOICE' ? (
              <Choice
                key={each.name}
                label={each.label}
                value={each.value}
                placeholder={each.standard}
                options={each.choices.map((value) => ({ value, text: value }))}
                onChoose={(value) => void send({ type: 'setPartAttribute', part: part.name, attribute: each.name, value })}
              />
            ) : (
              <span key={each.name} className="w-32">
                <EditField
                  label={each.unit === '' ? each.label : `${each.label}, ${each.unit}`}
                  showLabel
                  mono={each.form !== 'TEXT'}
                  value={each.value}
                  placeholder={each.standard}
                  toEdit={(value) => ({ type: 'setPartAttribute', part: part.name, attribute: each.name, value })}
                />
              </span>
            ),
          )}
        </fieldset>
      )}
      {part.kind === 'WiringObject' && <Pins part={part} />}
      {says.map((each) => (
        <p key={each} className="text-sm text-muted">
          {each}
        </p>
      ))}
    </div>
  );
}

function Position({ part }: { part: BodyPart }) {
  function toEdit(key: keyof Place, text: string): Edit | string {
    const value = Number(text.replace(',', '.').replace(/\s*(m|°)$/, ''));
    if (text === '' || !Number.isFinite(value)) return 'Type a number, such as 0.25 or -90.';
    return { type: 'placePart', part: part.name, place: { ...part.place, [key]: value } };
  }
  return (
    <fieldset className="flex flex-wrap gap-x-3 gap-y-2">
      <legend
        className="mb-1 text-xs font-semibold text-muted"
        title="x runs from left to right, y from the front to the back, z upright; seen by one who stands before it"
      >
        Position on {part.parent === '' ? 'the origin' : part.parent}
      </legend>
      {[...METRES, ...TURNS].map(({ key, label }) => (
        <span key={key} className="w-24">
          <EditField label={label} showLabel mono value={String(part.place[key])} toEdit={(text) => toEdit(key, text)} />
        </span>
      ))}
    </fieldset>
  );
}
