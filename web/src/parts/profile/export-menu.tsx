import { useQuery } from '@tanstack/react-query';
import { Download } from 'lucide-react';
import { DropdownMenu } from 'radix-ui';
import { useState } from 'react';
import { answer, api } from '#/api/client';
import { Button } from '#/ui/button';

/** Any revision of the profile as a GDTF file. */
export function ExportMenu({ profileId }: { profileId: string }) {
  const [open, setOpen] = useState(false);
  const { data, error } = useQuery({
    queryKey: ['revisions', profileId],
    queryFn: () => answer(api.GET('/api/profiles/{profileId}/revisions', { params: { path: { profileId } } })),
    enabled: open,
  });
  return (
    <DropdownMenu.Root open={open} onOpenChange={setOpen}>
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
          className="z-50 max-h-96 w-80 overflow-y-auto rounded-lg border border-line bg-panel p-1.5 text-text shadow-2xl"
        >
          <DropdownMenu.Label className="px-2.5 py-1.5 text-xs text-muted">Export as GDTF</DropdownMenu.Label>
          {error && <p className="px-2.5 py-1.5 text-sm text-error">{error.message}</p>}
          {data?.map((revision) => (
            <DropdownMenu.Item
              key={revision.number}
              asChild
              className="block rounded-md px-2.5 py-2 outline-none data-[highlighted]:bg-raised"
            >
              <a href={`/api/profiles/${profileId}/revisions/${revision.number}/file`} download>
                <span className="font-semibold">Revision {revision.number}</span>
                <span className="block truncate text-sm text-muted" title={revision.summary}>
                  {revision.summary}, {revision.author}
                </span>
                {revision.leftBehind.length > 0 && <span className="block text-sm text-muted">{revision.leftBehind.join(' ')}</span>}
              </a>
            </DropdownMenu.Item>
          ))}
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
  );
}
