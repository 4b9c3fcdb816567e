import { useQuery } from '@tanstack/react-query';
import { answer, api } from '#/api/client';
import type { Rig, RigUnit } from '#/api/types';
import { Refusal } from '#/ui/refusal';
import { Waiting } from '#/ui/waiting';
import { DipSwitches } from './dip-switches';

/** A unit opened: its channels at the addresses where they really are, and how its switches stand. */
export function UnitDetails({ rig, unit }: { rig: Rig; unit: RigUnit }) {
  const asked = useQuery({
    queryKey: ['rig', rig.id, 'unit', rig.version, unit.uuid],
    queryFn: () => answer(api.GET('/api/rigs/{rigId}/units/{uuid}', { params: { path: { rigId: rig.id, uuid: unit.uuid } } })),
    retry: false,
  });
  if (asked.error) return <Refusal says={asked.error.message} />;
  if (!asked.data) return <Waiting of={asked} what="The channels" />;
  const { channels, switches, fromZero, focus } = asked.data;
  return (
    <div className="flex flex-wrap items-start gap-x-8 gap-y-3">
      <table aria-label={`Channels of unit ${unit.id}`} className="text-left text-sm">
        <thead className="text-xs text-muted">
          <tr>
            {['Address', 'Attribute', 'Part', 'Start value'].map((heading) => (
              <th key={heading} scope="col" className="pr-6 font-normal">
                {heading}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {channels.map((channel) => (
            <tr key={channel.name}>
              <td className="pr-6 font-mono">{channel.addresses.join(' + ') || (unit.addresses.length > 0 ? 'virtual' : 'none')}</td>
              <td className="pr-6">{channel.attribute}</td>
              <td className="pr-6 text-muted">{channel.geometry}</td>
              <td className="pr-6 text-right font-mono">{channel.start}</td>
            </tr>
          ))}
        </tbody>
      </table>
      {focus !== '' && (
        <p className="text-sm">
          <span className="text-muted">Focused on </span>
          {focus}
        </p>
      )}
      {switches.length > 0 && (
        <div className="flex flex-col gap-2">
          {switches.map((line) => (
            <div key={line.dmxBreak}>
              <p className="mb-1 text-sm">
                DIP switches for <span className="font-mono">{line.at}</span>
                {switches.length > 1 && `, break ${line.dmxBreak}`}
              </p>
              <DipSwitches of={line.switches} at={line.at} />
            </div>
          ))}
          <p className="max-w-56 text-xs text-muted">
            Address 1 is set as {fromZero ? 0 : 1}, as the profile says under Identity.
            {unit.dipOffset > 0 && ` ${unit.dipOffset} is added, the unit’s DIP offset.`}
          </p>
        </div>
      )}
    </div>
  );
}
