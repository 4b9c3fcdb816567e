import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Paperclip } from 'lucide-react';
import { useRef } from 'react';
import { answer, api } from '#/api/client';
import { withFile } from '#/api/with-file';
import { Button } from '#/ui/button';
import { Refusal } from '#/ui/refusal';
import { Waiting } from '#/ui/waiting';

/** Charts and photographs that the profile was written from. */
export function ProfileSources({ profileId }: { profileId: string }) {
  const queryClient = useQueryClient();
  const queryKey = ['sources', profileId];
  const asked = useQuery({
    queryKey,
    queryFn: () => answer(api.GET('/api/profiles/{profileId}/sources', { params: { path: { profileId } } })),
  });
  const { data } = asked;
  const chooser = useRef<HTMLInputElement>(null);
  const add = useMutation({
    mutationFn: (file: File) =>
      answer(api.POST('/api/profiles/{profileId}/sources', { params: { path: { profileId } }, ...withFile(file) })),
    onSuccess: (sources) => queryClient.setQueryData(queryKey, sources),
  });
  return (
    <section aria-label="Sources">
      <h2 className="mb-1 text-xs font-semibold text-muted">Sources</h2>
      <Waiting of={asked} what="The sources" />
      {data?.length === 0 && <p className="text-sm text-muted">No chart and no photograph yet.</p>}
      <ul className="flex flex-col gap-1 text-sm">
        {data?.map((source) => (
          <li key={source.name} className="flex items-center gap-1.5">
            <Paperclip size={13} aria-hidden className="shrink-0 text-muted" />
            <a
              href={`/api/profiles/${profileId}/source?name=${encodeURIComponent(source.name)}`}
              download
              title={`${source.name}, from ${source.addedBy}`}
              className="truncate underline underline-offset-2"
            >
              {source.name}
            </a>
          </li>
        ))}
      </ul>
      <input
        ref={chooser}
        type="file"
        hidden
        aria-label="A chart or photograph of the fixture"
        accept="application/pdf,image/png,image/jpeg,image/gif"
        onChange={(event) => {
          const file = event.currentTarget.files?.[0];
          if (file) add.mutate(file);
          event.currentTarget.value = '';
        }}
      />
      <Button quiet onClick={() => chooser.current?.click()}>
        Add a chart or photograph
      </Button>
      <Refusal says={add.error?.message} />
    </section>
  );
}
