import { Plus, X } from 'lucide-react';
import { Button } from '#/ui/button';

/** A column; of its choices the first one stands for an empty field. */
export type Column = { label: string; width: string; placeholder: string; choices?: readonly string[] };

const SEPARATOR = ';';
const FIELD = 'min-h-8 w-full rounded-sm border border-edge bg-trough px-2 font-mono text-sm text-text';

/** Lines of text as a table: a row for each, a field for each part of it. What a line holds beyond the columns stays in its last field. */
export function Rows({
  title,
  one,
  columns,
  value,
  onChange,
}: {
  title: string;
  /** What a row is, for its buttons. */
  one: string;
  columns: readonly Column[];
  value: string;
  onChange: (to: string) => void;
}) {
  const rows = value === '' ? [] : value.split('\n').map((line) => cellsOf(line, columns.length));
  const send = (next: string[][]) => onChange(next.map((cells) => cells.join(`${SEPARATOR} `)).join('\n'));
  const put = (row: number, column: number, text: string) =>
    send(rows.map((cells, at) => (at === row ? cells.map((cell, i) => (i === column ? text.replaceAll(SEPARATOR, ',') : cell)) : cells)));
  return (
    <fieldset className="min-w-0">
      <legend className="mb-1 text-sm font-semibold">{title}</legend>
      {rows.length > 0 && (
        <table className="text-left">
          <thead className="text-xs text-muted">
            <tr>
              {columns.map((column) => (
                <th key={column.label} scope="col" className="pr-1.5 font-normal">
                  {column.label}
                </th>
              ))}
              <td />
            </tr>
          </thead>
          <tbody>
            {rows.map((cells, row) => (
              <tr key={row}>
                {columns.map((column, at) => (
                  <td key={column.label} className={`pr-1.5 pb-1 ${column.width}`}>
                    {column.choices ? (
                      <select
                        aria-label={`${column.label}, ${one} ${row + 1}`}
                        value={cells[at]}
                        onChange={(event) => put(row, at, event.currentTarget.value)}
                        className={FIELD}
                      >
                        {column.choices.map((choice) => (
                          <option key={choice}>{choice}</option>
                        ))}
                      </select>
                    ) : (
                      <input
                        aria-label={`${column.label}, ${one} ${row + 1}`}
                        value={cells[at]}
                        placeholder={column.placeholder}
                        onChange={(event) => put(row, at, event.currentTarget.value)}
                        className={FIELD}
                      />
                    )}
                  </td>
                ))}
                <td className="pb-1">
                  <button
                    type="button"
                    aria-label={`Remove ${one} ${row + 1}`}
                    onClick={() => send(rows.filter((_, i) => i !== row))}
                    className="grid size-8 place-items-center rounded-sm text-muted hover:text-text"
                  >
                    <X size={14} aria-hidden />
                  </button>
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      <Button quiet onClick={() => send([...rows, columns.map(() => '')])}>
        <Plus size={14} aria-hidden /> {`Add ${one}`}
      </Button>
    </fieldset>
  );
}

/** A line's parts, as many as there are columns. */
function cellsOf(line: string, columns: number) {
  const cells = line.split(SEPARATOR).map((cell) => cell.replace(/^ /, ''));
  const more = cells.splice(columns).map((cell) => `${SEPARATOR} ${cell}`);
  const last = cells.length - 1;
  return Array.from({ length: columns }, (_, i) => (i === last && more.length > 0 ? (cells[i] ?? '') + more.join('') : (cells[i] ?? '')));
}
