import { useQuery } from '@tanstack/react-query';
import { Download } from 'lucide-react';
import { useState } from 'react';
import { answer, api } from '#/api/client';
import type { Rig } from '#/api/types';
import { Button, buttonLook } from '#/ui/button';
import { Check } from '#/ui/check';
import { MenuButton, MenuLine } from '#/ui/menu-button';
import { Modal } from '#/ui/modal';

import { ExportScene } from './export-scene';
import type { UnitSelection } from './use-units';

const SHEETS = [
  { form: 'pdf', order: 'UNIVERSE', text: 'Printed patch by universe', note: 'PDF, with a QR code back to this page' },
  { form: 'pdf', order: 'POSITION', text: 'Printed patch by position', note: 'PDF' },
  { form: 'pdf', order: 'ID', text: 'Printed patch by id', note: 'PDF' },
  { form: 'xlsx', order: 'ID', text: 'Workbook', note: 'XLSX, one row a unit' },
  { form: 'csv', order: 'ID', text: 'Table', note: 'CSV, one row a unit' },
];
type Sheet = (typeof SHEETS)[number];

function addressOf(rigId: string, sheet: Sheet, columns: string[]) {
  const link = encodeURIComponent(`${location.origin}/rigs/${rigId}`);
  const chosen = columns.map((column) => `&columns=${encodeURIComponent(column)}`).join('');
  return `/api/rigs/${rigId}/sheet?form=${sheet.form}&order=${sheet.order}&link=${link}${chosen}`;
}

/** The rig as a file: its patch as a sheet, or the scene. */
export function RigExports({ rig, selection }: { rig: Rig; selection: UnitSelection }) {
  const rigId = rig.id;
  const [choosing, setChoosing] = useState(false);
  const [scene, setScene] = useState(false);
  return (
    <>
      <MenuButton text="Export" icon={<Download size={16} aria-hidden />}>
        {SHEETS.map((sheet) => (
          <MenuLine key={sheet.text} href={addressOf(rigId, sheet, [])} text={sheet.text} note={sheet.note} />
        ))}
        <MenuLine text="Scene …" note="MVR with its profiles: the rig, a layer or the selection" onSelect={() => setScene(true)} />
        <MenuLine href={`/api/rigs/${rigId}/profiles.zip`} text="Profiles" note="ZIP with the pinned revision of each, as GDTF" />
        <MenuLine text="Choose columns …" note="Of any of the sheets" onSelect={() => setChoosing(true)} />
      </MenuButton>
      {scene && <ExportScene rig={rig} selection={selection} onClose={() => setScene(false)} />}
      <Modal open={choosing} onClose={() => setChoosing(false)} size="wide" title="Export with chosen columns">
        <ChosenColumns rigId={rigId} />
      </Modal>
    </>
  );
}

function ChosenColumns({ rigId }: { rigId: string }) {
  const [sheet, setSheet] = useState(SHEETS[0] as Sheet);
  const [left, setLeft] = useState<string[]>([]);
  const { data } = useQuery({ queryKey: ['rig columns'], queryFn: () => answer(api.GET('/api/rig-columns')), staleTime: Infinity });
  const all = (sheet.form === 'pdf' ? data?.print : data?.table) ?? [];
  const chosen = all.filter((column) => !left.includes(column));
  return (
    <>
      <label className="flex flex-col gap-1 text-sm text-muted">
        As
        <select
          value={sheet.text}
          className="min-h-9 rounded-md border border-edge bg-trough px-2 text-text"
          onChange={(event) => setSheet(SHEETS.find((each) => each.text === event.currentTarget.value) ?? sheet)}
        >
          {SHEETS.map((each) => (
            <option key={each.text}>{each.text}</option>
          ))}
        </select>
      </label>
      <div role="group" aria-label="Columns" className="grid grid-cols-3 gap-1.5 overflow-y-auto">
        {all.map((column) => (
          <Check
            key={column}
            checked={!left.includes(column)}
            onChange={(to) => setLeft(to ? left.filter((each) => each !== column) : [...left, column])}
          >
            {column}
          </Check>
        ))}
      </div>
      {sheet.form === 'pdf' && <p className="text-sm text-muted">Address and id are always printed.</p>}
      <div className="flex justify-end">
        {chosen.length === 0 ? (
          <Button main disabled>
            Export
          </Button>
        ) : (
          <a href={addressOf(rigId, sheet, chosen)} download className={buttonLook({ main: true })}>
            Export
          </a>
        )}
      </div>
    </>
  );
}
