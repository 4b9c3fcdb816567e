import type { BodyPart, Edit } from '#/api/types';
import { EditField } from '#/editor/kit/edit-field';

const LINE = /^(\d+)\s*(?:->|to|:)\s*(.+?)\s+(\d+)$/;

/** Which pin of a connector leads to which pin of another one: "1 -> DMX out 1", separated by commas. */
export function Pins({ part }: { part: BodyPart }) {
  const written = part.pins.map((each) => `${each.from} -> ${each.connector} ${each.to}`).join(', ');
  function toEdit(text: string): Edit | string {
    const pins = [];
    for (const line of text.split(',').map((each) => each.trim())) {
      if (line === '') continue;
      const found = LINE.exec(line);
      if (!found) return `'${line}' is no pin. Write its number, where it leads and the pin there: 1 -> DMX out 1.`;
      pins.push({ from: Number(found[1]), connector: found[2] ?? '', to: Number(found[3]) });
    }
    return { type: 'setPins', part: part.name, pins };
  }
  return (
    <EditField
      label="Pins, separated by commas"
      showLabel
      mono
      value={written}
      placeholder="1 -> DMX out 1, 2 -> DMX out 2"
      toEdit={toEdit}
    />
  );
}
