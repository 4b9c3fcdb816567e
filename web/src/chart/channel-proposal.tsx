import { useState } from 'react';
import type { ChartChannel, ChartMode } from '#/api/types';
import { readAddresses } from '#/parts/address/addresses';
import { AttributePicker } from '#/parts/attribute/attribute-picker';
import { Typed } from '#/ui/typed';
import { Button } from '#/ui/button';
import { useChart } from './chart-context';
import { FunctionRows } from './function-rows';

/** One channel opened: why it is read as it is, what is in doubt, and everything corrected in place. */
export function ChannelProposal({ channel, mode }: { channel: ChartChannel; mode: ChartMode }) {
  const { chart, correct } = useChart();
  const [reason, setReason] = useState<string | null>(null);
  return (
    <div className="flex flex-col gap-2.5 px-3 pt-0.5 pb-3">
      <p className="text-sm text-muted">
        <span className={`mr-2 font-mono text-xs ${channel.unsure ? 'text-warning' : ''}`}>{`${channel.sure} sure`}</span>
        {channel.why}
      </p>
      {channel.doubts.length > 0 && (
        <ul aria-label="Doubts" className="flex flex-col gap-0.5 text-sm text-warning">
          {channel.doubts.map((doubt) => (
            <li key={doubt}>{doubt}</li>
          ))}
        </ul>
      )}
      <div className="flex flex-wrap items-end gap-2">
        <AttributePicker
          label="Attribute (a)"
          shortcut="a"
          place={{ draft: chart.draftId, version: chart.draftVersion, mode: 0 }}
          value={channel.attribute ?? 'choose …'}
          onChoose={(attribute) => void correct({ type: 'chooseAttribute', channel: channel.key, attribute })}
        />
        <Labelled text={channel.cell === '' ? 'Addresses' : 'Addresses in the cell'}>
          <Typed
            label={`Addresses of ${channel.words}`}
            mono
            width="w-24"
            value={channel.addresses.join(', ')}
            onSend={async (text) => {
              const addresses = await readAddresses(text);
              return typeof addresses === 'string'
                ? addresses
                : correct({ type: 'chooseAddresses', channel: channel.key, mode: mode.index, addresses });
            }}
          />
        </Labelled>
        <Labelled text="Start value">
          <Typed
            label={`Start value of ${channel.words}`}
            mono
            width="w-20"
            value={channel.start === null ? '' : String(channel.start)}
            onSend={(text) =>
              /^\d{1,10}$/.test(text) && Number(text) <= channel.max
                ? correct({ type: 'chooseStart', channel: channel.key, value: Number(text) })
                : `Type a value from 0 to ${channel.max}.`
            }
          />
        </Labelled>
      </div>
      {channel.functions.length > 0 && <FunctionRows channel={channel} />}
      <div className="flex flex-wrap items-center gap-2">
        {channel.wantsALook && channel.attribute !== null && (
          <Button onClick={() => void correct({ type: 'settle', channel: channel.key })}>It is right (y)</Button>
        )}
        {reason === null ? (
          <Button quiet onClick={() => setReason('')}>
            Set aside …
          </Button>
        ) : (
          <form
            className="flex flex-1 items-center gap-2"
            onSubmit={(event) => {
              event.preventDefault();
              void correct({ type: 'setAside', lines: [channel.key], reason });
            }}
          >
            <input
              autoFocus
              aria-label="Why this channel is set aside"
              value={reason}
              maxLength={200}
              placeholder="Why it is not part of the profile"
              onChange={(event) => setReason(event.currentTarget.value)}
              className="min-h-8 min-w-0 flex-1 rounded-sm border border-edge bg-trough px-2 text-sm"
            />
            <Button type="submit">Set aside</Button>
            <Button quiet onClick={() => setReason(null)}>
              Cancel
            </Button>
          </form>
        )}
        <span className="ml-auto truncate text-xs text-muted" title={channel.places.join('; ')}>
          {channel.places.length === 1 ? channel.places[0] : `${channel.places[0]} and ${channel.places.length - 1} more`}
        </span>
      </div>
    </div>
  );
}

function Labelled({ text, children }: { text: string; children: React.ReactNode }) {
  return (
    <span className="flex flex-col gap-0.5">
      <span aria-hidden className="text-xs text-muted">
        {text}
      </span>
      {children}
    </span>
  );
}
