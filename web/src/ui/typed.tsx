import { useEffect, useId, useRef, useState } from 'react';
import { tell } from './toast';

/** How a value looks before it is touched: as text, as a field, as a field whose value nobody stated, or as a fact in a line of them. */
type Look = 'text' | 'field' | 'assumed' | 'fact';

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
  autoFocus?: boolean;
  /** Of a fact: the short word before the value; the label says it in full. */
  word?: string;
};

const LOOKS: Record<Look, string> = {
  text: 'border-transparent bg-transparent hover:border-edge hover:bg-trough focus:border-edge focus:bg-trough',
  field: 'border-edge bg-trough',
  assumed: 'border-dashed border-warning bg-trough text-muted',
  fact: 'border-transparent bg-transparent px-0.5 group-hover:border-edge group-hover:bg-trough focus:border-edge focus:bg-trough',
};

/** How a fact sits in its line, typed or chosen. */
const FACT = 'gap-1 rounded-sm px-1 text-sm';

/**
 * A value that is typed where it stands. It is sent on Enter or when the field is left, and goes back on Escape; another Escape leaves the field. What is typed stays whatever
 * happens to the value meanwhile; a refusal is said under the field. A field that scrolls away sends what it holds.
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
  autoFocus,
  word,
}: TypedProps & { onSend: (text: string) => Promise<string | null> | string | null }) {
  const id = useId();
  /** What was typed and is not yet taken; null while the value itself is shown. */
  const [typed, setTyped] = useState<string | null>(null);
  const [sending, setSending] = useState(false);
  const [refusal, setRefusal] = useState<string | null>(null);
  const lastSent = useRef<string | null>(null);

  function back() {
    setTyped(null);
    setRefusal(null);
    lastSent.current = null;
  }

  async function commit() {
    const text = typed?.trim();
    if (text === undefined || text === value) return back();
    if (text === lastSent.current) return; // it is under way, was refused as it stands, or was taken just now
    lastSent.current = text;
    setSending(true);
    const refused = await onSend(text);
    setSending(false);
    setRefusal(refused);
    if (refused === null) setTyped((now) => (now?.trim() === text ? null : now)); // what was typed on meanwhile stays
  }

  const leaving = useRef<() => void>(() => undefined);
  useEffect(() => {
    leaving.current = () => {
      const text = typed?.trim();
      if (text === undefined || text === value || text === lastSent.current) return;
      void Promise.resolve(onSend(text)).then((refused) => refused && tell(`${label}, '${text}': ${refused}`, { stays: true }));
    };
  });
  useEffect(() => () => leaving.current(), []);

  return (
    <span
      className={look === 'fact' ? `group relative inline-flex items-center ${FACT}` : `relative flex flex-col gap-0.5 ${width}`}
      title={word && label}
    >
      <label htmlFor={id} className={showLabel ? 'text-xs text-muted' : 'sr-only'}>
        {label}
      </label>
      {word && (
        <span aria-hidden className="text-muted">
          {word}
        </span>
      )}
      <input
        id={id}
        data-key={shortcut}
        data-sends
        data-unsent={typed === null ? undefined : ''}
        value={typed ?? value}
        placeholder={placeholder}
        autoFocus={autoFocus}
        aria-invalid={refusal !== null || undefined}
        aria-busy={sending || undefined}
        aria-describedby={refusal ? `${id}-refusal` : undefined}
        style={
          look === 'fact' ? { width: `${Math.max(2, Math.min(24, (typed ?? (value || placeholder || '')).length) + 1.5)}ch` } : undefined
        }
        className={`${look === 'fact' ? 'h-6.5' : 'min-h-7 w-full px-1.5'} rounded-sm border aria-invalid:border-error ${LOOKS[look]} ${mono ? 'font-mono text-sm' : ''} ${quiet && typed === null ? 'text-muted' : ''}`}
        onChange={(event) => {
          lastSent.current = null;
          setTyped(event.currentTarget.value);
          setRefusal(null);
        }}
        onBlur={() => void commit()}
        onKeyDown={(event) => {
          if (event.key === 'Enter') {
            event.preventDefault(); // a form around it is not sent by that
            void commit();
          }
          if (event.key === 'Escape') {
            if (typed === null) event.currentTarget.blur();
            else event.stopPropagation(); // what it stands in stays open
            back();
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
