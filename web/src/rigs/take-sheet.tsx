import { keepPreviousData, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { answer, api } from '#/api/client';
import type { Rig, SheetDecision, SheetReading } from '#/api/types';
import { withFileAnd } from '#/api/with-file';
import { Button } from '#/ui/button';
import { Choice } from '#/ui/choice';
import { counted } from '#/ui/counted';
import { Modal } from '#/ui/modal';
import { Refusal } from '#/ui/refusal';
import { tell } from '#/ui/toast';
import { Waiting } from '#/ui/waiting';
import { rigQuery } from './rig-query';
import { SheetChoice } from './sheet-choice';
import { isAbout, SheetKinds } from './sheet-kinds';

type How = { decisions: SheetDecision[]; twice: 'LEAVE_OUT' | 'RENUMBER' };
type Kind = SheetReading['kinds'][number];

/** A patch sheet of somebody else: shown with what the library has for it, decided kind by kind, then taken. */
export function TakeSheet({ rig, onClose }: { rig: Rig; onClose: () => void }) {
  const [file, setFile] = useState<File | null>(null);
  return (
    <Modal
      open
      onClose={onClose}
      size={file ? 'large' : 'wide'}
      title={file ? file.name : 'Import a patch sheet'}
      description={
        file
          ? 'What the sheet says and what the library has for it. Nothing is changed yet.'
          : 'Columns are known by their words and by what stands in them: id, name, fixture, mode, universe, address. Addresses may be 2.1, 2/1 or absolute.'
      }
    >
      {file ? (
        <Reading rig={rig} file={file} onOther={() => setFile(null)} onClose={onClose} />
      ) : (
        <SheetChoice example={'Id\tFixture\tMode\tAddress\n201\tPetrel Spot\tExtended\t2.1'} onFile={setFile} />
      )}
    </Modal>
  );
}

function Reading({ rig, file, onOther, onClose }: { rig: Rig; file: File; onOther: () => void; onClose: () => void }) {
  const queryClient = useQueryClient();
  const [how, setHow] = useState<How>({ decisions: [], twice: 'RENUMBER' });
  const asked = useQuery({
    queryKey: ['rig', rig.id, 'sheet', rig.version, file, file.name, file.lastModified, file.size, how],
    queryFn: () => answer(api.POST('/api/rigs/{rigId}/sheet-reading', { params: { path: { rigId: rig.id } }, ...withFileAnd(file, how) })),
    placeholderData: keepPreviousData,
    retry: false,
  });
  const take = useMutation({
    mutationFn: () =>
      answer(api.POST('/api/rigs/{rigId}/sheet-taking', { params: { path: { rigId: rig.id } }, ...withFileAnd(file, how) })),
    onSuccess: (after) => {
      queryClient.setQueryData(rigQuery(rig.id).queryKey, after);
      tell(`${counted(asked.data?.count ?? 0, 'unit', 'units')} imported from ${file.name}.`);
      onClose();
    },
  });
  const read = asked.data;
  function decide(kind: Kind, decision: Omit<SheetDecision, 'asked'> | null) {
    const others = how.decisions.filter((each) => !isAbout(each, kind));
    setHow({ ...how, decisions: decision ? [...others, { asked: kind.kind.asked, ...decision }] : others });
  }
  return (
    <>
      {asked.error ? <Refusal says={asked.error.message} /> : <Waiting of={asked} what="The sheet" />}
      {read && (
        <div className="flex min-h-0 flex-col gap-4 overflow-y-auto pr-1 text-sm">
          <p className="text-muted">
            Columns:{' '}
            {Object.entries(read.columns)
              .map(([heading, meaning]) => (heading === meaning ? heading : `${heading} is ${meaning}`))
              .join('; ')}
            .{read.ignored.length > 0 && ` Not read: ${read.ignored.join(', ')}.`}
          </p>
          {read.twice.length > 0 && (
            <div className="flex flex-wrap items-end gap-3">
              <p className="text-warning">
                {`${counted(read.twice.length, 'id is', 'ids are')} in this rig already: ${read.twice.slice(0, 8).join(', ')}${read.twice.length > 8 ? ' …' : ''}`}
              </p>
              <Choice
                label="Units of these ids"
                value={how.twice}
                options={[
                  { value: 'RENUMBER', text: 'get the next numbers' },
                  { value: 'LEAVE_OUT', text: 'are left out' },
                ]}
                onChoose={(to) => setHow({ ...how, twice: to === 'LEAVE_OUT' ? 'LEAVE_OUT' : 'RENUMBER' })}
              />
            </div>
          )}
          <SheetKinds rig={rig} read={read} decisions={how.decisions} decide={decide} />
          <Doubts read={read} />
          <Units read={read} />
        </div>
      )}
      <Refusal says={take.error?.message ?? (read?.refused ? read.refused : null)} />
      <div className="flex items-center justify-end gap-2">
        {read && read.collisions > 0 && (
          <span className="mr-auto text-sm text-error">{`${counted(read.collisions, 'collision', 'collisions')} then, to resolve in the rig.`}</span>
        )}
        <Button onClick={onOther}>Another sheet</Button>
        <Button onClick={onClose}>Cancel</Button>
        <Button main disabled={!read || read.count === 0 || read.refused !== '' || take.isPending} onClick={() => take.mutate()}>
          {read ? `Import ${counted(read.count, 'unit', 'units')}` : 'Import'}
        </Button>
      </div>
    </>
  );
}

function Doubts({ read }: { read: SheetReading }) {
  if (read.doubts.length === 0) return null;
  return (
    <section aria-label="Doubts">
      <h3 className="mb-1 font-semibold text-warning">{counted(read.doubts.length, 'doubt', 'doubts')}</h3>
      <ul>
        {read.doubts.slice(0, 50).map((doubt, index) => (
          <li key={index}>
            <span className="text-muted">{doubt.place}: </span>
            {doubt.says}
          </li>
        ))}
      </ul>
    </section>
  );
}

function Units({ read }: { read: SheetReading }) {
  return (
    <section aria-label="Units of the sheet">
      <h3 className="mb-1 font-semibold">{counted(read.count, 'unit', 'units')}</h3>
      <table className="w-full text-left">
        <thead className="text-xs text-muted">
          <tr>
            {['Id', 'Name', 'Asked for', 'Becomes', 'Address'].map((heading) => (
              <th key={heading} scope="col" className="py-1 pr-3 font-normal">
                {heading}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {read.units.map((unit, index) => (
            <tr key={index} className="border-t border-line">
              <td className="pr-3 font-mono">{unit.id}</td>
              <td className="pr-3">{unit.name}</td>
              <td className="pr-3 text-muted">{unit.asked}</td>
              <td className="pr-3">{unit.found}</td>
              <td className="font-mono">{unit.address}</td>
            </tr>
          ))}
        </tbody>
      </table>
      {read.count > read.units.length && <p className="text-muted">{`and ${read.count - read.units.length} more`}</p>}
    </section>
  );
}
