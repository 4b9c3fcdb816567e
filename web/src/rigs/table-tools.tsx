import { Columns3, ListFilter } from 'lucide-react';
import type { Rig } from '#/api/types';
import { Button } from '#/ui/button';
import { Check } from '#/ui/check';
import { Choice } from '#/ui/choice';
import { counted } from '#/ui/counted';
import { PanelButton } from '#/ui/panel-button';
import { COLUMNS, hiddenColumns } from './unit-columns';
import type { Rows, Show } from './use-rows';

const SHOWN: { value: Show; text: string }[] = [
  { value: 'all', text: 'All units' },
  { value: 'addressed', text: 'With an address' },
  { value: 'unaddressed', text: 'Without an address' },
  { value: 'problems', text: 'With problems' },
  { value: 'differing', text: 'Differing from their profile' },
];
const ANY = '\u0000';

/** What of the table is shown: words, filters, columns. */
export function TableTools({ rig, rows }: { rig: Rig; rows: Rows }) {
  const { filter, change } = rows;
  return (
    <div className="flex flex-wrap items-center gap-x-3 gap-y-1 px-4 py-1.5">
      <h2 className="text-sm font-semibold">Units</h2>
      <input
        aria-label="Filter units"
        value={filter.words}
        placeholder="Filter by id, name, fixture, position or 2."
        className="min-h-8 w-72 max-w-full rounded-md border border-edge bg-trough px-2.5 text-sm"
        onChange={(event) => change({ words: event.currentTarget.value })}
      />
      <PanelButton text="Filters" icon={<ListFilter size={15} aria-hidden />} title="Which units are shown">
        {() => <Filters rig={rig} rows={rows} />}
      </PanelButton>
      <PanelButton text="Columns" icon={<Columns3 size={15} aria-hidden />} title="Which columns are shown" width="w-56">
        {() => <ColumnChoice />}
      </PanelButton>
      <span className="text-sm text-muted" role="status">
        {rows.isFiltered ? `${rows.shown.length} of ${rig.units.length}` : counted(rows.shown.length, 'unit', 'units')}
      </span>
      {rows.isFiltered && (
        <Button quiet onClick={rows.everything}>
          Show all
        </Button>
      )}
    </div>
  );
}

function Filters({ rig, rows }: { rig: Rig; rows: Rows }) {
  const { filter, change } = rows;
  const kinds = rig.kinds.map((kind, index) => ({ value: String(index), text: kind.model ? `${kind.model}, ${kind.mode}` : 'No profile' }));
  return (
    <div className="grid grid-cols-2 gap-3">
      <div className="col-span-2">
        <Choice
          label="Show"
          value={filter.show}
          options={SHOWN}
          onChoose={(to) => change({ show: SHOWN.find((each) => each.value === to)?.value ?? 'all' })}
        />
      </div>
      <OneOf label="Fixture" all={kinds} chosen={filter.kind?.toString() ?? null} onChoose={(to) => change({ kind: number(to) })} />
      <OneOf
        label="Universe"
        all={rig.universes.map(({ universe, facts }) => ({
          value: String(universe),
          text: facts?.name ? `${universe}, ${facts.name}` : String(universe),
        }))}
        chosen={filter.universe?.toString() ?? null}
        onChoose={(to) => change({ universe: number(to) })}
      />
      <OneOf
        label="Layer"
        all={values(rig.units.map((unit) => unit.layer))}
        chosen={filter.layer}
        onChoose={(layer) => change({ layer })}
      />
      <OneOf
        label="Group"
        all={values(rig.units.flatMap((unit) => unit.groups))}
        chosen={filter.group}
        onChoose={(group) => change({ group })}
      />
      <OneOf
        label="Colour tag"
        all={values(rig.units.map((unit) => unit.colour))}
        chosen={filter.colour}
        onChoose={(colour) => change({ colour })}
      />
    </div>
  );
}

function number(text: string | null) {
  return text === null ? null : Number(text);
}

function values(all: string[]) {
  return [...new Set(all.filter((each) => each !== ''))].toSorted().map((each) => ({ value: each, text: each }));
}

function OneOf({
  label,
  all,
  chosen,
  onChoose,
}: {
  label: string;
  all: { value: string; text: string }[];
  chosen: string | null;
  onChoose: (to: string | null) => void;
}) {
  return (
    <Choice
      label={label}
      value={chosen ?? ANY}
      options={[{ value: ANY, text: 'Any' }, ...all]}
      onChoose={(to) => onChoose(to === ANY ? null : to)}
    />
  );
}

function ColumnChoice() {
  const hidden = hiddenColumns.use();
  return (
    <div className="flex flex-col gap-1.5">
      {COLUMNS.filter((column) => column.key !== 'id').map(({ key, heading }) => (
        <Check
          key={key}
          checked={!hidden.includes(key)}
          onChange={(to) => hiddenColumns.set(to ? hidden.filter((each) => each !== key) : [...hidden, key])}
        >
          {heading}
        </Check>
      ))}
    </div>
  );
}
