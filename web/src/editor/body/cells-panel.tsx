import { useState } from 'react';
import type { Body, Edit } from '#/api/types';
import { useEditorActions } from '#/editor/kit/editor-context';
import { Button } from '#/ui/button';
import { Check } from '#/ui/check';
import { Choice } from '#/ui/choice';
import { NumberField } from '#/ui/number-field';
import { Refusal } from '#/ui/refusal';

type Form = Extract<Edit, { type: 'layCells' }>['layout']['form'];
type Order = Extract<Edit, { type: 'orderCells' }>['order'];

/** Blocks of cells: laid in rows, grids and rings, and numbered. */
export function CellsPanel({ body }: { body: Body }) {
  return (
    <div className="flex flex-col gap-4">
      {body.cells.map((block) => (
        <Block key={block.cell} block={block} />
      ))}
    </div>
  );
}

function Block({ block }: { block: Body['cells'][number] }) {
  const { edit } = useEditorActions();
  const [refusal, setRefusal] = useState<string | null>(null);
  const [form, setForm] = useState<Form>('ROW');
  const [columns, setColumns] = useState('5');
  const [pitch, setPitch] = useState('0.1');
  const [rowPitch, setRowPitch] = useState('0.1');
  const [order, setOrder] = useState<Order>('ROWS');
  const [readdress, setReaddress] = useState(false);
  const number = (text: string) => Number(text.replace(',', '.'));
  const send = async (next: Edit) => setRefusal(await edit(next));
  return (
    <section aria-label={`Cells ${block.cell}`} className="flex flex-col gap-2">
      <h3 className="text-sm font-semibold">{`${block.numbers.length} x ${block.cell}`}</h3>
      <ol className="flex flex-wrap gap-1">
        {block.numbers.map((cell) => (
          <li key={cell.name} title={cell.name} className="rounded-sm border border-line bg-trough px-1.5 font-mono text-xs">
            {cell.number}
            <span className="text-muted"> @{cell.address ?? '-'}</span>
          </li>
        ))}
      </ol>
      <div className="flex flex-wrap items-end gap-2">
        <Choice
          label="Lay as"
          value={form}
          options={[
            { value: 'ROW', text: 'a row' },
            { value: 'GRID', text: 'a grid' },
            { value: 'RING', text: 'a ring' },
          ]}
          onChoose={(to) => setForm(to as Form)}
        />
        {form === 'GRID' && <NumberField label="In a row" value={columns} onChange={setColumns} />}
        <NumberField label="Pitch, m" value={pitch} onChange={setPitch} />
        {form === 'GRID' && <NumberField label="Row pitch, m" value={rowPitch} onChange={setRowPitch} />}
        <Button
          onClick={() =>
            void send({
              type: 'layCells',
              cell: block.cell,
              layout: {
                form,
                columns: form === 'GRID' ? Math.round(number(columns)) || 0 : 1,
                pitch: number(pitch) || 0,
                rowPitch: number(rowPitch) || 0,
              },
            })
          }
        >
          Lay cells
        </Button>
        <span className="w-4" />
        <Choice
          label="Number by"
          value={order}
          options={[
            { value: 'ROWS', text: 'rows' },
            { value: 'COLUMNS', text: 'columns' },
            { value: 'SERPENTINE', text: 'rows, zigzag' },
            { value: 'REVERSED', text: 'the other way' },
          ]}
          onChoose={(to) => setOrder(to as Order)}
        />
        <Check checked={readdress} onChange={setReaddress}>
          Addresses follow
        </Check>
        <Button onClick={() => void send({ type: 'orderCells', cell: block.cell, order, readdress })}>Number cells</Button>
      </div>
      <Refusal says={refusal} />
    </section>
  );
}
