import { useId, useState } from 'react';

/** How a value looks before it is touched: as text, as a field, or as a field whose value nobody stated. */
type Look = 'text' | 'field' | 'assumed';

export type TypedProps = {
  label: string;
  value: string;
  mono?: boolean;
  /** The value follows from another one until it is typed here. */
  quiet?: boolean;
  showLabel?: boolean;
  width?: string;
  /** Key that leads here. */
  shortcut?: string | undefined;
  look?: Look;
  placeholder?: string;
};

const LOOKS: Record<Look, string> = {
  text: 'border-transparent bg-transparent hover:border-line hover:bg-trough focus:border-line focus:bg-trough',
  field: 'border-line bg-trough',
  assumed: 'border-dashed border-warning bg-trough text-muted',
};

/**
 * A value that is typed where it stands. It is sent on Enter or when the field is left, and goes back on Escape; a refusal is said under the
 * field, which keeps what was typed.
 */
export function Typed({
  label,
  value,
  onSend,
  mono = false,
  quiet = false,
  showLabel = false,
  width = 'w-full',
  shortcut,
  look = 'field',
  placeholder,
}: TypedProps & { onSend: (text: string) => Promise<string | null> | string | null }) {
  const id = useId();
  const [refusal, setRefusal] = useState<string | null>(null);

  async function commit(input: HTMLInputElement) {
    const typed = input.value.trim();
    if (typed === value) {
      input.value = value;
      setRefusal(null);
      return;
    }
    setRefusal(await onSend(typed));
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
        className={`min-h-8 w-full rounded-sm border px-1.5 aria-invalid:border-error ${LOOKS[look]} ${mono ? 'font-mono text-sm' : ''} ${quiet ? 'text-muted' : ''}`}
        onBlur={(event) => void commit(event.currentTarget)}
        onKeyDown={(event) => {
          if (event.key === 'Enter') {
            event.preventDefault(); // a form around it is not sent by that
            event.currentTarget.blur();
          }
          if (event.key === 'Escape') {
            event.currentTarget.value = value;
            setRefusal(null);
            event.currentTarget.blur();
          }
        }}
      />
      {refusal && (
        <span
          id={`${id}-refusal`}
          role="alert"
          className="absolute top-full left-0 z-30 mt-0.5 w-64 rounded-md border border-error bg-raised px-2 py-1.5 text-xs font-normal text-error shadow-lg"
        >
          {refusal}
        </span>
      )}
    </span>
  );
}
