import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { answer, api } from '#/api/client';
import type { Chart, ChartChange, ChartMode } from '#/api/types';
import { Button } from '#/ui/button';
import { Choice } from '#/ui/choice';
import { counted } from '#/ui/counted';
import { Modal } from '#/ui/modal';
import { Refusal } from '#/ui/refusal';
import { tell } from '#/ui/toast';

/** What becomes of one mode of the chart. */
type Wish = { taken: boolean; name: string; onto: number | null; refused: ReadonlySet<string> };

/** Applies the chart: one edit for each mode. A mode that the profile has shows first what would change in it. */
export function ApplyChart({ chart, profileId }: { chart: Chart; profileId: string }) {
  const [open, setOpen] = useState(false);
  return (
    <>
      <Button
        main
        disabled={!chart.ready}
        title={chart.ready ? undefined : 'Every line has to be placed or set aside, and every channel needs an attribute'}
        onClick={() => setOpen(true)}
      >
        Apply …
      </Button>
      {open && <Apply chart={chart} profileId={profileId} onClose={() => setOpen(false)} />}
    </>
  );
}

function Apply({ chart, profileId, onClose }: { chart: Chart; profileId: string; onClose: () => void }) {
  const queryClient = useQueryClient();
  const navigate = useNavigate();
  const [wishes, setWishes] = useState<Wish[]>(() =>
    chart.modes.map((mode) => ({
      taken: mode.channels.length > 0,
      name: mode.suggested === null ? mode.free : mode.name,
      onto: mode.suggested,
      refused: new Set<string>(),
    })),
  );
  const [changes, setChanges] = useState<Record<number, ChartChange[]>>({});
  const apply = useMutation({
    mutationFn: () =>
      answer(
        api.POST('/api/charts/{id}/apply', {
          params: { path: { id: chart.id } },
          body: {
            version: chart.version,
            draftVersion: chart.draftVersion,
            modes: chart.modes.flatMap((mode, index) => (wishes[index]?.taken ? [asked(mode, wishes[index], changes[index])] : [])),
          },
        }),
      ),
    onSuccess: async () => {
      tell(`${counted(wishes.filter((each) => each.taken).length, 'mode', 'modes')} applied; Undo in the editor takes one back.`);
      await queryClient.invalidateQueries();
      void navigate(`/editor/${profileId}`);
    },
  });
  const set = (index: number, to: Partial<Wish>) =>
    setWishes((before) => before.map((each, at) => (at === index ? { ...each, ...to } : each)));
  const waits = chart.modes.some((_, index) => wishes[index]?.taken && wishes[index].onto !== null && !changes[index]);
  return (
    <Modal
      open
      size="wide"
      onClose={onClose}
      title="Apply the chart"
      description="Each mode is one step in the history of the profile, and can be undone."
    >
      {chart.doubts > 0 && (
        <p className="text-sm text-warning">{`${counted(chart.doubts, 'channel has', 'channels have')} doubts that nobody looked at.`}</p>
      )}
      <div className="flex min-h-0 flex-col gap-4 overflow-y-auto">
        {chart.modes.map((mode, index) => {
          const wish = wishes[index];
          return (
            wish && (
              <fieldset key={mode.index} className="rounded-md border border-line p-3">
                <legend className="px-1 text-sm font-semibold">{`${mode.name}: ${counted(mode.channels.length, 'channel', 'channels')}, ${counted(mode.footprint, 'address', 'addresses')}`}</legend>
                <div className="flex flex-wrap items-end gap-3">
                  <label className="flex min-h-8 items-center gap-2 text-sm">
                    <input
                      type="checkbox"
                      className="accent-kite-text"
                      checked={wish.taken}
                      disabled={mode.channels.length === 0}
                      onChange={(event) => set(index, { taken: event.currentTarget.checked })}
                    />
                    Apply
                  </label>
                  <Choice
                    label="As"
                    value={wish.onto === null ? 'new' : String(wish.onto)}
                    options={[
                      { value: 'new', text: 'a new mode' },
                      ...chart.existing.map((each) => ({ value: String(each.id), text: `a change to ${each.name} (${each.footprint})` })),
                    ]}
                    onChoose={(to) =>
                      set(index, { onto: to === 'new' ? null : Number(to), name: to === 'new' ? mode.free : wish.name, refused: new Set() })
                    }
                  />
                  {wish.onto === null && (
                    <label className="flex flex-1 flex-col gap-0.5 text-xs text-muted">
                      Name of the mode
                      <input
                        value={wish.name}
                        maxLength={80}
                        onChange={(event) => set(index, { name: event.currentTarget.value })}
                        className="min-h-8 rounded-sm border border-edge bg-trough px-2 text-sm text-text"
                      />
                    </label>
                  )}
                </div>
                {wish.taken && wish.onto !== null && (
                  <Changes
                    key={wish.onto}
                    chart={chart}
                    mode={mode}
                    onto={wish.onto}
                    refused={wish.refused}
                    onRead={(read) => setChanges((before) => ({ ...before, [index]: read }))}
                    onRefuse={(refused) => set(index, { refused })}
                  />
                )}
              </fieldset>
            )
          );
        })}
      </div>
      <Refusal says={apply.error?.message} />
      <Button
        main
        className="self-end"
        disabled={apply.isPending || waits || wishes.every((each) => !each.taken)}
        onClick={() => apply.mutate()}
      >
        {`Apply ${counted(wishes.filter((each) => each.taken).length, 'mode', 'modes')}`}
      </Button>
    </Modal>
  );
}

