import { Download } from 'lucide-react';
import { DropdownMenu } from 'radix-ui';
import { Button } from '#/ui/button';

const SHEETS = [
  { form: 'pdf', order: 'UNIVERSE', text: 'Printed patch by universe', note: 'PDF, with a QR code back to this page' },
  { form: 'pdf', order: 'POSITION', text: 'Printed patch by position', note: 'PDF' },
  { form: 'pdf', order: 'ID', text: 'Printed patch by id', note: 'PDF' },
  { form: 'xlsx', order: 'ID', text: 'Workbook', note: 'XLSX, one row a unit' },
  { form: 'csv', order: 'ID', text: 'Table', note: 'CSV, one row a unit' },
];

/** The patch as a file. */
export function RigSheets({ rigId }: { rigId: string }) {
  const link = encodeURIComponent(`${location.origin}/rigs/${rigId}`);
  return (
    <DropdownMenu.Root>
      <DropdownMenu.Trigger asChild>
        <Button>
          <Download size={16} aria-hidden />
          Export
        </Button>
      </DropdownMenu.Trigger>
      <DropdownMenu.Portal>
        <DropdownMenu.Content
          align="end"
          sideOffset={6}
          className="z-50 w-72 rounded-lg border border-line bg-panel p-1.5 text-text shadow-2xl"
        >
          {SHEETS.map((sheet) => (
            <DropdownMenu.Item key={sheet.text} asChild className="block rounded-md px-2.5 py-2 outline-none data-[highlighted]:bg-raised">
              <a href={`/api/rigs/${rigId}/sheet?form=${sheet.form}&order=${sheet.order}&link=${link}`} download>
                <span className="font-semibold">{sheet.text}</span>
                <span className="block text-sm text-muted">{sheet.note}</span>
              </a>
            </DropdownMenu.Item>
          ))}
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
  );
}
