import { keepPreviousData, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Image, RadioTower } from 'lucide-react';
import { useRef, useState } from 'react';
import { Link, useSearchParams } from 'react-router';
import { answer, api, done } from '#/api/client';
import { Problem } from '#/api/problem';
import type { FieldAsked, FieldLook } from '#/api/types';
import { liveQuery } from '#/parts/live/live-query';
import { sentTo } from '#/parts/live/sent-to';
import { Button } from '#/ui/button';
import { Check } from '#/ui/check';
import { Choice } from '#/ui/choice';
import { counted } from '#/ui/counted';
import { NumberField } from '#/ui/number-field';
import { Refusal } from '#/ui/refusal';
import { BenchFrame } from './bench-frame';
import { FixtureChoice, type ChosenMode } from './fixture-choice';
import { framesOf, type Frames } from './picture-frames';
import { lastWhere, told } from './where';
import { WhereFields } from './where-fields';

/** A picture or a film onto the cells of fixtures: cell order and colour are seen at a glance. */
export function PicturePage() {
  const [search] = useSearchParams();
  const rigId = search.get('rig');
  const others = sentTo.use();
  const units = rigId === null ? [] : (search.get('units') ?? '').split(',').filter((each) => each !== '');
  const [chosen, setChosen] = useState<ChosenMode | null>(null);
  const [where, setWhere] = useState(lastWhere.now());
  const [grid, setGrid] = useState({ across: String(Math.max(1, units.length)), down: '1' });
  const [order, setOrder] = useState<FieldAsked['order']>('ROWS');
  const [fit, setFit] = useState<FieldAsked['fit']>('FILL');
  const [quarters, setQuarters] = useState('0');
  const [mirrored, setMirrored] = useState(false);
  const [frames, setFrames] = useState<Frames | null>(null);
  const chooser = useRef<HTMLInputElement>(null);
  const queryClient = useQueryClient();
  const { data: live } = useQuery(liveQuery);
  const state = useQuery({
    queryKey: ['field shown', live?.universes.length, live?.restarts],
    queryFn: () => answer(api.GET('/api/field')),
  });
  const isLive = live?.live === true && state.data?.shown === true;
  const read = useMutation({ mutationFn: framesOf, onSuccess: setFrames });
  const asked = (goes: boolean): FieldAsked | null | false =>
    (chosen ?? rigId) !== null &&
    frames && {
      ...(chosen ?? { pin: '', mode: '' }),
      ...(rigId === null ? told(where) : { destination: others, universe: 0, address: 0 }),
      rigId,
      units,
      across: Number(grid.across) || 0,
      down: Number(grid.down) || 0,
      order,
      fit,
      quarters: Number(quarters),
      mirrored,
      ...frames,
      live: goes,
    };
  // the first picture of a film is enough to look at
  const whole = asked(false);
  const looked = whole ? { ...whole, frames: whole.frames.slice(0, 1) } : null;
  const look = useQuery({
    queryKey: ['field', looked],
    queryFn: () => (looked ? answer(api.POST('/api/field', { body: looked })) : null),
    enabled: looked !== null,
    placeholderData: keepPreviousData,
  });
  const turn = useMutation({
    mutationFn: async (on: boolean) => {
      const body = asked(true);
      if (rigId === null) lastWhere.set(where);
      if (on && body) await answer(api.POST('/api/field', { body }));
      else await done(api.DELETE('/api/field'));
    },
    onSuccess: async () => {
      await queryClient.invalidateQueries({ queryKey: liveQuery.queryKey });
      await queryClient.invalidateQueries({ queryKey: ['field shown'] });
    },
  });
  const refused = turn.error instanceof Problem ? turn.error : null;
  return (
    <BenchFrame title="Picture · Bench">
      <div className="grid grid-cols-[minmax(0,32rem)_minmax(0,1fr)] items-start gap-8 max-[1100px]:grid-cols-1">
        <form
          aria-label="Picture"
          className="flex flex-col gap-4"
          onSubmit={(event) => {
            event.preventDefault();
            turn.mutate(!isLive);
          }}
        >
          {rigId === null ? (
            <>
              <FixtureChoice chosen={chosen} onChoose={setChosen} />
              <WhereFields where={where} onChange={setWhere} refused={refused} />
            </>
          ) : (
            <p className="flex flex-wrap items-center gap-x-4 gap-y-1 rounded-md border border-line px-3 py-1.5">
              <span className="flex-1">{`${counted(units.length, 'unit', 'units')} of a rig, in the order of its table`}</span>
              <Link to={`/rigs/${rigId}`} className="text-kite-text underline underline-offset-2">
                The rig
              </Link>
              <Link to="/bench/picture" className="text-kite-text underline underline-offset-2">
                Other fixtures
              </Link>
            </p>
          )}
          <div className="flex flex-wrap items-end gap-3">
            <NumberField label="Fixtures across" value={grid.across} onChange={(across) => setGrid({ ...grid, across })} />
            <NumberField label="Fixtures down" value={grid.down} onChange={(down) => setGrid({ ...grid, down })} />
            <Choice
              label="Order of fixtures"
              value={order}
              options={[
                { value: 'ROWS', text: 'Row by row' },
                { value: 'SNAKE', text: 'Zigzag' },
              ]}
              onChoose={(to) => setOrder(to === 'SNAKE' ? 'SNAKE' : 'ROWS')}
            />
          </div>
          <div className="flex flex-wrap items-end gap-3">
            <Button onClick={() => chooser.current?.click()}>
              <Image size={16} aria-hidden />
              {read.isPending ? 'Reading …' : 'Choose picture or film'}
            </Button>
            <input
              ref={chooser}
              type="file"
              aria-label="Picture or film"
              accept="image/*,video/*"
              className="sr-only"
              tabIndex={-1}
              onChange={(event) => {
                const file = event.currentTarget.files?.[0];
                if (file) read.mutate(file);
                event.currentTarget.value = '';
              }}
            />
            <Choice
              label="Fit"
              value={fit}
              options={[
                { value: 'FILL', text: 'Fill, cut off' },
                { value: 'WHOLE', text: 'Whole, dark beside' },
                { value: 'STRETCH', text: 'Stretch' },
              ]}
              onChoose={(to) => setFit(to === 'WHOLE' ? 'WHOLE' : to === 'STRETCH' ? 'STRETCH' : 'FILL')}
            />
            <Choice
              label="Rotation"
              value={quarters}
              options={['0', '1', '2', '3'].map((each) => ({ value: each, text: `${Number(each) * 90}°` }))}
              onChoose={setQuarters}
            />
            <Check checked={mirrored} onChange={setMirrored}>
              Mirror
            </Check>
          </div>
          <Refusal says={read.error?.message ?? look.error?.message} />
          {refused?.field !== 'destination' && refused?.field !== 'address' && <Refusal says={turn.error?.message} />}
          <div>
            <Button main={!isLive} type="submit" disabled={!isLive && looked === null}>
              <RadioTower size={16} aria-hidden />
              {isLive ? 'Stop sending' : 'Go live'}
            </Button>
          </div>
        </form>
        {look.data ? (
          <Cells look={look.data} />
        ) : (
          <p className="max-w-prose text-muted">
            Choose a fixture with cells and a picture: each cell shows the part of the picture that it stands in. Ten tubes beside each
            other are one field.
          </p>
        )}
      </div>
    </BenchFrame>
  );
}

/** The cells as the core lights them, seen from the front. */
function Cells({ look }: { look: FieldLook }) {
  const high = 100 / look.aspect;
  return (
    <svg
      role="img"
      aria-label={`${look.cells.length} cells: ${look.cells.map((cell) => cell.hex).join(', ')}`}
      viewBox={`0 0 100 ${high}`}
      className="max-h-[70vh] w-full rounded-md border border-line bg-[#07090a]"
    >
      {look.cells.map((cell, index) => (
        <rect
          key={index}
          x={cell.left * 100 + 0.1}
          y={cell.top * high + 0.1}
          width={Math.max(0.1, (cell.right - cell.left) * 100 - 0.2)}
          height={Math.max(0.1, (cell.bottom - cell.top) * high - 0.2)}
          fill={cell.hex}
        />
      ))}
    </svg>
  );
}
