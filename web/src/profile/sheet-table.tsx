import type { SheetLine } from '#/api/types';
import { counted } from '#/ui/counted';
import { PennantIcon } from '#/parts/channel/pennant-icon';
import { SheetBar } from '#/parts/channel/sheet-bar';

/** The channels of a mode, to read: each with its bar, its functions and named ranges. */
export function SheetTable({ lines }: { lines: SheetLine[] }) {
  return (
    <table className="w-full text-sm">
      <thead className="text-left text-xs text-muted [&_th]:font-normal">
        <tr>
          <th className="w-20 py-1">Address</th>
          <th className="w-52">Channel</th>
          <th>Values</th>
        </tr>
      </thead>
      <tbody>
        {lines.map((line) => (
          <tr key={line.id} className="border-t border-line align-top">
            <td className="py-2 font-mono">{line.virtual ? <span className="font-sans text-muted">virtual</span> : line.addresses}</td>
            <td className="py-2 pr-3">
              <span className="flex items-center gap-2">
                <PennantIcon group={line.group} />
                <span className="font-semibold">{line.pretty}</span>
              </span>
              <span className="block text-xs text-muted">{`${line.part}, ${8 * line.bytes} bit, starts at ${line.start}`}</span>
              {line.cells.length > 0 && (
                <span
                  className="block text-xs text-muted"
                  title={line.cells.join(', ')}
                >{`${counted(line.cells.length, 'cell', 'cells')}, at ${line.cells.slice(0, 5).join(', ')}${line.cells.length > 5 ? ' …' : ''}`}</span>
              )}
            </td>
            <td className="py-2">
              <SheetBar line={line} />
              <ul className="mt-1 flex flex-col gap-0.5">
                {line.functions.map((each, index) => (
                  <li key={index}>
                    <span className="font-mono text-muted">{`${each.from}–${each.to}`}</span> {each.name}
                    {each.meaning !== '' && <span className="text-muted">, {each.meaning}</span>}
                    {each.when !== '' && <span className="text-muted">, {each.when}</span>}
                    {each.parts.length > 0 && (
                      <ul className="mt-0.5 grid grid-cols-[repeat(auto-fill,minmax(15rem,1fr))] gap-x-4 pl-4 text-xs">
                        {each.parts.map((part, at) => (
                          <li
                            key={at}
                            className="truncate"
                            title={[part.name, part.slot, part.meaning].filter((word) => word !== '').join(', ')}
                          >
                            <span className="font-mono text-muted">{part.from === part.to ? part.from : `${part.from}–${part.to}`}</span>{' '}
                            {part.name}
                            {part.meaning !== '' && <span className="text-muted">, {part.meaning}</span>}
                          </li>
                        ))}
                      </ul>
                    )}
                  </li>
                ))}
              </ul>
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
