import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Camera, X } from 'lucide-react';
import { useRef } from 'react';
import { answer, api } from '#/api/client';
import { withFile } from '#/api/with-file';
import { Button } from '#/ui/button';
import { Refusal } from '#/ui/refusal';

/** Photographs that belong to a walk: added, seen, removed. */
export function Photographs({ walkId }: { walkId: string }) {
  const key = ['walk', walkId, 'photos'];
  const params = { path: { id: walkId } };
  const { data } = useQuery({
    queryKey: ['walk', walkId, 'photos'],
    queryFn: () => answer(api.GET('/api/walks/{id}/photos', { params: { path: { id: walkId } } })),
  });
  const chooser = useRef<HTMLInputElement>(null);
  const queryClient = useQueryClient();
  const known = (photos: NonNullable<typeof data>) => queryClient.setQueryData(key, photos);
  const add = useMutation({
    mutationFn: (file: File) => answer(api.POST('/api/walks/{id}/photos', { params, ...withFile(file) })),
    onSuccess: known,
  });
  const remove = useMutation({
    mutationFn: (sha256: string) => answer(api.DELETE('/api/walks/{id}/photos/{sha256}', { params: { path: { id: walkId, sha256 } } })),
    onSuccess: known,
  });
  return (
    <section aria-label="Photographs" className="flex flex-col items-start gap-3">
      <h3 className="font-semibold">Photographs</h3>
      {data && data.length > 0 && (
        <ul className="flex flex-wrap gap-3">
          {data.map((photo) => (
            <li key={photo.sha256} className="relative">
              <a href={`/api/media/${photo.sha256}`} target="_blank" rel="noreferrer">
                <img src={`/api/media/${photo.sha256}?side=320`} alt={photo.name} className="h-36 rounded-md border border-line" />
              </a>
              <Button
                aria-label={`Remove ${photo.name}`}
                onClick={() => remove.mutate(photo.sha256)}
                className="!absolute top-1 right-1 !px-1.5"
              >
                <X size={14} aria-hidden />
              </Button>
            </li>
          ))}
        </ul>
      )}
      <Button onClick={() => chooser.current?.click()} disabled={add.isPending}>
        <Camera size={16} aria-hidden />
        Add photograph
      </Button>
      <input
        ref={chooser}
        type="file"
        aria-label="Photograph"
        accept="image/*"
        className="sr-only"
        tabIndex={-1}
        onChange={(event) => {
          const file = event.currentTarget.files?.[0];
          if (file) add.mutate(file);
          event.currentTarget.value = '';
        }}
      />
      <Refusal says={add.error?.message ?? remove.error?.message} />
    </section>
  );
}
