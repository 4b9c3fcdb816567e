import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useDeferredValue, useState } from 'react';
import { answer, api } from '#/api/client';
import { Problem } from '#/api/problem';
import { withFile } from '#/api/with-file';
import type { Cut, Gobo, GoboLook } from '#/api/types';
import { Button } from '#/ui/button';
import { Choice } from '#/ui/choice';
import { Modal } from '#/ui/modal';
import { Notice } from '#/ui/notice';
import { Refusal } from '#/ui/refusal';
import { GoboFactsFields } from './gobo-facts';
import { lookQuery } from './gobo-query';
import { GoboSquare } from './gobo-square';

const START: Cut = { left: 0, top: 0, side: null, degrees: 0, round: true, tone: 'STENCIL', threshold: 128, inverted: false, size: 512 };
const TONES: { value: Cut['tone']; text: string }[] = [
  { value: 'STENCIL', text: 'Metal: light or none' },
  { value: 'GREY', text: 'Glass in grey' },
  { value: 'COLOUR', text: 'Glass in colour' },
];
const NO_FACTS = { name: '', tags: '', manufacturer: '', manufacturerNumber: '', origin: '', rights: '' };

/** From any picture to a gobo on the shelf. */
export function GoboIntake({ onClose, onKept }: { onClose: () => void; onKept: (gobo: Gobo) => void }) {
  const queryClient = useQueryClient();
  const [file, setFile] = useState<File | null>(null);
  const [which, setWhich] = useState(0);
  const [picture, setPicture] = useState('');
  const [cut, setCut] = useState(START);
  const [tolerance, setTolerance] = useState(0.5);
  const [facts, setFacts] = useState(NO_FACTS);
  const [lines, setLines] = useState(false);
  const { data: look, error } = useQuery(lookQuery(file, which, useDeferredValue(cut), useDeferredValue(tolerance)));
  const keep = useMutation({
    mutationFn: () =>
      answer(api.POST('/api/gobos', { params: { query: { cut: JSON.stringify(cut), facts: JSON.stringify(facts) } }, ...withFile(file) })),
    onSuccess: (gobo) => {
      void queryClient.invalidateQueries({ queryKey: ['gobos'] });
      onClose();
      onKept(gobo);
    },
  });

  function choose(chosen: File) {
    setFile(chosen);
    setWhich((before) => before + 1);
    setCut(START);
    setFacts({ ...NO_FACTS, name: chosen.name.replace(/\.[^.]*$/, '').slice(0, 120) });
    const reader = new FileReader();
    reader.onload = () => setPicture(typeof reader.result === 'string' ? reader.result : '');
    reader.readAsDataURL(chosen);
  }

  const nameError = keep.error instanceof Problem && keep.error.field === 'name' ? keep.error.message : null;
  return (
    <Modal
      size="large"
      open
      onClose={onClose}
      title="Import a picture"
      description="A photograph, a scan or a drawing becomes a gobo: white lets light through, black holds it."
    >
      <form
        className="flex min-h-0 flex-col gap-4"
        onSubmit={(event) => {
          event.preventDefault();
          if (file && look && !error) keep.mutate();
        }}
      >
        <input
          type="file"
          aria-label="Picture of the gobo"
          accept="image/png,image/jpeg,image/gif,image/svg+xml,.svg"
          className="text-sm text-muted file:mr-3 file:min-h-8 file:cursor-pointer file:rounded-md file:border file:border-line file:bg-raised file:px-3.5 file:text-text"
          onChange={(event) => {
            const chosen = event.currentTarget.files?.[0];
            if (chosen) choose(chosen);
          }}
        />
        <Refusal says={error?.message} />
        {!file && <p className="text-sm text-muted">PNG, JPEG, GIF or SVG, at most 4096 pixels a side and 20 MB.</p>}
        {file && look && !error && (
          <div className="flex min-h-0 flex-col gap-5 overflow-y-auto">
            <div className="grid grid-cols-[21rem_minmax(0,1fr)] gap-7">
              <Preview look={look} lines={lines} size={cut.size} onLines={setLines} />
              <div className="flex min-w-0 flex-col gap-3">
                {look.looksInverted !== cut.inverted && (
                  <Notice
                    severity="warning"
                    where={look.looksInverted ? 'Light all along its rim' : 'Dark all along its rim before it was inverted'}
                  >
                    <span className="flex flex-wrap items-center gap-3">
                      {look.looksInverted ? 'This looks drawn black on white.' : 'It is inverted, though it looked right.'}
                      <Button onClick={() => setCut({ ...cut, inverted: look.looksInverted })}>
                        {look.looksInverted ? 'Invert' : 'Undo invert'}
                      </Button>
                    </span>
                  </Notice>
                )}
                {look.warnings.map((warning) => (
                  <Notice key={warning} severity="warning" where="In metal">
                    {warning}
                  </Notice>
                ))}
                {cut.side !== null && (
                  <GoboSquare
                    picture={picture}
                    width={look.width}
                    height={look.height}
                    square={{ left: cut.left, top: cut.top, side: cut.side }}
                    onMove={(square) => setCut({ ...cut, ...square })}
                  />
                )}
                <Settings cut={cut} onCut={setCut} look={look} tolerance={tolerance} onTolerance={setTolerance} />
              </div>
            </div>
            <GoboFactsFields facts={facts} onChange={setFacts} nameError={nameError} />
          </div>
        )}
        {file && look && !error && (
          <>
            {!nameError && <Refusal says={keep.error?.message} />}
            <Button main type="submit" className="self-end" disabled={keep.isPending}>
              Add gobo
            </Button>
          </>
        )}
      </form>
    </Modal>
  );
}

