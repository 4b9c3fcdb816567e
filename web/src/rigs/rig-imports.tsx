import { Upload } from 'lucide-react';
import { useState } from 'react';
import type { Rig } from '#/api/types';
import { MenuButton, MenuLine } from '#/ui/menu-button';
import { TakeSheet } from './take-sheet';
import { WheelSheet } from './wheel-sheet';

/** Sheets that come into a rig: of others, who have patched it, and what a production has ordered for its wheels. */
export function RigImports({ rig }: { rig: Rig }) {
  const [shown, setShown] = useState<'patch' | 'wheels' | null>(null);
  return (
    <>
      <MenuButton text="Import" icon={<Upload size={16} aria-hidden />}>
        <MenuLine text="Patch sheet …" note="CSV or XLSX of anybody, shown before it is taken" onSelect={() => setShown('patch')} />
        <MenuLine
          text="Gobos and colours …"
          note="Makes the production versions of all fixtures in one go"
          onSelect={() => setShown('wheels')}
        />
      </MenuButton>
      {shown === 'patch' && <TakeSheet rig={rig} onClose={() => setShown(null)} />}
      {shown === 'wheels' && <WheelSheet rig={rig} onClose={() => setShown(null)} />}
    </>
  );
}
