import { Select } from 'radix-ui';
import { Check, ChevronDown } from 'lucide-react';
import { useId } from 'react';

/** One of several values, chosen from a list. An empty value is none of them: then `placeholder` stands there. */
export function Choice({
  label,
  value,
  options,
  placeholder,
  onChoose,
  fact = false,
  quiet = false,
}: {
  label: string;
  value: string;
  options: { value: string; text: string }[];
  placeholder?: string;
  onChoose: (value: string) => void;
  /** Whether it stands in a line of facts: its text alone, and its label for those who ask. */
  fact?: boolean;
  /** Whether it is as it usually is. */
  quiet?: boolean;
}) {
  const id = useId();
  const known = value === '' || options.some((option) => option.value === value) ? options : [{ value, text: value }, ...options];
  return (
    <div className={fact ? '' : 'flex flex-col gap-0.5'} title={fact ? label : undefined}>
      <span id={id} className={fact ? 'sr-only' : 'text-xs text-muted'}>
        {label}
      </span>
      <Select.Root value={value} onValueChange={onChoose}>
        <Select.Trigger
          aria-labelledby={id}
          className={
            fact
              ? `inline-flex h-6.5 items-center gap-0.5 rounded-sm border border-transparent px-1 text-sm hover:border-edge hover:bg-trough ${quiet ? 'text-muted' : ''}`
              : 'inline-flex min-h-8 min-w-24 items-center justify-between gap-2 rounded-sm border border-edge bg-trough px-2 text-sm hover:border-muted'
          }
        >
          <Select.Value placeholder={placeholder} />
          <Select.Icon>
            <ChevronDown size={fact ? 12 : 14} className={fact ? 'text-muted' : ''} aria-hidden />
          </Select.Icon>
        </Select.Trigger>
        <Select.Portal>
          <Select.Content
            position="popper"
            sideOffset={4}
            className="z-50 max-h-80 overflow-hidden rounded-md border border-line bg-raised text-text shadow-2xl"
          >
            <Select.Viewport className="p-1">
              {known.map((option) => (
                <Select.Item
                  key={option.value}
                  value={option.value}
                  className="flex min-h-8 cursor-pointer items-center gap-2 rounded-sm px-2 text-sm outline-none data-[highlighted]:bg-ground"
                >
                  <span className="w-4">
                    <Select.ItemIndicator>
                      <Check size={14} aria-hidden />
                    </Select.ItemIndicator>
                  </span>
                  <Select.ItemText>{option.text}</Select.ItemText>
                </Select.Item>
              ))}
            </Select.Viewport>
          </Select.Content>
        </Select.Portal>
      </Select.Root>
    </div>
  );
}