function Preview({ look, lines, size, onLines }: { look: GoboLook; lines: boolean; size: number; onLines: (to: boolean) => void }) {
  const share = (pixels: number) => `${pixels.toFixed(0)} px, ${((100 * pixels) / size).toFixed(1)} %`;
  return (
    <div className="flex flex-col gap-2.5">
      {lines ? (
        <svg viewBox={`0 0 ${size} ${size}`} role="img" aria-label="The gobo as lines" className="w-full rounded-md bg-[#fff]">
          <path d={look.path} fill="none" stroke="#10161a" strokeWidth={size / 260} />
        </svg>
      ) : (
        <img
          src={look.png}
          alt="The gobo as it would be"
          className="w-full rounded-md bg-[repeating-conic-gradient(#20262b_0_25%,#2c343a_0_50%)] [background-size:16px_16px]"
        />
      )}
      <label className="flex items-center gap-2 text-sm">
        <input type="checkbox" checked={lines} onChange={(event) => onLines(event.currentTarget.checked)} className="accent-kite-text" />
        Show outline
      </label>
      <dl className="grid grid-cols-[7rem_minmax(0,1fr)] gap-y-1 text-sm [&>dd]:font-mono [&>dt]:text-muted">
        <dt>Picture</dt>
        <dd>{`${look.width} × ${look.height}`}</dd>
        <dt>Thinnest bar</dt>
        <dd>{share(look.bar)}</dd>
        <dt>Thinnest slit</dt>
        <dd>{share(look.slit)}</dd>
        <dt>Loose parts</dt>
        <dd>{look.islands}</dd>
        <dt>Line view</dt>
        <dd>{look.corners === 0 ? 'too busy' : `${look.corners} corners`}</dd>
      </dl>
    </div>
  );
}

function Settings({
  cut,
  onCut,
  look,
  tolerance,
  onTolerance,
}: {
  cut: Cut;
  onCut: (to: Cut) => void;
  look: GoboLook;
  tolerance: number;
  onTolerance: (to: number) => void;
}) {
  const middle = Math.min(look.width, look.height);
  return (
    <div className="grid grid-cols-2 items-end gap-3">
      <Choice
        label="Material"
        value={cut.tone}
        options={TONES}
        onChoose={(value) => onCut({ ...cut, tone: TONES.find((tone) => tone.value === value)?.value ?? 'STENCIL' })}
      />
      <Choice
        label="Size"
        value={String(cut.size)}
        options={[256, 512, 768, 1024].map((size) => ({ value: String(size), text: `${size} pixels` }))}
        onChoose={(size) => onCut({ ...cut, size: Number(size) })}
      />
      <Choice
        label="Crop"
        value={cut.side === null ? 'middle' : 'hand'}
        options={[
          { value: 'middle', text: 'Largest from the middle' },
          { value: 'hand', text: 'By hand' },
        ]}
        onChoose={(value) =>
          onCut(
            value === 'middle'
              ? { ...cut, side: null }
              : { ...cut, left: Math.round((look.width - middle) / 2), top: Math.round((look.height - middle) / 2), side: middle },
          )
        }
      />
      {cut.side === null ? (
        <span />
      ) : (
        <Slider
          label={`Crop size, ${cut.side} pixels`}
          min={8}
          max={Math.max(look.width, look.height)}
          value={cut.side}
          onChange={(side) => onCut({ ...cut, side })}
        />
      )}
      {cut.tone === 'STENCIL' ? (
        <Slider
          label={`Threshold ${cut.threshold}`}
          min={1}
          max={255}
          value={cut.threshold}
          onChange={(threshold) => onCut({ ...cut, threshold })}
        />
      ) : (
        <span />
      )}
      <Slider
        label={`Rotation ${cut.degrees}°`}
        min={-180}
        max={180}
        value={cut.degrees}
        onChange={(degrees) => onCut({ ...cut, degrees })}
      />
      <Slider label={`Outline tolerance ${tolerance} pixels`} min={0.2} max={8} step={0.1} value={tolerance} onChange={onTolerance} />
      <span className="flex flex-wrap gap-4 text-sm">
        <label className="flex items-center gap-2">
          <input
            type="checkbox"
            checked={cut.round}
            onChange={(event) => onCut({ ...cut, round: event.currentTarget.checked })}
            className="accent-kite-text"
          />
          Round
        </label>
        <label className="flex items-center gap-2">
          <input
            type="checkbox"
            checked={cut.inverted}
            onChange={(event) => onCut({ ...cut, inverted: event.currentTarget.checked })}
            className="accent-kite-text"
          />
          Inverted
        </label>
      </span>
    </div>
  );
}

function Slider({
  label,
  min,
  max,
  step = 1,
  value,
  onChange,
}: {
  label: string;
  min: number;
  max: number;
  step?: number;
  value: number;
  onChange: (to: number) => void;
}) {
  return (
    <label className="flex flex-col gap-1 text-xs text-muted">
      {label}
      <input
        type="range"
        min={min}
        max={max}
        step={step}
        value={value}
        onChange={(event) => onChange(Number(event.currentTarget.value))}
        className="h-8 accent-kite-text"
      />
    </label>
  );
}
