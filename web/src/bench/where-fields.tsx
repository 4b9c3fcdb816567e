import { Choice } from '#/ui/choice';
import { TextField } from '#/ui/text-field';
import type { Where } from './where';

/** Fields for where a fixture is. */
export function WhereFields({
  where,
  onChange,
  refused,
  withAddress = true,
}: {
  where: Where;
  onChange: (to: Where) => void;
  /** Why a field was refused, by its name. */
  refused?: { field: string | null; message: string } | null;
  withAddress?: boolean;
}) {
  const why = (field: string) => (refused?.field === field ? refused.message : null);
  return (
    <div className="grid grid-cols-[8rem_minmax(0,1fr)_6rem_6rem] items-start gap-3">
      <div className="[&_button]:min-h-9 [&_div]:gap-1.5 [&_span]:text-sm">
        <Choice
          label="Sent by"
          value={where.protocol}
          options={[
            { value: 'artnet', text: 'Art-Net' },
            { value: 'sacn', text: 'sACN' },
          ]}
          onChoose={(protocol) =>
            onChange({
              ...where,
              protocol: protocol === 'sacn' ? 'sacn' : 'artnet',
              at: where.at.replace(protocol === 'sacn' ? /:6454$/ : /:5568$/, protocol === 'sacn' ? ':5568' : ':6454'),
            })
          }
        />
      </div>
      <TextField label="To" value={where.at} onChange={(at) => onChange({ ...where, at })} maxLength={60} error={why('destination')} />
      <TextField
        label="Universe"
        value={where.universe}
        onChange={(universe) => onChange({ ...where, universe })}
        maxLength={5}
        error={why('universe')}
      />
      {withAddress && (
        <TextField
          label="Address"
          value={where.address}
          onChange={(address) => onChange({ ...where, address })}
          maxLength={3}
          error={why('address')}
        />
      )}
    </div>
  );
}
