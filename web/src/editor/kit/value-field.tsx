import type { ComponentProps } from 'react';
import type { Edit } from '#/api/types';
import { EditField } from './edit-field';
import { typedValue, useValueForm, written } from './value-form';

/** A DMX value of the document, in the notation that is chosen. `null` is a value that is not there; emptying the field takes it away. */
export function ValueField({
  raw,
  bytes,
  toEdit,
  toNone,
  ...rest
}: Omit<ComponentProps<typeof EditField>, 'value' | 'toEdit'> & {
  raw: number | null;
  bytes: number;
  toEdit: (raw: number) => Edit;
  toNone?: () => Edit;
}) {
  const form = useValueForm();
  return (
    <EditField
      {...rest}
      mono
      value={raw === null ? (rest.word === undefined ? 'none' : '–') : written(raw, bytes, form)}
      toEdit={(text) => (toNone && (text === '' || text === 'none' || text === '–') ? toNone() : typedValue(text, bytes, form, toEdit))}
    />
  );
}
