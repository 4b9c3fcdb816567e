import type { SheetLine } from '#/api/types';
import { RangePicture } from './range-picture';

/** All values of a channel of a published revision, to scale and in words. */
export function SheetBar({ line }: { line: SheetLine }) {
  const said = `${line.pretty}: ${line.functions.map((each) => `${each.from} to ${each.to} ${each.name}`).join(', ')}`;
  const bands = line.functions.map((each, index) => ({ ...each, key: index, label: '' }));
  return (
    <span role="img" aria-label={said} className="relative block h-5.5">
      <RangePicture max={256 ** line.bytes - 1} group={line.group} bands={bands} />
    </span>
  );
}
