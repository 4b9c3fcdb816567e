import { useState, type ReactNode } from 'react';
import type { ChannelAdjustment, UnitAdjustments, UnitPath } from '#/api/types';
import { PathCurve } from './path-curve';
import { PathPicture } from './path-picture';
import { Percent } from './percent';

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
  rigId,
  unit,
  step,
  own,
  adjustments,
  onAdjust,
  onWhole,
}: {
  rigId: string;
  unit: string;
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
        {shown && (
          <Settings rigId={rigId} unit={unit} step={step} own={own} adjustments={adjustments} onAdjust={onAdjust} onWhole={onWhole} />
        )}
      </div>
    </li>
  );
}

function Settings({
  rigId,
  unit,
  step,
  own,
  adjustments,
  onAdjust,
  onWhole,
}: {
  rigId: string;
  unit: string;
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
      return <PathCurve rigId={rigId} unit={unit} curve={own.curve} onChange={(curve) => onAdjust({ curve })} />;
    case 'SCALE':
      return <Percent label="Scale" value={own.scale} onChange={(scale) => onAdjust({ scale: scale ?? 1 })} />;
    case 'LIMIT':
      return (
        <Row>
          <Percent label="Lower limit" value={own.from} onChange={(from) => onAdjust({ from: from ?? 0 })} />
          <Percent label="Upper limit" value={own.to} onChange={(to) => onAdjust({ to: to ?? 1 })} />
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
