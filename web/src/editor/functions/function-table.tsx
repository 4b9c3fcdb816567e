import { useCallback, useState } from 'react';
import type { ChannelRow, Edit, FunctionBar, WheelLine } from '#/api/types';
import { useEditor, useEditorActions } from '#/editor/kit/editor-context';
import { Refusal } from '#/ui/refusal';
import { COLUMNS } from './columns';
import { FunctionHead } from './function-head';
import { FunctionTools, Situations } from './function-tools';
import { HoleRow, RangeRows } from './range-rows';

const NO_SLOTS: WheelLine['slots'] = [];

/** One function with its named ranges. The tools show for the one in hand. */
export function FunctionTable({
  channel,
  bar,
  headed,
  inHand,
  onTake,
}: {
  channel: ChannelRow;
  bar: FunctionBar;
  headed: boolean;
  inHand: boolean;
  onTake: () => void;
}) {
  const { draft } = useEditor();
  const { edit } = useEditorActions();
  const [refusal, setRefusal] = useState<string | null>(null);
  const send = useCallback((next: Edit) => void edit(next).then(setRefusal), [edit]);
  const slots = draft.wheels.find((wheel) => wheel.name === bar.wheel)?.slots ?? NO_SLOTS;
  const before = bar.holes.find((hole) => hole.range === null);
  return (
    <section aria-label={`Function ${bar.name}`}>
      {headed && (
        <div className={`${COLUMNS} text-xs text-muted`} aria-hidden>
          <span className="px-1.5">From</span>
          <span className="px-1.5">To</span>
          <span className="px-1.5">Name</span>
          <span className="px-1.5">{slots.length > 0 ? 'Attribute, slot' : 'Attribute'}</span>
          <span className="col-span-2 px-1.5">Physical, first to last</span>
        </div>
      )}
      <FunctionHead channel={channel} bar={bar} inHand={inHand} onTake={onTake} send={send} />
      <Situations bar={bar} send={send} />
      {before && <HoleRow hole={before} bytes={channel.bytes} onClose={() => send(before.closes)} />}
      <RangeRows bytes={channel.bytes} bar={bar} slots={slots} send={send} />
      {inHand && <FunctionTools channel={channel} bar={bar} headed={headed} send={send} />}
      <Refusal says={refusal} className="px-1.5" />
    </section>
  );
}
