import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Search } from 'lucide-react';
import { useState } from 'react';
import { Link } from 'react-router';
import { answer, api } from '#/api/client';
import { Problem } from '#/api/problem';
import type { RdmCure, RdmDevice } from '#/api/types';
import { Button } from '#/ui/button';
import { Choice } from '#/ui/choice';
import { Refusal } from '#/ui/refusal';
import { Typed } from '#/ui/typed';
import { BenchFrame } from './bench-frame';
import { FirstProfile } from './first-profile';
import { lastWhere, told, type Where } from './where';
import { WhereFields } from './where-fields';

type Asked = { destination: string; universe: number; rig: string };

function devicesKey(asked: Asked | null) {
  return ['rdm-devices', asked];
}

/** Fixtures that answer RDM at a node: who they are, what they are patched as, and what differs. */
export function FixturesPage() {
  const [where, setWhere] = useState<Where>({ ...lastWhere.now(), protocol: 'artnet' });
  const [rig, setRig] = useState('');
  const [asked, setAsked] = useState<Asked | null>(null);
  const rigs = useQuery({ queryKey: ['rigs'], queryFn: () => answer(api.GET('/api/rigs')) });
  const found = useQuery({
    queryKey: devicesKey(asked),
    queryFn: () => {
      const { destination = '', universe = 1, rig: against = '' } = asked ?? {};
      return answer(api.GET('/api/rdm-devices', { params: { query: { destination, universe, ...(against ? { rig: against } : {}) } } }));
    },
    enabled: asked !== null,
  });
  const refused = found.error instanceof Problem ? found.error : null;
  return (
    <BenchFrame title="RDM · Bench">
      <form
        className="mb-6 flex max-w-4xl flex-wrap items-end gap-3"
        onSubmit={(event) => {
          event.preventDefault();
          lastWhere.set(where);
          const next = { ...told(where), rig };
          setAsked({ destination: next.destination, universe: next.universe, rig });
          if (asked) void found.refetch();
        }}
      >
        <div className="min-w-110 flex-1">
          <WhereFields where={where} onChange={setWhere} refused={refused} withAddress={false} />
        </div>
        <div className="[&_button]:min-h-9 [&_div]:gap-1.5 [&_span]:text-sm">
          <Choice
            label="Compare with rig"
            value={rig}
            placeholder="No rig"
            options={[
              { value: 'none', text: 'No rig' },
              ...(rigs.data ?? []).filter((each) => !each.binned).map((each) => ({ value: each.id, text: each.name })),
            ]}
            onChoose={(to) => setRig(to === 'none' ? '' : to)}
          />
        </div>
        <Button main type="submit" className="min-h-9" disabled={found.isFetching}>
          <Search size={16} aria-hidden />
          {found.isFetching ? 'Searching …' : 'Find fixtures'}
        </Button>
      </form>
      {refused?.field !== 'destination' && <Refusal says={found.error?.message} />}
      {!asked && (
        <p className="max-w-prose text-muted">
          Asks a node for the fixtures on its line, and shows what each says of itself. With a rig, it shows what differs from the patch,
          with the cure on either side.
        </p>
      )}
      {found.data?.length === 0 && <p className="text-muted">No fixture answers there.</p>}
      {asked && found.data && found.data.length > 0 && (
        <ul aria-label="Fixtures" className="flex flex-col gap-3">
          {found.data.map((device) => (
            <li key={device.uid} className="rounded-lg border border-line p-4">
              <Device device={device} asked={asked} />
            </li>
          ))}
        </ul>
      )}
    </BenchFrame>
  );
}

