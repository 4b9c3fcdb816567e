import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { answer, api } from '#/api/client';
import type { ChannelRow, ChannelStencil, Stencil } from '#/api/types';
import { Button } from '#/ui/button';
import { PanelButton } from '#/ui/panel-button';
import { Refusal } from '#/ui/refusal';
import { TextField } from '#/ui/text-field';
import { tell } from '#/ui/toast';
import { useEditor, useEditorActions } from '#/editor/kit/editor-context';
import { ProfilePicker } from '#/parts/profile/profile-picker';
import { Waiting } from '#/ui/waiting';

/** Functions from elsewhere for this channel: from the house's stencils, from a channel of this profile or of any other; and the way to keep this one. */
export function StencilPanel({ channel }: { channel: ChannelRow }) {
  return (
    <PanelButton text="Stencils …" title={`Functions for ${channel.pretty} from elsewhere`} width="w-[26rem]">
      {(close) => <Panel channel={channel} close={close} />}
    </PanelButton>
  );
}

type Place = 'stencils' | 'here' | 'other';
const PLACES: { value: Place; text: string }[] = [
  { value: 'stencils', text: 'Our stencils' },
  { value: 'here', text: 'This profile' },
  { value: 'other', text: 'Another profile' },
];

function Panel({ channel, close }: { channel: ChannelRow; close: () => void }) {
  const { edit } = useEditorActions();
  const [place, setPlace] = useState<Place>('stencils');
  const [refusal, setRefusal] = useState<string | null>(null);
  async function lay(stencil: Stencil) {
    const refused = await edit({ type: 'layStencil', channel: channel.id, stencil });
    setRefusal(refused);
    if (!refused) close();
  }
  return (
    <div className="flex flex-col gap-3">
      <div role="group" aria-label="Where from" className="flex gap-1">
        {PLACES.map((each) => (
          <Button key={each.value} quiet={place !== each.value} aria-pressed={place === each.value} onClick={() => setPlace(each.value)}>
            {each.text}
          </Button>
        ))}
      </div>
      {place === 'stencils' && <Ours onLay={lay} />}
      {place === 'here' && <Here channel={channel} onLay={lay} />}
      {place === 'other' && <Others onLay={lay} />}
      <Refusal says={refusal} />
      <Keep channel={channel} />
    </div>
  );
}

const STENCILS = ['stencils'];

function Ours({ onLay }: { onLay: (stencil: Stencil) => Promise<void> }) {
  const queryClient = useQueryClient();
  const [asked, setAsked] = useState<string | null>(null);
  const kept = useQuery({ queryKey: STENCILS, queryFn: () => answer(api.GET('/api/stencils')) });
  const { data } = kept;
  const remove = useMutation({
    mutationFn: async (id: string) => {
      const sent = await api.DELETE('/api/stencils/{id}', { params: { path: { id } } });
      return sent.response.ok ? true : answer(Promise.resolve(sent));
    },
    onSettled: () => queryClient.invalidateQueries({ queryKey: STENCILS }),
  });
  if (!data) return <Waiting of={kept} what="The stencils" />;
  if (data.length === 0)
    return <p className="text-sm text-muted">The house has no stencil yet. Save this channel below, and it can be applied to any other.</p>;
  return (
    <ul aria-label="Our stencils" className="flex max-h-64 flex-col overflow-y-auto">
      {data?.map((each) => (
        <li key={each.id} className="flex items-center gap-2">
          <Line
            title={each.name}
            below={`${parts(each.stencil)}; from ${each.origin}, saved by ${each.author}`}
            onClick={() => void onLay(each.stencil)}
          />
          <Button
            quiet
            className={asked === each.id ? 'text-error' : ''}
            onClick={() => (asked === each.id ? remove.mutate(each.id) : setAsked(each.id))}
          >
            {asked === each.id ? 'Remove for everyone' : 'Remove'}
            <span className="sr-only"> {each.name}</span>
          </Button>
        </li>
      ))}
    </ul>
  );
}

