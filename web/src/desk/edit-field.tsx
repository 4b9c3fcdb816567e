import { useId, useState } from 'react';
import type { Edit } from '../api/types';
import { useDeskActions } from './desk-context';

/**
 * One value of the document, changed where it stands. It is sent on Enter or when the field is left, and goes back on
 * Escape; a refusal is said under the field, which keeps what was typed.
 */
export function EditField({
  label,
  value,
  toEdit,
  mono = false,
  quiet = false,
  showLabel = false,
  width = 'w-full',
  shortcut,
  framed = showLabel,
  placeholder,
}: {
  label: string;
  value: string;
  /** The edit for what was typed, or a sentence on why it is none. */
  toEdit: (text: string) => Edit | string | Promise<Edit | string>;
  mono?: boolean;
  /** The value follows from another one until it is typed here. */
  quiet?: boolean;
  showLabel?: boolean;
  width?: string;
  /** Key of the desk that leads here. */
  shortcut?: string | undefined;
  /** Whether it looks like a field before it is touched. */
  framed?: boolean;
  placeholder?: string;
}) {
  const id = useId();
  const { edit } = useDeskActions();
  const [refusal, setRefusal] = useState<string | null>(null);

  async function commit(input: HTMLInputElement) {
    const typed = input.value.trim();
    if (typed === value) {
      input.value = value;
      setRefusal(null);
      return;
    }
    const next = await toEdit(typed);
    setRefusal(typeof next === 'string' ? next : await edit(next));
  }

  return (
    <span className={`relative flex flex-col gap-0.5 ${width}`}>
      <label htmlFor={id} className={showLabel ? 'text-xs text-muted' : 'sr-only'}>
        {label}
      </label>
      <input
        id={id}
        data-key={shortcut}
        key={value}
        defaultValue={value}
        placeholder={placeholder}
        aria-invalid={refusal !== null || undefined}
        aria-describedby={refusal ? `${id}-refusal` : undefined}
        className={`min-h-8 w-full rounded-sm border border-transparent bg-transparent px-1.5 hover:border-line hover:bg-trough focus:border-line focus:bg-trough aria-invalid:border-error ${framed ? 'border-line bg-trough' : ''} ${mono ? 'font-mono text-sm' : ''} ${quiet ? 'text-muted' : ''}`}
        onBlur={(event) => void commit(event.currentTarget)}
        onKeyDown={(event) => {
          if (event.key === 'Enter') event.currentTarget.blur();
          if (event.key === 'Escape') {
            event.currentTarget.value = value;
            setRefusal(null);
            event.currentTarget.blur();
          }
        }}
      />
      {refusal && (
        <span id={`${id}-refusal`} role="alert" className="absolute top-full left-0 z-20 mt-0.5 w-64 rounded-md border border-error bg-raised px-2 py-1.5 text-xs font-normal text-error shadow-lg">
          {refusal}
        </span>
      )}
    </span>
  );
}
