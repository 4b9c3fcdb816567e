import type { ChannelRow } from '#/api/types';

export type Tint = ChannelRow['tint'];

export const TINTS: { value: Tint; text: string; color: string }[] = [
  { value: 'NONE', text: 'No tag', color: 'transparent' },
  { value: 'RED', text: 'Red', color: '#d64545' },
  { value: 'ORANGE', text: 'Orange', color: '#d9822b' },
  { value: 'YELLOW', text: 'Yellow', color: '#d6b92b' },
  { value: 'GREEN', text: 'Green', color: '#3f9d5a' },
  { value: 'BLUE', text: 'Blue', color: '#3f7fd0' },
  { value: 'VIOLET', text: 'Violet', color: '#8d5fd3' },
];

/** The colour that a technician gave a channel, with its name for those who do not see it. */
export function TintDot({ tint }: { tint: Tint }) {
  const known = TINTS.find((each) => each.value === tint);
  return (
    <span
      title={`Tagged ${known?.text.toLowerCase()}`}
      className="mr-1.5 inline-block size-2.5 rounded-full border border-line align-baseline"
      style={{ background: known?.color }}
    >
      <span className="sr-only">Marked {known?.text.toLowerCase()}</span>
    </span>
  );
}
