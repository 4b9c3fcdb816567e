import { useState, type ReactNode } from 'react';
import type { Library } from '#/api/types';
import { useCategories } from '#/api/words';
import { PanelButton } from '#/ui/panel-button';
import { isNarrowed, toggled, withValue, type ListKey } from '#/parts/profile/library-search';
import { ManufacturerFacts } from '#/parts/profile/manufacturer-facts';
import { SavedSearches } from './saved-searches';

const STATES: Record<string, string> = {
  CLEAN: 'Nothing found',
  WARNINGS: 'Warnings',
  ERRORS: 'Errors',
  WITHDRAWN: 'Withdrawn',
  DRAFT: 'Not published yet',
};
const SHELVES: Record<string, string> = { HOUSE: 'House', REFERENCE: 'Reference' };
const FEW = 7;

type Change = (to: URLSearchParams) => void;

/** What the list is narrowed by. Each value says how many profiles there are with it, as everything else stands. */
export function NarrowingPanel({
  library,
  params,
  onChange,
  shown,
}: {
  library: Library;
  params: URLSearchParams;
  onChange: Change;
  /** Whether it is asked for where there is no room for it beside the list. */
  shown: boolean;
}) {
  const { left } = library;
  const categories = Object.fromEntries(useCategories().map((each) => [each.value, each.text]));
  const manufacturers = params.getAll('manufacturer');
  const list = (key: ListKey, label: string, counts: Record<string, number>, words: Record<string, string> = {}) => (
    <Values
      label={label}
      counts={counts}
      words={words}
      chosen={params.getAll(key)}
      onToggle={(value) => onChange(toggled(params, key, value))}
    />
  );
  return (
    <aside
      aria-label="Narrow the list"
      className={`order-first flex w-58 shrink-0 flex-col gap-5 overflow-y-auto border-r border-line bg-panel px-4 py-4 text-sm max-[860px]:w-full ${shown ? '' : 'max-[860px]:hidden'}`}
    >
      <div className="-ml-2 flex flex-wrap items-center">
        <SavedSearches params={params} onChoose={onChange} />
        {isNarrowed(params) && (
          <button
            type="button"
            className="min-h-8 rounded-md px-2 text-kite-text hover:bg-raised"
            onClick={() => onChange(new URLSearchParams([...params].filter(([key]) => key === 'search' || key === 'order')))}
          >
            Show all
          </button>
        )}
      </div>
      {list('shelf', 'Shelf', left.shelves, SHELVES)}
      <div className="empty:hidden">
        {list('manufacturer', 'Manufacturer', left.manufacturers)}
        {manufacturers.map((name) => (
          <div key={name} className="-ml-2">
            <PanelButton text={`About ${name}`} title={`About ${name}`}>
              {(close) => <ManufacturerFacts name={name} onDone={close} />}
            </PanelButton>
          </div>
        ))}
      </div>
      {list('category', 'Category', left.categories, categories)}
      <Group label="Addresses of a mode">
        <div className="flex items-center gap-2">
          <Figure
            label="From"
            value={params.get('footprintFrom') ?? ''}
            onValue={(value) => onChange(withValue(params, 'footprintFrom', value))}
          />
          <span className="text-muted">to</span>
          <Figure
            label="To"
            value={params.get('footprintTo') ?? ''}
            onValue={(value) => onChange(withValue(params, 'footprintTo', value))}
          />
        </div>
      </Group>
      <Either
        label="Cells"
        yes="With cells"
        no="Without"
        counts={left.cells}
        value={params.get('cells') ?? ''}
        onValue={(value) => onChange(withValue(params, 'cells', value))}
      />
      {list('attribute', 'Attributes', left.attributes)}
      {list('state', 'Checks', left.states, STATES)}
      <Either
        label="Proven on the bench"
        yes="Proven"
        no="Not yet"
        counts={left.proven}
        value={params.get('proven') ?? ''}
        onValue={(value) => onChange(withValue(params, 'proven', value))}
      />
      <Group label="Changed since">
        <input
          type="date"
          aria-label="Changed since"
          value={params.get('since') ?? ''}
          onChange={(event) => onChange(withValue(params, 'since', event.currentTarget.value))}
          className="min-h-8 w-full rounded-sm border border-edge bg-trough px-2 font-mono"
        />
      </Group>
    </aside>
  );
}

function Group({ label, children }: { label: string; children: ReactNode }) {
  return (
    <section aria-label={label}>
      <h2 className="mb-1 text-xs font-semibold text-muted">{label}</h2>
      {children}
    </section>
  );
}

/** Values of which several can be chosen; the chosen ones stand even where nothing is left with them. */
function Values({
  label,
  counts,
  words,
  chosen,
  onToggle,
}: {
  label: string;
  counts: Record<string, number>;
  words: Record<string, string>;
  chosen: string[];
  onToggle: (value: string) => void;
}) {
  const [all, setAll] = useState(false);
  const values = [...new Set([...chosen, ...Object.keys(counts)])];
  if (values.length < 2 && chosen.length === 0) return null; // there is nothing to choose from
  const shown = all ? values : values.slice(0, Math.max(FEW, chosen.length));
  return (
    <Group label={label}>
      <ul>
        {shown.map((value) => (
          <li key={value}>
            <label className="flex min-h-7 cursor-pointer items-center gap-2 rounded-sm px-1 hover:bg-raised">
              <input type="checkbox" checked={chosen.includes(value)} onChange={() => onToggle(value)} className="accent-kite-text" />
              <span className="min-w-0 flex-1 truncate" title={words[value] ?? value}>
                {words[value] ?? value}
              </span>
              <span className="font-mono text-xs text-muted">{counts[value] ?? 0}</span>
            </label>
          </li>
        ))}
      </ul>
      {values.length > shown.length && (
        <button type="button" onClick={() => setAll(true)} className="min-h-7 px-1 text-muted underline underline-offset-2 hover:text-text">
          {`and ${values.length - shown.length} more`}
        </button>
      )}
    </Group>
  );
}

function Either({
  label,
  yes,
  no,
  counts,
  value,
  onValue,
}: {
  label: string;
  yes: string;
  no: string;
  counts: Record<string, number>;
  value: string;
  onValue: (value: string) => void;
}) {
  return (
    <Values
      label={label}
      counts={Object.fromEntries(['true', 'false'].filter((each) => each in counts).map((each) => [each, counts[each] ?? 0]))}
      words={{ true: yes, false: no }}
      chosen={value === '' ? [] : [value]}
      onToggle={(chosen) => onValue(chosen === value ? '' : chosen)}
    />
  );
}

function Figure({ label, value, onValue }: { label: string; value: string; onValue: (value: string) => void }) {
  return (
    <input
      aria-label={`${label} addresses`}
      inputMode="numeric"
      maxLength={4}
      value={value}
      onChange={(event) => onValue(event.currentTarget.value.replace(/\D/g, ''))}
      className="min-h-8 w-16 rounded-sm border border-edge bg-trough px-2 text-right font-mono"
    />
  );
}