function Device({ device, asked }: { device: RdmDevice; asked: Asked }) {
  const set = useSet(asked, device.uid);
  const cure = useCure(asked, device);
  const [lit, setLit] = useState(false);
  const personality = device.personalities.find((each) => each.number === device.personality);
  const profile = device.profiles[0];
  return (
    <div className="flex flex-col gap-3">
      <div className="flex flex-wrap items-center gap-x-5 gap-y-1">
        <h2 className="min-w-56 flex-1">
          <span className="text-muted">{`${device.manufacturer} `}</span>
          <span className="font-semibold">{device.model}</span>
        </h2>
        <Typed
          label="Label"
          showLabel
          value={device.label}
          width="w-40"
          onSend={(label) =>
            set.mutateAsync({ label }).then(
              () => null,
              (error: Error) => error.message,
            )
          }
        />
        <Button
          aria-pressed={lit}
          onClick={() => {
            setLit(!lit);
            set.mutate({ identify: !lit });
          }}
        >
          {lit ? 'Stop identifying' : 'Identify'}
        </Button>
      </div>
      <dl className="grid grid-cols-[repeat(auto-fit,minmax(11rem,1fr))] gap-x-5 gap-y-2 text-sm [&_dt]:text-muted">
        <Fact name="Address" value={device.address === null ? 'none' : String(device.address)} />
        <Fact name="Personality" value={`${device.personality}${personality && personality.text !== '' ? ` ${personality.text}` : ''}`} />
        <Fact name="Slots" value={String(device.slots)} />
        <Fact name="Software" value={device.software} />
        <Fact name="Device id" value={device.uid} />
        <div>
          <dt>Profile</dt>
          <dd>
            {profile ? (
              <Link to={`/profile/${profile.profileId}`} className="text-kite-text underline underline-offset-2">
                {`${profile.profile}${profile.mode === null ? '' : `, ${profile.mode}`}`}
              </Link>
            ) : (
              'not in the library'
            )}
          </dd>
        </div>
      </dl>
      {device.first && <FirstProfile device={device} first={device.first} />}
      {device.differs.length > 0 && (
        <ul aria-label="Otherwise than the profile" className="flex flex-col gap-1 text-sm">
          {device.differs.map((each) => (
            <li key={each} className="text-warning">
              {each}
            </li>
          ))}
        </ul>
      )}
      {asked.rig !== '' && device.unit === null && <p className="text-sm text-muted">No unit of the rig stands there, or is called so.</p>}
      {device.unit && (
        <div className="flex flex-col gap-2">
          <p className="text-sm">
            {`Unit ${device.unit.called}`}
            {device.unit.differs.length === 0 && <span className="text-good"> agrees</span>}
          </p>
          <ul className="flex flex-col gap-2">
            {device.unit.differs.map((each) => (
              <li
                key={each.says}
                className="flex flex-wrap items-center gap-2 rounded-md border-l-3 border-warning bg-raised px-3 py-2 text-sm"
              >
                <span className="min-w-64 flex-1">{each.says}</span>
                {each.cures.map((one) => (
                  <Button key={one.says} onClick={() => cure.mutate(one)} disabled={cure.isPending}>
                    {one.says}
                  </Button>
                ))}
              </li>
            ))}
          </ul>
        </div>
      )}
      <Refusal says={set.error?.message ?? cure.error?.message} />
    </div>
  );
}

function Fact({ name, value }: { name: string; value: string }) {
  return (
    <div>
      <dt>{name}</dt>
      <dd className="font-mono">{value}</dd>
    </div>
  );
}

function useSet(asked: Asked, uid: string) {
  const queryClient = useQueryClient();
  return useMutation({
    mutationFn: (what: { address?: number; personality?: number; label?: string; identify?: boolean }) =>
      answer(
        api.PUT('/api/rdm-devices/{uid}', {
          params: { path: { uid } },
          body: {
            destination: asked.destination,
            universe: asked.universe,
            address: what.address ?? null,
            personality: what.personality ?? null,
            label: what.label ?? null,
            identify: what.identify ?? null,
          },
        }),
      ),
    onSuccess: (_, what) => (what.identify === undefined ? queryClient.invalidateQueries({ queryKey: devicesKey(asked) }) : undefined),
  });
}

/** Mends a difference at the fixture, or in the rig. */
function useCure(asked: Asked, device: RdmDevice) {
  const set = useSet(asked, device.uid);
  const queryClient = useQueryClient();
  return useMutation({
    mutationFn: async ({ address, personality, edit }: RdmCure) => {
      if (!edit) {
        await set.mutateAsync({ ...(address === null ? {} : { address }), ...(personality === null ? {} : { personality }) });
        return;
      }
      const params = { path: { rigId: asked.rig } };
      const rig = await answer(api.GET('/api/rigs/{rigId}', { params }));
      const headers = { 'Kite-Change': crypto.randomUUID() };
      await answer(api.POST('/api/rigs/{rigId}/edits', { params, headers, body: { version: rig.version, edit } }));
    },
    onSuccess: () => queryClient.invalidateQueries({ queryKey: devicesKey(asked) }),
  });
}
