import type { ReactNode } from 'react';
import type { CurveView, FunctionBar } from '#/api/types';
import { PanelForm } from '#/editor/kit/panel-form';
import { CurveChanges } from './curve-changes';
import { CurvePicture } from './curve-picture';
import { useCurves } from './curve-query';

type Props = { bar: FunctionBar; curve: CurveView | undefined; name: string; close: () => void; children: ReactNode; picture?: ReactNode };

/** The curve as it would be, what it would change, and the one edit that puts it into the profile and lays it. */
export function LayForm({ bar, curve, name, close, children, picture }: Props) {
  const called = name.trim();
  const there = useCurves().data?.find((each) => each.name === called);
  return (
    <PanelForm
      submit={`Apply to ${bar.name}`}
      close={close}
      toEdit={() =>
        curve ? { type: 'layCurve', function: bar.id, curve: called, pieces: curve.pieces } : 'There is no curve to apply yet.'
      }
    >
      <div className="grid grid-cols-[minmax(0,1fr)_23rem] gap-7">
        <div className="flex min-w-0 flex-col gap-4">{children}</div>
        <div className="flex min-w-0 flex-col gap-4">
          {curve && (picture ?? <CurvePicture curve={curve} />)}
          {there && <p className="text-sm text-warning">{`Replaces the curve ${called} of this profile.`}</p>}
          {curve && <CurveChanges name={called} bar={bar} pieces={curve.pieces} />}
        </div>
      </div>
    </PanelForm>
  );
}
