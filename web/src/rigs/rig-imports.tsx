import { Upload } from 'lucide-react';
import { useRef, useState } from 'react';
import { useSearchParams } from 'react-router';
import type { Rig } from '#/api/types';
import { MenuButton, MenuLine } from '#/ui/menu-button';
import { TakeSheet } from './take-sheet';
import { UpdateRig } from './update-rig';
import { WheelSheet } from './wheel-sheet';

/** What comes into a rig: sheets of others, who have patched it, what a production has ordered for its wheels, and newer scenes. */
export function RigImports({ rig }: { rig: Rig }) {
  const [shown, setShown] = useState<'patch' | 'wheels' | null>(null);
  const [file, setFile] = useState<File | null>(null);
  const [search, setSearch] = useSearchParams();
  const chooser = useRef<HTMLInputElement>(null);
  const scene = file ?? search.get('scene'); // one that waits comes by its address
  function leave() {
    setFile(null);
    if (search.has('scene')) setSearch({}, { replace: true });
  }
  return (
    <>
      <MenuButton text="Import" icon={<Upload size={16} aria-hidden />}>
        <MenuLine
          text="Newer scene …"
          note="An MVR of this show: both sides’ changes are compared, and taken as you decide"
          onSelect={() => chooser.current?.click()}
        />
        <MenuLine text="Patch sheet …" note="CSV or XLSX of anybody, shown before it is taken" onSelect={() => setShown('patch')} />
        <MenuLine
          text="Gobos and colours …"
          note="Makes the production versions of all fixtures in one go"
          onSelect={() => setShown('wheels')}
        />
      </MenuButton>
      <input
        ref={chooser}
        type="file"
        aria-label="Newer scene"
        accept=".mvr"
        className="sr-only"
        tabIndex={-1}
        onChange={(event) => {
          setFile(event.currentTarget.files?.[0] ?? null);
          event.currentTarget.value = '';
        }}
      />
      {shown === 'patch' && <TakeSheet rig={rig} onClose={() => setShown(null)} />}
      {shown === 'wheels' && <WheelSheet rig={rig} onClose={() => setShown(null)} />}
      {scene && <UpdateRig rig={rig} source={scene} onClose={leave} />}
    </>
  );
}
