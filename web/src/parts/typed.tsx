import { useId, useState } from 'react';

/** A value that is typed where it stands: sent on Enter or when it is left, back on Escape; a refusal is said below it, and what was typed stays. */
export function Typed({ label, value, width = 'w-16', mono = true, assumed = false, onSend }: { label: string; value: string; width?: string; mono?: boolean; assumed?: boolean; onSend: (text: string) => Promise<string | null> | string }) {
  const id = useId();
  const [refusal, setRefusal] = useState<string | null>(null);
  async function send(input: HTMLInputElement) {
    const text = input.value.trim();
    if (text === value) return setRefusal(null);
    setRefusal(await onSend(text));
  }
  return (
    <span className={`relative inline-block ${width}`}>
      <input
        id={id}
        key={value}
        aria-label={label}
        title={label}
        defaultValue={value}
        aria-invalid={refusal !== null || undefined}
        aria-describedby={refusal ? `${id}-refusal` : undefined}
        className={`min-h-7 w-full rounded-sm border bg-trough px-1.5 text-sm aria-invalid:border-error ${mono ? 'font-mono' : ''} ${assumed ? 'border-dashed border-warning text-muted' : 'border-line'}`}
        onBlur={(event) => void send(event.currentTarget)}
        onKeyDown={(event) => {
          if (event.key === 'Enter') {
            event.preventDefault(); // a form around it is not sent by that
            void send(event.currentTarget);
          }
          if (event.key === 'Escape') {
            event.currentTarget.value = value;
            setRefusal(null);
            event.currentTarget.blur();
          }
        }}
      />
      {refusal && (
        <span id={`${id}-refusal`} role="alert" className="absolute top-full left-0 z-30 mt-0.5 w-56 rounded-md border border-error bg-raised px-2 py-1.5 text-xs text-error shadow-lg">
          {refusal}
        </span>
      )}
    </span>
  );
}
