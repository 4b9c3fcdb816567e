import { useMutation, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { answer, api } from '#/api/client';
import type { SceneProfile } from '#/api/types';
import { Look } from '#/parts/profile/look';
import { Button, buttonLook } from '#/ui/button';
import { counted } from '#/ui/counted';
import { Modal } from '#/ui/modal';
import { Refusal } from '#/ui/refusal';
import { lookInto } from './use-scene';

/** The profiles that lie in a scene: viewed, imported by themselves, exported. */
export function SceneProfiles({ sceneId }: { sceneId: string }) {
  const [open, setOpen] = useState(false);
  const { data } = useQuery({
    queryKey: ['scene', sceneId, 'profiles'],
    queryFn: () => answer(api.GET('/api/scenes/{id}/profiles', { params: { path: { id: sceneId } } })),
    enabled: open,
    retry: false,
  });
  return (
    <details className="text-sm" onToggle={(event) => setOpen(event.currentTarget.open)}>
      <summary className="cursor-pointer text-muted">Profiles in the file</summary>
      {data && (
        <div className="mt-1 flex flex-col gap-1">
          <p className="flex items-center gap-3 text-muted">
            {counted(data.length, 'profile', 'profiles')}
            {data.length > 0 && (
              <a href={`/api/scenes/${sceneId}/profiles.zip`} download className="underline">
                Export all as ZIP
              </a>
            )}
          </p>
          <ul aria-label="Profiles in the file" className="max-h-48 overflow-y-auto">
            {data.map((each) => (
              <Line key={each.path} sceneId={sceneId} profile={each} />
            ))}
          </ul>
        </div>
      )}
    </details>
  );
}

function Line({ sceneId, profile }: { sceneId: string; profile: SceneProfile }) {
  const [looking, setLooking] = useState(false);
  const params = { path: { id: sceneId }, query: { path: profile.path } };
  const take = useMutation({
    mutationFn: () => answer(api.POST('/api/scenes/{id}/profile/take', { params, headers: { 'Kite-Change': crypto.randomUUID() } })),
  });
  if (profile.flaw) return <li className="border-t border-line py-1 text-error">{profile.flaw}</li>;
  return (
    <li className="flex flex-wrap items-center gap-2 border-t border-line py-1">
      <span className="min-w-0 flex-1 truncate" title={profile.path}>
        {`${profile.manufacturer} ${profile.model} `}
        <span className="text-muted">{counted(profile.modes, 'mode', 'modes')}</span>
      </span>
      <Button quiet onClick={() => setLooking(true)}>
        View
      </Button>
      {take.data ? (
        <Link to={`/profile/${take.data.profileId}`} className="underline">
          {`Imported, revision ${take.data.revision}`}
        </Link>
      ) : (
        <Button quiet disabled={take.isPending} onClick={() => take.mutate()}>
          Import
        </Button>
      )}
      <a
        href={`/api/scenes/${sceneId}/profile/file?path=${encodeURIComponent(profile.path)}`}
        download
        className={buttonLook({ quiet: true })}
      >
        Export
      </a>
      <Refusal says={take.error?.message} />
      <Modal
        open={looking}
        onClose={() => setLooking(false)}
        size="wide"
        title={`${profile.manufacturer} ${profile.model}`}
        description={`${profile.path}, as it lies in the file. Nothing is stored by looking at it.`}
      >
        <Look queryKey={['scene', sceneId, 'look', profile.path]} look={() => lookInto(sceneId, profile.path)} />
      </Modal>
    </li>
  );
}
