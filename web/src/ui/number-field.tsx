import { useId } from 'react';

/** A labelled number that is typed; kept as text until it is used. */
export function NumberField({
  label,
  value,
  onChange,
  autoFocus = false,
}: {
  label: string;
  value: string;
  onChange: (to: string) => void;
  autoFocus?: boolean;
}) {
  const id = useId();
  return (
    <div className="flex flex-col gap-0.5">
      <label htmlFor={id} className="text-xs text-muted">
        {label}
      </label>
      <input
        id={id}
        autoFocus={autoFocus}
        inputMode="numeric"
        value={value}
        onFocus={(event) => event.currentTarget.select()}
        onChange={(event) => onChange(event.currentTarget.value)}
        className="min-h-8 w-24 rounded-sm border border-edge bg-trough px-2 font-mono text-sm"
      />
    </div>
  );
}
