import { useState } from 'react';
import type { FunctionBar } from '#/api/types';
import { Button } from '#/ui/button';
import { Modal } from '#/ui/modal';
import { FromMeasured } from './from-measured';
import { FromPoints } from './from-points';
import { FromProfile } from './from-profile';
import { FromShelf } from './from-shelf';

const SOURCES = [
  { value: 'shelf', text: 'Preset curves', Form: FromShelf },
  { value: 'points', text: 'Points of your own', Form: FromPoints },
  { value: 'measured', text: 'Measured', Form: FromMeasured },
  { value: 'profile', text: 'In this profile', Form: FromProfile },
] as const;

/** A function's curve: where one can be had from, how it would run, and the edit that applies it. */
export function CurveDialog({ bar, onClose }: { bar: FunctionBar; onClose: () => void }) {
  return (
    <Modal
      size="large"
      open
      onClose={onClose}
      title={`Curve of ${bar.name}`}
      description={bar.curve === '' ? 'Linear, no curve.' : `Curve '${bar.curve}'.`}
    >
      <Chooser bar={bar} close={onClose} />
    </Modal>
  );
}

function Chooser({ bar, close }: { bar: FunctionBar; close: () => void }) {
  const [source, setSource] = useState<string>(bar.curve === '' ? 'shelf' : 'profile');
  const { Form } = SOURCES.find((each) => each.value === source) ?? SOURCES[0];
  return (
    <div className="flex min-h-0 flex-col gap-4 overflow-y-auto pr-2">
      <div role="group" aria-label="Where from" className="flex gap-1">
        {SOURCES.map((each) => (
          <Button key={each.value} quiet={source !== each.value} aria-pressed={source === each.value} onClick={() => setSource(each.value)}>
            {each.text}
          </Button>
        ))}
      </div>
      <Form bar={bar} close={close} />
    </div>
  );
}
