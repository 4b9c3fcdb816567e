import { answer, api } from '#/api/client';
import { Problem } from '#/api/problem';
import type { BodyPart } from '#/api/types';
import { EditField } from '#/editor/kit/edit-field';

/** Which pin of a connector leads to which pin of another one. */
export function Pins({ part }: { part: BodyPart }) {
  async function toEdit(text: string) {
    try {
      return await answer(api.POST('/api/written-pins', { body: { part: part.name, text } }));
    } catch (refused) {
      return refused instanceof Problem ? refused.message : 'The pins could not be read; try again.';
    }
  }
  return (
    <EditField
      label="Pins, separated by commas"
      showLabel
      mono
      value={part.pins}
      placeholder="1 -> DMX out 1, 2 -> DMX out 2"
      toEdit={toEdit}
    />
  );
}
