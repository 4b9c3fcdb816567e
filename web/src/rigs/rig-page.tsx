import { useQuery } from '@tanstack/react-query';
import { Redo2, Undo2 } from 'lucide-react';
import { useRef, useState } from 'react';
import { useParams } from 'react-router';
import type { Rig, RigEdit } from '#/api/types';
import { Button } from '#/ui/button';
import { CannotShow } from '#/ui/cannot-show';
import { counted } from '#/ui/counted';
import { tell } from '#/ui/toast';
import { TopLine } from '#/ui/top-line';
import { Trail } from '#/ui/trail';
import { useUndoKeys } from '#/ui/undo-keys';
import { Waiting } from '#/ui/waiting';
import { AddLine, useProposal } from './add-line';
import { AsideUnits } from './aside-units';
import { BinRig } from './bin-rig';
import { GoLive } from './go-live';
import { IdentifyBar } from './identify-bar';
import { Lanes } from './lanes';
import { PointedAt, type Pointed } from './pointed-at';
import { MovingUp } from './moving-up';
import { RigExports } from './rig-exports';
import { RigFacts } from './rig-facts';
import { RigHistory } from './rig-history';
import { RigImports } from './rig-imports';
import { rigQuery, useRigChange, useRigColleagues, type RigChange } from './rig-query';
import { SelectionBar } from './selection-bar';
import { ToResolve } from './to-resolve';
import { UnitPath } from './unit-path';
import { UnitTable } from './unit-table';
import { useRows } from './use-rows';
import { useUnitSelection } from './use-units';

/** A rig: a line that adds units, its universes as lanes, its units as a table, and what has to be resolved. */
export function RigPage() {
  const { rigId = '' } = useParams();
  const asked = useQuery(rigQuery(rigId));
  useRigColleagues(rigId);
  const { data, error, refetch } = asked;
  if (error && !data) return <CannotShow title="This rig cannot be shown" error={error} again={() => void refetch()} />;
  return data ? <Patch key={rigId} rig={data} /> : <Waiting of={asked} what="The rig" />;
}

function Patch({ rig }: { rig: Rig }) {
  const change = useRigChange(rig.id);
  const rows = useRows(rig);
  const selection = useUnitSelection(rows.ordered);
  const [text, setText] = useState('');
  const [identified, setIdentified] = useState<string | null>(null);
  // of one unit all are gone through from there on, of several those alone
  const gone = (selection.selected.length > 1 ? selection.selected : rows.ordered).filter((unit) => unit.addresses.length > 0);
  const pointed = useRef<(at: Pointed) => void>(null);
  const { proposal, current } = useProposal(rig.id, rig.version, text);

  async function send(edit: RigEdit) {
    try {
      await change.mutateAsync({ kind: 'edit', edit });
      return null;
    } catch (refused) {
      return refused instanceof Error ? refused.message : String(refused);
    }
  }
  async function edit(wanted: RigEdit) {
    const refused = await send(wanted);
    if (refused !== null) tell(refused, { stays: true });
  }
  function step(kind: RigChange['kind'] & ('undo' | 'redo')) {
    change.mutate({ kind }, { onError: (refused) => tell(refused.message, { stays: true }) });
  }
  useUndoKeys(
    () => step('undo'),
    () => step('redo'),
  );

  return (
    <>
      <title>{`${rig.name} · Yellow Kite`}</title>
      <TopLine
        trail={
          <Trail places={[{ text: 'Rigs', to: '/rigs' }]} here={rig.name}>
            <span className="truncate text-sm text-muted">
              {rig.production && `${rig.production} · `}
              {counted(rig.units.length, 'unit', 'units')}
            </span>
          </Trail>
        }
      >
        <Button quiet aria-label="Undo my last edit" disabled={!rig.canUndo} onClick={() => step('undo')}>
          <Undo2 size={17} aria-hidden />
        </Button>
        <Button quiet aria-label="Redo" disabled={!rig.canRedo} onClick={() => step('redo')}>
          <Redo2 size={17} aria-hidden />
        </Button>
        <GoLive rig={rig} />
        <RigFacts rig={rig} onSend={send} />
        <RigImports rig={rig} />
        <RigExports rig={rig} selection={selection} />
        <BinRig rig={rig} />
      </TopLine>
      <main className="flex min-h-0 flex-1 max-[860px]:flex-col max-[860px]:overflow-y-auto">
        <div className="flex min-h-0 min-w-0 flex-1 flex-col max-[860px]:flex-none">
          <AddLine rig={rig} text={text} onText={setText} proposal={proposal} current={current} onAdd={send} />
          <Lanes
            rig={rig}
            selection={selection}
            proposal={proposal}
            onEdit={(wanted) => void edit(wanted)}
            onPointAt={(at) => pointed.current?.(at)}
          />
          <PointedAt rig={rig} ref={pointed} />
          <SelectionBar rig={rig} selection={selection} onSend={send} onIdentify={setIdentified} />
          {identified !== null && (
            <IdentifyBar
              key={identified}
              rigId={rig.id}
              units={gone}
              first={identified}
              onSend={send}
              onClose={() => setIdentified(null)}
            />
          )}
          <UnitTable rig={rig} rows={rows} selection={selection} onSend={send} />
        </div>
        <aside
          aria-label="Path, what to resolve, and history"
          className="flex w-80 shrink-0 flex-col overflow-y-auto border-l border-line bg-panel max-[860px]:w-full max-[860px]:overflow-visible max-[860px]:border-t max-[860px]:border-l-0"
        >
          <h2 className="border-b border-line px-4 py-2 text-sm font-semibold">Path</h2>
          <UnitPath key={selection.selected[0]?.uuid ?? 'none'} rig={rig} selection={selection} onSend={send} />
          <h2 className="border-y border-line px-4 py-2 text-sm font-semibold">To resolve</h2>
          <AsideUnits rig={rig} onEdit={(wanted) => void edit(wanted)} />
          <MovingUp rig={rig} onSend={send} />
          <ToResolve rig={rig} selection={selection} onEdit={(wanted) => void edit(wanted)} />
          <h2 className="border-y border-line px-4 py-2 text-sm font-semibold">History</h2>
          <RigHistory rig={rig} />
        </aside>
      </main>
    </>
  );
}
