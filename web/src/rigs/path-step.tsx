import { useState, type ReactNode } from 'react';
import type { ChannelAdjustment, UnitAdjustments, UnitPath } from '#/api/types';
import { Typed } from '#/ui/typed';
import { PathPicture } from './path-picture';

type Line = UnitPath['reading']['steps'][number];

const NAMES: Record<Line['step'], string> = {
  MASTER: 'Master',
  SWAP: 'Swap',
  INVERT: 'Invert',
  CURVE: 'Curve',
  SCALE: 'Scale',
  LIMIT: 'Limit',
  BYTES: 'Bytes',
};

/** One step: thin while it does nothing, with its picture, its value now and its settings once it does. */
export function PathStep({
  step,
  own,
  adjustments,
  onAdjust,
  onWhole,
}: {
  step: Line;
  own: ChannelAdjustment;
  adjustments: UnitAdjustments;
  onAdjust: (change: Partial<ChannelAdjustment>) => void;
  onWhole: (change: Partial<UnitAdjustments>) => void;
}) {
  const [opened, setOpened] = useState(false);
  const fixed = step.step === 'BYTES';
  const shown = step.set || opened || fixed;
  const value = !fixed && <span className="font-mono">{(step.after * 100).toFixed(1)} %</span>;
  return (
    <li className={`flex items-start gap-2.5 border-l-2 pl-3 ${step.set ? 'border-kite-text py-1.5' : 'border-line py-0.5'}`}>
      {step.set && <PathPicture step={step.step} own={own} />}
      <div className="flex min-w-0 flex-1 flex-col gap-1">
        {fixed ? (
          <span className="text-muted">{NAMES[step.step]}</span>
        ) : (
          <button
            type="button"
            aria-expanded={shown}
            className="flex min-h-6 items-baseline gap-2 rounded-sm text-left hover:underline"
            onClick={() => setOpened(!opened)}
          >
            <span className={step.set ? 'flex-1 font-semibold' : 'flex-1 text-muted'}>{NAMES[step.step]}</span>
            {value}
          </button>
        )}
        {step.says !== '' && (shown || step.step === 'INVERT') && <span className={fixed ? 'font-mono' : 'text-muted'}>{step.says}</span>}
        {shown && <Settings step={step} own={own} adjustments={adjustments} onAdjust={onAdjust} onWhole={onWhole} />}
      </div>
    </li>
  );
}

function Settings({
  step,
  own,
  adjustments,
  onAdjust,
  onWhole,
}: {
  step: Line;
  own: ChannelAdjustment;
  adjustments: UnitAdjustments;
  onAdjust: (change: Partial<ChannelAdjustment>) => void;
  onWhole: (change: Partial<UnitAdjustments>) => void;
}) {
  switch (step.step) {
    case 'MASTER':
      return (
        <Row>
          <Toggle on={adjustments.outsideMaster} onChange={(outsideMaster) => onWhole({ outsideMaster })} text="Unit outside" />
          <Toggle on={own.outsideMaster} onChange={(outsideMaster) => onAdjust({ outsideMaster })} text="Channel outside" />
        </Row>
      );
    case 'SWAP':
      return <Toggle on={adjustments.swapPanTilt} onChange={(swapPanTilt) => onWhole({ swapPanTilt })} text="Swap pan and tilt" />;
    case 'INVERT':
      return <Toggle on={own.invert} onChange={(invert) => onAdjust({ invert })} text="Invert" />;
    case 'CURVE':
      return (
        <Typed
          label="Curve points"
          value={own.curve.map((knot) => `${percent(knot.in)}:${percent(knot.out)}`).join(' ')}
          placeholder="none; such as 0:0 50:25 100:100"
          onSend={(text) => {
            const curve = points(text);
            if (curve === null) return 'Pairs of percent, from left to right, such as 0:0 50:25 100:100.';
            onAdjust({ curve });
            return null;
          }}
        />
      );
    case 'SCALE':
      return <Percent label="Scale" value={own.scale} onChange={(scale) => onAdjust({ scale })} />;
    case 'LIMIT':
      return (
        <Row>
          <Percent label="Lower limit" value={own.from} onChange={(from) => onAdjust({ from })} />
          <Percent label="Upper limit" value={own.to} onChange={(to) => onAdjust({ to })} />
          <Percent label="Warm-up" value={adjustments.warmUp} onChange={(warmUp) => onWhole({ warmUp: warmUp === 0 ? null : warmUp })} />
        </Row>
      );
    case 'BYTES':
      return null;
  }
}

function Row({ children }: { children: ReactNode }) {
  return <div className="flex flex-wrap items-center gap-1.5">{children}</div>;
}

function Toggle({ on, onChange, text }: { on: boolean; onChange: (to: boolean) => void; text: string }) {
  return (
    <button
      type="button"
      aria-pressed={on}
      className="self-start rounded-md border border-edge px-2 py-0.5 text-xs aria-pressed:border-kite-text aria-pressed:bg-kite/20 aria-pressed:font-semibold"
      onClick={() => onChange(!on)}
    >
      {text}
    </button>
  );
}

/** A share that is typed in percent. */
function Percent({ label, value, onChange }: { label: string; value: number | null; onChange: (to: number) => void }) {
  return (
    <Typed
      label={`${label}, %`}
      showLabel
      width="w-20"
      mono
      value={value === null ? '' : percent(value)}
      placeholder="none"
      onSend={(text) => {
        const typed = Number((text === '' ? '0' : text).replace(',', '.').replace(/\s*%$/, ''));
        if (!Number.isFinite(typed)) return 'A number of percent, such as 50.';
        onChange(typed / 100);
        return null;
      }}
    />
  );
}

function percent(share: number) {
  return String(Math.round(share * 10_000) / 100);
}

/** @returns null if it is none */
function points(text: string) {
  const pairs = text.split(/[\s,;]+/).filter((pair) => pair !== '');
  const knots = pairs.map((pair) => {
    const [left = '', right = ''] = pair.split(':');
    return { in: Number(left) / 100, out: Number(right) / 100 };
  });
  return pairs.every((pair) => /^[\d.]+:[\d.]+$/.test(pair)) ? knots : null;
}
