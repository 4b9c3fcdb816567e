import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Network } from 'lucide-react';
import { Popover } from 'radix-ui';
import { useId, useState } from 'react';
import { answer, api } from '#/api/client';
import { Button } from '#/ui/button';
import { Panel } from '#/ui/panel';
import { Refusal } from '#/ui/refusal';
import { addressesQuery } from './bench-query';

/** Where the house lets DMX go, beside this machine itself. */
export function AllowedAddresses() {
  const [open, setOpen] = useState(false);
  return (
    <Popover.Root open={open} onOpenChange={setOpen}>
      <Popover.Trigger asChild>
        <Button>
          <Network size={16} aria-hidden />
          Addresses
        </Button>
      </Popover.Trigger>
      <Panel title="Addresses that DMX may go to" align="end" width="w-96">
        <Form onDone={() => setOpen(false)} />
      </Panel>
    </Popover.Root>
  );
}

function Form({ onDone }: { onDone: () => void }) {
  const { data } = useQuery(addressesQuery);
  const [typed, setTyped] = useState<string | null>(null);
  const id = useId();
  const queryClient = useQueryClient();
  const save = useMutation({
    mutationFn: (addresses: string[]) => answer(api.PUT('/api/output-addresses', { body: { addresses } })),
    onSuccess: (addresses) => {
      queryClient.setQueryData(addressesQuery.queryKey, addresses);
      onDone();
    },
  });
  const text = typed ?? data?.join('\n') ?? '';
  return (
    <form
      className="flex flex-col gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        save.mutate(text.split(/\s+/).filter((each) => each !== ''));
      }}
    >
      <label htmlFor={id} className="text-sm text-muted">
        This machine is always allowed. One address a line, such as 10.0.0.7; the word multicast allows sACN multicast.
      </label>
      <textarea
        id={id}
        rows={4}
        value={text}
        onChange={(event) => setTyped(event.currentTarget.value)}
        className="rounded-md border border-edge bg-trough px-3 py-2 font-mono text-sm"
      />
      <Refusal says={save.error?.message} />
      <div className="flex justify-end">
        <Button main type="submit" disabled={data === undefined || save.isPending}>
          Save
        </Button>
      </div>
    </form>
  );
}
