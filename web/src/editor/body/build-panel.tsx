import { Hammer } from 'lucide-react';
import { useState } from 'react';
import type { Body, Edit } from '#/api/types';
import { PanelForm } from '#/editor/kit/panel-form';
import { Choice } from '#/ui/choice';
import { PanelButton } from '#/ui/panel-button';
import { NumberField } from '#/ui/number-field';

type Template = Extract<Edit, { type: 'layBody' }>['template'];
const TEMPLATES: { value: Template; text: string; celled: boolean; size: [string, string, string] }[] = [
  { value: 'STATIC', text: 'Static fixture', celled: false, size: ['0.3', '0.3', '0.4'] },
  { value: 'MOVING_HEAD', text: 'Moving head with yoke', celled: false, size: ['0.4', '0.35', '0.65'] },
  { value: 'MIRROR_SCANNER', text: 'Mirror scanner', celled: false, size: ['0.3', '0.7', '0.25'] },
  { value: 'BATTEN', text: 'Batten of cells', celled: true, size: ['1', '0.1', '0.15'] },
  { value: 'PANEL', text: 'Panel of cells', celled: true, size: ['0.5', '0.5', '0.1'] },
  { value: 'RING', text: 'Ring of cells', celled: true, size: ['0.5', '0.5', '0.1'] },
  { value: 'STRIP_LIGHT', text: 'Strip light', celled: false, size: ['1', '0.1', '0.12'] },
  { value: 'BLINDER', text: 'Blinder', celled: true, size: ['0.5', '0.5', '0.2'] },
  { value: 'MACHINE', text: 'Machine without light', celled: false, size: ['0.5', '0.35', '0.3'] },
];

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
  const [template, setTemplate] = useState<Template>(first);
  const chosen = TEMPLATES.find((each) => each.value === template);
  const [size, setSize] = useState<[string, string, string]>(TEMPLATES.find((each) => each.value === first)?.size ?? ['', '', '']);
  const [cells, setCells] = useState(String(body.cells[0]?.numbers.length ?? 10));
  const [columns, setColumns] = useState('5');
  const [spacing, setSpacing] = useState('1');
  const celled = chosen?.celled ?? false;
  const grid = template === 'PANEL' || template === 'BLINDER';

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
    <NumberField
      label={label}
      value={size[index]}
      onChange={(to) => setSize(size.map((each, i) => (i === index ? to : each)) as typeof size)}
    />
  );
  return (
    <PanelForm submit="Build" toEdit={toEdit} close={close}>
      <Choice
        label="Template"
        value={template}
        options={TEMPLATES}
        onChoose={(to) => {
          setTemplate(to as Template);
          setSize(TEMPLATES.find((each) => each.value === to)?.size ?? size);
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
