import { Hammer } from 'lucide-react';
import { useState } from 'react';
import type { Body, Edit } from '#/api/types';
import { PanelForm } from '#/editor/kit/panel-form';
import { Choice } from '#/ui/choice';
import { PanelButton } from '#/ui/panel-button';
import { NumberField } from '#/ui/number-field';

type Template = Body['templates'][number];
type Size = [string, string, string];

function sizeOf(template: Template | undefined): Size {
  return template ? [String(template.length), String(template.width), String(template.height)] : ['', '', ''];
}

/** Builds the body of the mode after a template, to a typed size; what is there keeps its name and its channels. */
export function BuildPanel({ body }: { body: Body }) {
  return (
    <PanelButton text="Build …" icon={<Hammer size={14} aria-hidden />} title="Build the body" width="w-88">
      {(close) => <Build body={body} close={close} />}
    </PanelButton>
  );
}

function Build({ body, close }: { body: Body; close: () => void }) {
  const first = body.cells.length > 0 ? 'BATTEN' : body.parts.some((each) => each.kind === 'Axis') ? 'MOVING_HEAD' : 'STATIC';
  const [template, setTemplate] = useState<Template['template']>(first);
  const find = (wanted: string) => body.templates.find((each) => each.template === wanted);
  const chosen = find(template);
  const [size, setSize] = useState<Size>(sizeOf(find(first)));
  const [cells, setCells] = useState(String(body.cells[0]?.numbers.length ?? 10));
  const [columns, setColumns] = useState('5');
  const [spacing, setSpacing] = useState('1');
  const celled = chosen?.celled ?? false;
  const grid = chosen?.columns ?? false;

  function toEdit(): Edit | string {
    const [length, width, height] = size.map((each) => Number(each.replace(',', '.')));
    const numbers = { length: length ?? NaN, width: width ?? NaN, height: height ?? NaN };
    if (Object.values(numbers).some((each) => !Number.isFinite(each))) return 'Type length, width and height in metres.';
    const count = celled ? Number(cells) : 1;
    const across = grid ? Number(columns) : 1;
    const step = celled ? Number(spacing) : 1;
    if (![count, across, step].every((each) => Number.isInteger(each))) return 'Cells are whole numbers.';
    return { type: 'layBody', template, body: body.top, ...numbers, cells: count, columns: across, spacing: step };
  }
  const measure = (index: 0 | 1 | 2, label: string) => (
    <NumberField label={label} value={size[index]} onChange={(to) => setSize(size.map((each, i) => (i === index ? to : each)) as Size)} />
  );
  return (
    <PanelForm submit="Build" toEdit={toEdit} close={close}>
      <Choice
        label="Template"
        value={template}
        options={body.templates.map((each) => ({ value: each.template, text: each.called }))}
        onChoose={(to) => {
          setTemplate(to as Template['template']);
          setSize(sizeOf(find(to)));
        }}
      />
      <div className="flex gap-2">
        {measure(0, 'Length, m')}
        {measure(1, 'Width, m')}
        {measure(2, 'Height, m')}
      </div>
      {celled && body.cells.length === 0 && (
        <div className="flex gap-2">
          <NumberField label="Cells" value={cells} onChange={setCells} />
          {grid && <NumberField label="In a row" value={columns} onChange={setColumns} />}
          <NumberField label="Addresses each" value={spacing} onChange={setSpacing} />
        </div>
      )}
      <p className="text-sm text-muted">
        Length runs from left to right, width from front to back. Parts that are there keep their names, their channels and what they say;
        the template gives them place and shape.
      </p>
    </PanelForm>
  );
}
