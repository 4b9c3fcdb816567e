import { useState } from 'react';
import type { FunctionBar } from '#/api/types';
import { PanelForm } from '#/editor/kit/panel-form';
import { Choice } from '#/ui/choice';
import { CurveChanges } from './curve-changes';
import { CurvePicture } from './curve-picture';
import { useCurves } from './curve-query';

/** The curves that the profile has, or none. */
export function FromProfile({ bar, close }: { bar: FunctionBar; close: () => void }) {
  const [name, setName] = useState(bar.curve);
  const { data } = useCurves();
  const chosen = data?.find((each) => each.name === name);
  return (
    <PanelForm
      submit={name === '' ? 'Use no curve' : `Use ${name}`}
      close={close}
      toEdit={() => ({ type: 'layCurve', function: bar.id, curve: name, pieces: null })}
    >
      <Choice
        label="Curve"
        value={name === '' ? 'none' : name}
        options={[{ value: 'none', text: 'None, straight' }, ...(data ?? []).map((each) => ({ value: each.name, text: each.name }))]}
        onChoose={(value) => setName(value === 'none' ? '' : value)}
      />
      {chosen && <CurvePicture curve={chosen.curve} />}
      {chosen && (
        <p className="text-sm text-muted">{chosen.uses.length === 0 ? 'No function uses it.' : `Used by: ${chosen.uses.join(', ')}.`}</p>
      )}
      {chosen && name !== bar.curve && <CurveChanges name={name} bar={bar} pieces={chosen.curve.pieces} />}
    </PanelForm>
  );
}