function Here({ channel, onLay }: { channel: ChannelRow; onLay: (stencil: Stencil) => Promise<void> }) {
  const { draft } = useEditor();
  const { data } = useOwn();
  return (
    <Channels channels={(data ?? []).filter((each) => each.channel !== channel.name || each.mode !== draft.map?.name)} onLay={onLay} />
  );
}

function Others({ onLay }: { onLay: (stencil: Stencil) => Promise<void> }) {
  const [profile, setProfile] = useState<string | null>(null);
  const { data, error } = useQuery({
    queryKey: ['stencils of', profile],
    queryFn: () => answer(api.GET('/api/profiles/{profileId}/stencils', { params: { path: { profileId: profile ?? '' } } })),
    enabled: profile !== null,
  });
  if (profile === null) return <ProfilePicker onChoose={(chosen) => setProfile(chosen.id)} />;
  return (
    <>
      <Refusal says={error?.message} />
      <Channels channels={data ?? []} onLay={onLay} />
      <Button quiet className="self-start" onClick={() => setProfile(null)}>
        Choose another profile
      </Button>
    </>
  );
}

function Channels({ channels, onLay }: { channels: ChannelStencil[]; onLay: (stencil: Stencil) => Promise<void> }) {
  return (
    <ul aria-label="Channels" className="flex max-h-64 flex-col overflow-y-auto">
      {channels.map((each, index) => (
        <li key={index} className="flex">
          <Line
            title={`${each.pretty}, ${each.channel}`}
            below={`${each.mode}: ${parts(each.stencil)}`}
            onClick={() => void onLay(each.stencil)}
          />
        </li>
      ))}
      {channels.length === 0 && <li className="text-sm text-muted">There is no other channel with functions.</li>}
    </ul>
  );
}

function Line({ title, below, onClick }: { title: string; below: string; onClick: () => void }) {
  return (
    <button type="button" onClick={onClick} className="min-w-0 flex-1 rounded-md px-2 py-1.5 text-left hover:bg-raised">
      <span className="block truncate">{title}</span>
      <span className="block truncate text-sm text-muted" title={below}>
        {below}
      </span>
    </button>
  );
}

function parts(stencil: Stencil) {
  return stencil.functions.map((each) => (each.ranges.length > 0 ? `${each.name} (${each.ranges.length})` : each.name)).join(', ');
}

function useOwn() {
  const { draft } = useEditor();
  return useQuery({
    queryKey: ['stencils of draft', draft.id, draft.version],
    queryFn: () => answer(api.GET('/api/drafts/{draftId}/stencils', { params: { path: { draftId: draft.id } } })),
  });
}

/** Keeps this channel for the house. */
function Keep({ channel }: { channel: ChannelRow }) {
  const { draft } = useEditor();
  const { data } = useOwn();
  const queryClient = useQueryClient();
  const [name, setName] = useState(`${channel.pretty} of ${draft.name}`);
  const own = data?.find((each) => each.channel === channel.name && each.mode === draft.map?.name);
  const keep = useMutation({
    mutationFn: async () =>
      answer(
        api.POST('/api/stencils', {
          body: {
            name,
            origin: own?.origin ?? '',
            stencil: own?.stencil ?? { attribute: '', bytes: 1, snap: 'NO', master: 'NONE', functions: [] },
          },
        }),
      ),
    onSuccess: async (kept) => {
      tell(`Saved as the stencil '${kept.name}'.`);
      await queryClient.invalidateQueries({ queryKey: STENCILS });
    },
  });
  return (
    <form
      className="flex items-end gap-2 border-t border-line pt-3 [&>div]:flex-1"
      onSubmit={(event) => {
        event.preventDefault();
        keep.mutate();
      }}
    >
      <TextField
        label="Save this channel as a stencil called"
        value={name}
        onChange={setName}
        maxLength={120}
        error={keep.error?.message ?? null}
      />
      <Button type="submit" disabled={!own || keep.isPending}>
        Save
      </Button>
    </form>
  );
}
