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
}: {
  label: string;
  value: string;
  options: { value: string; text: string }[];
  placeholder?: string;
  onChoose: (value: string) => void;
}) {
  const id = useId();
  const known = value === '' || options.some((option) => option.value === value) ? options : [{ value, text: value }, ...options];
  return (
    <div className="flex flex-col gap-0.5">
      <span id={id} className="text-xs text-muted">
        {label}
      </span>
      <Select.Root value={value} onValueChange={onChoose}>
        <Select.Trigger
          aria-labelledby={id}
          className="inline-flex min-h-8 min-w-24 items-center justify-between gap-2 rounded-sm border border-line bg-trough px-2 text-sm hover:border-muted"
        >
          <Select.Value placeholder={placeholder} />
          <Select.Icon>
            <ChevronDown size={14} aria-hidden />
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
