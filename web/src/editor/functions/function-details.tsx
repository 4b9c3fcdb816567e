import { useState } from 'react';
import type { Edit, FunctionBar } from '#/api/types';
import { Button } from '#/ui/button';
import { Choice } from '#/ui/choice';
import { Refusal } from '#/ui/refusal';
import { AttributePicker } from '#/parts/attribute/attribute-picker';
import { placeOf, useEditor, useEditorActions } from '#/editor/kit/editor-context';
import { EditField } from '#/editor/kit/edit-field';
import { readPhysical } from '#/parts/number/physical';

/** What is seldom asked of a function: an attribute other than its channel's, how fast the fixture itself follows, what it never exceeds, which wheel it turns. */
export function FunctionDetails({ bar }: { bar: FunctionBar }) {
  const { draft } = useEditor();
  const { edit } = useEditorActions();
  const [refusal, setRefusal] = useState<string | null>(null);
  const seconds = async (text: string, toEdit: (value: number) => Edit) => {
    const value = await readPhysical(text, 's');
    return typeof value === 'string' ? value : toEdit(value);
  };
  const bound = async (text: string, toEdit: (value: number | null) => Edit) => {
    if (text === '' || text === 'none') return toEdit(null);
    const value = await readPhysical(text, bar.unit);
    return typeof value === 'string' ? value : toEdit(value);
  };
  return (
    <div className="grid grid-cols-2 gap-3">
      <div className="col-span-2">
        <AttributePicker
          label="Attribute"
          place={{
            ...placeOf(draft),
            own:
              draft.map?.channels
                .find((each) => each.functions.some((one) => one.id === bar.id))
                ?.functions.map((each) => each.attribute) ?? [],
          }}
          value={bar.attribute}
          onChoose={(attribute) => void edit({ type: 'setFunctionAttribute', function: bar.id, attribute }).then(setRefusal)}
        />
        <Refusal says={refusal} />
      </div>
      <EditField
        label="Fade end to end, s"
        showLabel
        mono
        value={bar.realFade.text}
        toEdit={(text) => seconds(text, (realFade) => ({ type: 'setFade', function: bar.id, realFade, realAcceleration: null }))}
      />
      <EditField
        label="Acceleration, s"
        showLabel
        mono
        value={bar.realAcceleration.text}
        toEdit={(text) => seconds(text, (realAcceleration) => ({ type: 'setFade', function: bar.id, realFade: null, realAcceleration }))}
      />
      <EditField
        label={`Lower limit, ${bar.unit || 'physical'}`}
        showLabel
        mono
        value={bar.min === null ? 'none' : bar.min.text}
        toEdit={(text) => bound(text, (min) => ({ type: 'setBounds', function: bar.id, min, max: null, only: 'MIN' }))}
      />
      <EditField
        label={`Upper limit, ${bar.unit || 'physical'}`}
        showLabel
        mono
        value={bar.max === null ? 'none' : bar.max.text}
        toEdit={(text) => bound(text, (max) => ({ type: 'setBounds', function: bar.id, min: null, max, only: 'MAX' }))}
      />
      {draft.wheels.length > 0 && (
        <div className="col-span-2">
          <Choice
            label="Wheel"
            value={bar.wheel === '' ? 'none' : bar.wheel}
            options={[{ value: 'none', text: 'No wheel' }, ...draft.wheels.map((wheel) => ({ value: wheel.name, text: wheel.name }))]}
            onChoose={(wheel) => void edit({ type: 'setWheel', function: bar.id, wheel: wheel === 'none' ? '' : wheel })}
          />
        </div>
      )}
      {bar.ranges.length > 0 && (
        <div className="col-span-2 flex flex-wrap gap-1">
          {bar.wheel !== '' && draft.wheels.some((wheel) => wheel.name === bar.wheel) && (
            <Button
              quiet
              onClick={() =>
                void edit({
                  type: 'slotsFromRanges',
                  function: bar.id,
                  wheel: draft.wheels.find((wheel) => wheel.name === bar.wheel)?.id ?? null,
                }).then(setRefusal)
              }
            >
              Join its ranges to the slots by name
            </Button>
          )}
          <Button quiet onClick={() => void edit({ type: 'slotsFromRanges', function: bar.id, wheel: null }).then(setRefusal)}>
            Make a wheel of its ranges
          </Button>
        </div>
      )}
      <LightPart
        label="Emitter"
        none="No emitter of its own"
        names={draft.emitters}
        value={bar.emitter}
        onChoose={(emitter) => void edit({ type: 'setLightPart', function: bar.id, emitter, filter: null }).then(setRefusal)}
      />
      <LightPart
        label="Filter"
        none="No filter of its own"
        names={draft.filters}
        value={bar.filter}
        onChoose={(filter) => void edit({ type: 'setLightPart', function: bar.id, emitter: null, filter }).then(setRefusal)}
      />
    </div>
  );
}

/** Which of the profile's emitters or filters the function drives; nothing where the profile has none. */
function LightPart({
  label,
  none,
  names,
  value,
  onChoose,
}: {
  label: string;
  none: string;
  names: string[];
  value: string;
  onChoose: (name: string) => void;
}) {
  if (names.length === 0) return null;
  return (
    <div className="col-span-2">
      <Choice
        label={label}
        value={value === '' ? 'none' : `=${value}`}
        options={[{ value: 'none', text: none }, ...names.map((name) => ({ value: `=${name}`, text: name }))]}
        onChoose={(chosen) => onChoose(chosen === 'none' ? '' : chosen.slice(1))}
      />
    </div>
  );
}
