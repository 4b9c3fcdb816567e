import type { Rig, RigEdit, RigUniverse } from '#/api/types';
import { Typed } from '#/ui/typed';

type Facts = Extract<RigEdit, { type: 'putUniverse' }>['facts'];

const OUTPUTS: { kind: Facts['output']['kind']; text: string; to?: string }[] = [
  { kind: 'NONE', text: 'Not said' },
  { kind: 'DMX', text: 'DMX port', to: 'Port' },
  { kind: 'SACN_MULTICAST', text: 'sACN, multicast' },
  { kind: 'SACN_UNICAST', text: 'sACN, unicast', to: 'IP address' },
  { kind: 'ART_NET', text: 'Art-Net', to: 'Port-address' },
];

/** Each universe with what is said of it, and how full it is. */
export function Universes({ rig, onSend }: { rig: Rig; onSend: (edit: RigEdit) => Promise<string | null> }) {
  return (
    <section aria-label="Universes">
      <h3 className="mb-1 text-sm font-semibold">Universes</h3>
      <table className="w-full text-left text-sm">
        <thead className="text-xs text-muted">
          <tr>
            {['', 'Name', 'Place', 'Sent as', 'To', 'Colour tag', 'How full', 'Longest gap'].map((heading) => (
              <th key={heading} scope="col" className="py-1 pr-2 font-normal">
                {heading}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {rig.universes.map((line, index) => (
            <Line key={line.universe} line={line} beyond={rig.console !== null && index >= rig.console} onSend={onSend} />
          ))}
        </tbody>
      </table>
      <div className="mt-2 w-56">
        <Typed
          label="Add a universe"
          value=""
          mono
          placeholder="Add a universe, such as 7"
          onSend={(text) => {
            if (!/^\d{1,5}$/.test(text)) return 'A universe is a whole number, such as 7.';
            return onSend({
              type: 'putUniverse',
              facts: { universe: Number(text), name: `Universe ${text}`, place: '', output: { kind: 'NONE', to: '' }, colour: '' },
            });
          }}
        />
      </div>
    </section>
  );
}

function Line({ line, beyond, onSend }: { line: RigUniverse; beyond: boolean; onSend: (edit: RigEdit) => Promise<string | null> }) {
  const { universe, used } = line;
  const facts: Facts = line.facts ?? { universe, name: '', place: '', output: { kind: 'NONE', to: '' }, colour: '' };
  const say = (change: Partial<Facts>) => onSend({ type: 'putUniverse', facts: { ...facts, ...change } });
  const sent = OUTPUTS.find((each) => each.kind === facts.output.kind);
  const gaps = line.free.map((stretch) => stretch.to - stretch.from + 1);
  const free = gaps.reduce((sum, gap) => sum + gap, 0);
  return (
    <tr className="border-t border-line">
      <td className={`py-1 pr-2 font-mono ${beyond ? 'text-warning' : ''}`} title={beyond ? 'More than the console can send' : undefined}>
        {universe}
        {beyond && ' !'}
      </td>
      <td className="pr-2">
        <Typed label={`Name of universe ${universe}`} value={facts.name} look="text" placeholder="none" onSend={(name) => say({ name })} />
      </td>
      <td className="pr-2">
        <Typed
          label={`Place of universe ${universe}`}
          value={facts.place}
          look="text"
          placeholder="none"
          onSend={(place) => say({ place })}
        />
      </td>
      <td className="pr-2">
        <select
          aria-label={`How universe ${universe} is sent`}
          value={facts.output.kind}
          className="min-h-7 rounded-sm border border-edge bg-trough px-1"
          onChange={(event) => {
            const kind = OUTPUTS.find((each) => each.kind === event.currentTarget.value)?.kind ?? 'NONE';
            void say({ output: { kind, to: '' } });
          }}
        >
          {OUTPUTS.map((each) => (
            <option key={each.kind} value={each.kind}>
              {each.text}
            </option>
          ))}
        </select>
      </td>
      <td className="pr-2">
        {sent?.to && (
          <Typed
            label={`${sent.to} of universe ${universe}`}
            value={facts.output.to}
            look="text"
            mono
            placeholder={sent.to}
            onSend={(to) => say({ output: { ...facts.output, to } })}
          />
        )}
      </td>
      <td className="pr-2">
        <Typed
          label={`Colour tag of universe ${universe}`}
          value={facts.colour}
          look="text"
          placeholder="none"
          onSend={(colour) => say({ colour })}
        />
      </td>
      <td className="pr-2">
        <span className="flex items-center gap-2">
          <span aria-hidden className="h-2 w-20 shrink-0 overflow-hidden rounded-sm bg-trough">
            <span className="block h-full bg-kite" style={{ width: `${(100 * used) / (used + free)}%` }} />
          </span>
          <span className="font-mono whitespace-nowrap">
            {used} <span className="text-muted">+ {free} free</span>
          </span>
        </span>
      </td>
      <td className="text-right font-mono">{Math.max(0, ...gaps)}</td>
    </tr>
  );
}
