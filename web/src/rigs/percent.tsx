import { Typed } from '#/ui/typed';

/** A share that is typed in percent. */
export function Percent({
  label,
  value,
  onChange,
  empty = '0',
}: {
  label: string;
  value: number | null;
  onChange: (to: number | null) => void;
  /** What an empty field means; null = nothing is said. */
  empty?: string | null;
}) {
  return (
    <Typed
      label={`${label}, %`}
      showLabel
      width="w-20"
      mono
      value={value === null ? '' : percent(value)}
      placeholder="none"
      onSend={(text) => {
        if (text === '' && empty === null) {
          onChange(null);
          return null;
        }
        const typed = Number((text === '' ? empty : text)?.replace(',', '.').replace(/\s*%$/, ''));
        if (!Number.isFinite(typed)) return 'A number of percent, such as 50.';
        onChange(typed / 100);
        return null;
      }}
    />
  );
}

export function percent(share: number) {
  return String(Math.round(share * 10_000) / 100);
}
