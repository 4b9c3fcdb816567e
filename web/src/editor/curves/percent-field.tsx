import { useState } from 'react';
import { number } from '#/ui/figures';

/** A share that is typed in percent; sent when it is left or with Enter, put back with Escape. */
export function PercentField({
  label,
  value,
  text,
  onChange,
  onFocus,
}: {
  label: string;
  value: number;
  /** The value as people read it. */
  text: string;
  onChange: (to: number) => void;
  onFocus: () => void;
}) {
  const [typed, setTyped] = useState<string | null>(null);
  function commit() {
    const to = typed === null ? null : number(typed);
    if (to !== null && to >= 0 && to <= 100 && to / 100 !== value) onChange(to / 100);
    setTyped(null);
  }
  return (
    <input
      aria-label={label}
      inputMode="decimal"
      value={typed ?? text}
      onFocus={(event) => {
        event.currentTarget.select();
        onFocus();
      }}
      onChange={(event) => setTyped(event.currentTarget.value)}
      onBlur={commit}
      onKeyDown={(event) => {
        if (event.key === 'Enter') {
          event.preventDefault();
          commit();
        }
        if (event.key === 'Escape' && typed !== null) {
          event.stopPropagation();
          setTyped(null);
        }
      }}
      className="min-h-8 w-20 rounded-sm border border-edge bg-trough px-2 text-right font-mono text-sm"
    />
  );
}
