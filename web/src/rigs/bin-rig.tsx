import { useMutation, useQueryClient } from '@tanstack/react-query';
import { Trash2 } from 'lucide-react';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { api, done } from '#/api/client';
import type { Rig } from '#/api/types';
import { Button } from '#/ui/button';
import { counted } from '#/ui/counted';
import { Modal } from '#/ui/modal';
import { Refusal } from '#/ui/refusal';
import { rigsQuery } from './rig-query';

/** Puts a rig into the bin, once it was said what goes there. */
export function BinRig({ rig }: { rig: Rig }) {
  const [asking, setAsking] = useState(false);
  const queryClient = useQueryClient();
  const navigate = useNavigate();
  const bin = useMutation({
    mutationFn: () => done(api.DELETE('/api/rigs/{rigId}', { params: { path: { rigId: rig.id } } })),
    onSuccess: async () => {
      await queryClient.invalidateQueries({ queryKey: rigsQuery.queryKey });
      await navigate('/rigs');
    },
  });
  const adjusted = rig.units.filter((unit) => unit.differs.length > 0).length;
  const people = [...new Set(rig.history.map((line) => line.author))];
  return (
    <>
      <Button quiet aria-label="Delete rig" onClick={() => setAsking(true)}>
        <Trash2 size={17} aria-hidden />
      </Button>
      <Modal
        open={asking}
        onClose={() => setAsking(false)}
        title={`Delete '${rig.name}'?`}
        description={`${counted(rig.units.length, 'unit', 'units')}, ${adjusted} of them adjusted; ${people.join(', ')} worked on it. It goes to the bin and can be restored from the list of rigs.`}
      >
        <Refusal says={bin.error?.message} />
        <div className="flex justify-end gap-2">
          <Button onClick={() => setAsking(false)}>Cancel</Button>
          <Button danger disabled={bin.isPending} onClick={() => bin.mutate()}>
            Delete rig
          </Button>
        </div>
      </Modal>
    </>
  );
}
