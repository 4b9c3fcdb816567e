import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { Grid3x3 } from 'lucide-react';
import { useState } from 'react';
import { answer, api } from '#/api/client';
import type { CellPlan, ModeMap } from '#/api/types';
import { Button } from '#/ui/button';
import { Choice } from '#/ui/choice';
import { Modal } from '#/ui/modal';
import { NumberField } from '#/ui/number-field';
import { Refusal } from '#/ui/refusal';
import { TextField } from '#/ui/text-field';
import { calledIn } from '#/editor/kit/called-in';
import { useEditor, useEditorActions } from '#/editor/kit/editor-context';

const ORDERS = [
  { value: 'ROWS', text: 'Row by row' },
  { value: 'COLUMNS', text: 'Column by column' },
  { value: 'SERPENTINE', text: 'Zigzag' },
] as const;

/** Turns shared channels into the channels of a cell that repeats. */
export function CellsDialog({ map }: { map: ModeMap }) {
  const [open, setOpen] = useState(false);
  return (
    <>
      <Button quiet onClick={() => setOpen(true)} disabled={map.channels.length === 0}>
        <Grid3x3 size={15} aria-hidden /> Cells
      </Button>
      {open && <Cells map={map} onClose={() => setOpen(false)} />}
    </>
  );
}

function Cells({ map, onClose }: { map: ModeMap; onClose: () => void }) {
  const { draft } = useEditor();
  const { edit } = useEditorActions();
  const shared = map.channels.filter((channel) => channel.times === 1 && channel.addresses.length > 0);
  const [chosen, setChosen] = useState<number[]>([]);
  const [name, setName] = useState('Cell');
  const [count, setCount] = useState('10');
  const [first, setFirst] = useState('');
  const [spacing, setSpacing] = useState('');
  const [columns, setColumns] = useState('');
  const [pitch, setPitch] = useState('');
  const [order, setOrder] = useState<(typeof ORDERS)[number]['value']>('ROWS');
  const [refusal, setRefusal] = useState<string | null>(null);
  const asked = {
    mode: map.id,
    channels: chosen,
    name,
    count: typedCount(count) ?? 0,
    first: typedCount(first),
    spacing: typedCount(spacing),
    columns: typedCount(columns),
    order,
    pitch,
  };
  const whole = [asked.count, asked.first, asked.spacing, asked.columns].every((each) => each === null || Number.isInteger(each));
  const { data } = useQuery({
    queryKey: ['cells', draft.id, draft.version, asked],
    queryFn: ({ signal }) =>
      answer(api.POST('/api/drafts/{draftId}/cells-preview', { params: { path: { draftId: draft.id } }, body: asked, signal })),
    enabled: whole,
    placeholderData: keepPreviousData,
  });
  const plan = whole ? data : undefined;
  const usual = (text: string, of: number | undefined) => (text === '' && chosen.length > 0 && of !== undefined ? String(of) : text);

  async function make() {
    const unfit = plan ? plan.refusal : 'Type whole numbers.';
    const refused = plan && unfit === '' ? await edit(plan.edit) : unfit;
    setRefusal(refused);
    if (!refused) onClose();
  }

  return (
    <Modal
      size="wide"
      open
      onClose={onClose}
      title="Cells"
      description="Choose the channels that repeat. They move onto a cell of their own; the others stay shared. A cell of another mode is used again by its name."
    >
      <form
        className="flex min-h-0 flex-col gap-4 overflow-y-auto"
        onSubmit={(event) => {
          event.preventDefault();
          void make();
        }}
      >
        <fieldset className="grid grid-cols-3 gap-x-4 gap-y-1">
          <legend className="mb-1 text-xs text-muted col-span-3">Channels of one cell</legend>
          {shared.map((channel) => (
            <label key={channel.id} className="flex items-center gap-2">
              <input
                type="checkbox"
                className="accent-kite-text"
                checked={chosen.includes(channel.id)}
                onChange={(event) =>
                  setChosen(event.currentTarget.checked ? [...chosen, channel.id] : chosen.filter((id) => id !== channel.id))
                }
              />
              {calledIn(channel)}
            </label>
          ))}
          {shared.length === 0 && <p className="text-sm text-muted">Every channel of this mode is in a cell already.</p>}
        </fieldset>
        <div className="flex flex-wrap items-end gap-3">
          <TextField label="Name of a cell" value={name} onChange={setName} maxLength={60} />
          <NumberField label="How many" value={count} onChange={setCount} />
          <NumberField label="First address" value={usual(first, plan?.first)} onChange={setFirst} />
          <NumberField label="Address step" value={usual(spacing, plan?.spacing)} onChange={setSpacing} />
          <NumberField label="Columns" value={usual(columns, plan?.columns)} onChange={setColumns} />
          <NumberField label="Pitch, or length / cells" value={pitch} onChange={setPitch} />
          <Choice
            label="Order"
            value={order}
            options={[...ORDERS]}
            onChoose={(value) => setOrder(ORDERS.find((each) => each.value === value)?.value ?? 'ROWS')}
          />
        </div>
        {plan && plan.cells.length > 1 && <GridPicture plan={plan} />}
        <Refusal says={plan?.refusal || refusal} />
        <div className="flex justify-end">
          <Button main type="submit" disabled={chosen.length === 0}>
            Make cells
          </Button>
        </div>
      </form>
    </Modal>
  );
}

/** The count that stands in a field; null if nothing does, no number if that is none. */
function typedCount(text: string) {
  return text.trim() === '' ? null : /^\d{1,9}$/.test(text.trim()) ? Number(text) : NaN;
}

/** The block as it would stand: each cell with its first address. */
function GridPicture({ plan }: { plan: CellPlan }) {
  return (
    <ol
      aria-label="How the cells stand"
      className="grid max-h-40 shrink-0 justify-start gap-1 overflow-auto font-mono text-xs"
      style={{ gridTemplateColumns: `repeat(${plan.columns}, 2.25rem)` }}
    >
      {plan.cells.map((cell) => (
        <li
          key={cell.address}
          className="grid h-7 place-items-center rounded-sm border border-edge bg-trough"
          style={{ gridColumn: cell.place.column + 1, gridRow: cell.place.row + 1 }}
        >
          {cell.address}
        </li>
      ))}
    </ol>
  );
}
