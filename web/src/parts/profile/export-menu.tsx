import { useQuery } from '@tanstack/react-query';
import { Download } from 'lucide-react';
import { useState } from 'react';
import { answer, api } from '#/api/client';
import { MenuButton, MenuLine } from '#/ui/menu-button';

/** Any revision of the profile as a GDTF file. */
export function ExportMenu({ profileId }: { profileId: string }) {
  const [open, setOpen] = useState(false);
  const { data, error } = useQuery({
    queryKey: ['revisions', profileId],
    queryFn: () => answer(api.GET('/api/profiles/{profileId}/revisions', { params: { path: { profileId } } })),
    enabled: open,
  });
  return (
    <MenuButton text="Export" icon={<Download size={16} aria-hidden />} onOpen={setOpen}>
      <p className="px-2.5 py-1.5 text-xs text-muted">Export as GDTF</p>
      {error && <p className="px-2.5 py-1.5 text-sm text-error">{error.message}</p>}
      {data?.map((revision) => (
        <MenuLine
          key={revision.number}
          href={`/api/profiles/${profileId}/revisions/${revision.number}/file`}
          text={`Revision ${revision.number}`}
          note={
            <>
              <span className="block truncate" title={revision.summary}>
                {revision.summary}, {revision.author}
              </span>
              {revision.leftBehind.length > 0 && <span className="block">{revision.leftBehind.join(' ')}</span>}
            </>
          }
        />
      ))}
    </MenuButton>
  );
}