function idOf(change: ChartChange) {
  return change.key ?? `channel ${change.channel}`;
}

function asked(mode: ChartMode, wish: Wish, changes: ChartChange[] | undefined) {
  if (wish.onto === null || !changes) return { index: mode.index, name: wish.name, onto: null, channels: null, gone: [] };
  const accepted = changes.filter((each) => each.says.length > 0 && !wish.refused.has(idOf(each)));
  return {
    index: mode.index,
    name: wish.name,
    onto: wish.onto,
    channels: accepted.flatMap((each) => (each.key === null ? [] : [each.key])),
    gone: accepted.flatMap((each) => (each.key === null && each.channel !== null ? [each.channel] : [])),
  };
}

/** What would change in a mode, channel by channel; each change is accepted or left. */
function Changes({
  chart,
  mode,
  onto,
  refused,
  onRead,
  onRefuse,
}: {
  chart: Chart;
  mode: ChartMode;
  onto: number;
  refused: ReadonlySet<string>;
  onRead: (changes: ChartChange[]) => void;
  onRefuse: (refused: ReadonlySet<string>) => void;
}) {
  const { data, error } = useQuery({
    queryKey: ['chart difference', chart.id, chart.version, chart.draftVersion, mode.index, onto],
    queryFn: async () => {
      const read = await answer(
        api.GET('/api/charts/{id}/difference', { params: { path: { id: chart.id }, query: { index: mode.index, mode: onto } } }),
      );
      onRead(read);
      return read;
    },
    gcTime: 0,
  });
  if (error) return <Refusal says={error.message} />;
  if (!data)
    return (
      <p role="status" className="mt-2 text-sm text-muted">
        Comparing …
      </p>
    );
  const changes = data.filter((each) => each.says.length > 0);
  if (changes.length === 0) return <p className="mt-2 text-sm text-muted">No difference: this mode is as the chart says.</p>;
  return (
    <ul aria-label={`What changes in ${mode.name}`} className="mt-2 flex max-h-64 flex-col gap-1 overflow-y-auto text-sm">
      {changes.map((each) => (
        <li key={idOf(each)}>
          <label className="flex items-start gap-2">
            <input
              type="checkbox"
              aria-label={each.says.join(' ')}
              className="mt-1 accent-kite-text"
              checked={!refused.has(idOf(each))}
              onChange={(event) => {
                const next = new Set(refused);
                if (event.currentTarget.checked) next.delete(idOf(each));
                else next.add(idOf(each));
                onRefuse(next);
              }}
            />
            <span>
              <span className="font-semibold">{each.called}</span> <span className="text-muted">{each.says.join(' ')}</span>
            </span>
          </label>
        </li>
      ))}
    </ul>
  );
}
