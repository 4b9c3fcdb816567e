import type { Edit } from '#/api/types';
import { Typed, type TypedProps } from '#/ui/typed';
import { useEditorActions } from './editor-context';

/** One value of the document, changed where it stands. @param toEdit the edit for what was typed, or a sentence on why it is none */
export function EditField({
  toEdit,
  framed,
  ...typed
}: Omit<TypedProps, 'look'> & { toEdit: (text: string) => Edit | string | Promise<Edit | string>; framed?: boolean }) {
  const { edit } = useEditorActions();
  async function send(text: string) {
    const next = await toEdit(text);
    return typeof next === 'string' ? next : edit(next);
  }
  return <Typed {...typed} look={typed.word !== undefined ? 'fact' : (framed ?? typed.showLabel) ? 'field' : 'text'} onSend={send} />;
}
