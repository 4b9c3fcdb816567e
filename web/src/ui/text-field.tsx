import { useId } from 'react';

/** A labelled line of text. */
export function TextField({
  label,
  value,
  onChange,
  error,
  ...rest
}: {
  label: string;
  value: string;
  onChange: (to: string) => void;
  error?: string | null;
  maxLength?: number;
  autoFocus?: boolean;
  placeholder?: string;
}) {
  const id = useId();
  return (
    <div className="flex flex-col gap-1.5">
      <label htmlFor={id} className="text-sm text-muted">
        {label}
      </label>
      <input
        id={id}
        value={value}
        aria-invalid={error ? true : undefined}
        aria-describedby={error ? `${id}-error` : undefined}
        className="min-h-9 rounded-md border border-edge bg-trough px-3 text-text aria-invalid:border-error"
        onChange={(event) => onChange(event.currentTarget.value)}
        {...rest}
      />
      {error && (
        <p id={`${id}-error`} role="alert" className="text-sm text-error">
          {error}
        </p>
      )}
    </div>
  );
}
