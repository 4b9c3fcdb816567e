import { Upload } from 'lucide-react';
import { DropdownMenu } from 'radix-ui';
import { useState } from 'react';
import type { Rig } from '#/api/types';
import { Button } from '#/ui/button';
import { TakeSheet } from './take-sheet';
import { WheelSheet } from './wheel-sheet';

const ITEM = 'block w-full cursor-pointer rounded-md px-2.5 py-2 text-left outline-none data-[highlighted]:bg-raised';

/** Sheets that come into a rig: of others, who have patched it, and what a production has ordered for its wheels. */
export function RigImports({ rig }: { rig: Rig }) {
  const [shown, setShown] = useState<'patch' | 'wheels' | null>(null);
  return (
    <>
      <DropdownMenu.Root>
        <DropdownMenu.Trigger asChild>
          <Button>
            <Upload size={16} aria-hidden />
            Import
          </Button>
        </DropdownMenu.Trigger>
        <DropdownMenu.Portal>
          <DropdownMenu.Content
            align="end"
            sideOffset={6}
            className="z-50 w-72 rounded-lg border border-line bg-panel p-1.5 text-text shadow-2xl"
          >
            <DropdownMenu.Item className={ITEM} onSelect={() => setShown('patch')}>
              <span className="font-semibold">Patch sheet …</span>
              <span className="block text-sm text-muted">CSV or XLSX of anybody, shown before it is taken</span>
            </DropdownMenu.Item>
            <DropdownMenu.Item className={ITEM} onSelect={() => setShown('wheels')}>
              <span className="font-semibold">Gobos and colours …</span>
              <span className="block text-sm text-muted">Makes the production versions of all fixtures in one go</span>
            </DropdownMenu.Item>
          </DropdownMenu.Content>
        </DropdownMenu.Portal>
      </DropdownMenu.Root>
      {shown === 'patch' && <TakeSheet rig={rig} onClose={() => setShown(null)} />}
      {shown === 'wheels' && <WheelSheet rig={rig} onClose={() => setShown(null)} />}
    </>
  );
}
