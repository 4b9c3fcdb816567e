import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { answer, api } from '#/api/client';
import type { ColourMap, WishAnswer, WishRequest } from '#/api/types';
import { useEditor, useEditorActions } from '#/editor/kit/editor-context';
import { number } from '#/ui/figures';
import { Button } from '#/ui/button';
import { Choice } from '#/ui/choice';
import { NumberField } from '#/ui/number-field';
import { Refusal } from '#/ui/refusal';
import { useForgetFilled } from '#/ui/filled';

type Form = WishRequest['form'];
const FORMS: { value: Form; text: string }[] = [
  { value: 'WHITE', text: 'White, in kelvin' },
  { value: 'SCREEN', text: 'From the screen' },
  { value: 'HUE', text: 'Hue and saturation' },
  { value: 'XY', text: 'x and y' },
  { value: 'NAMED', text: 'A filter of this profile' },
];
const USUAL: Record<Form, [string, string]> = {
  WHITE: ['3200', '0'],
  SCREEN: ['', ''],
  HUE: ['40', '80'],
  XY: ['0.44', '0.40'],
  NAMED: ['', ''],
};

/** A colour that is asked for, and the values that make it. */
export function ColourWish({
  mode,
  map,
  answer: got,
  onAnswer,
}: {
  mode: number;
  map: ColourMap;
  answer: WishAnswer | undefined;
  onAnswer: (to: WishAnswer | undefined) => void;
}) {
  const { draft, probe } = useEditor();
  const { setProbe } = useEditorActions();
  const forgetFilled = useForgetFilled();
  const [form, setForm] = useState<Form>('WHITE');
  const [first, setFirst] = useState('3200');
  const [second, setSecond] = useState('0');
  const [hex, setHex] = useState('#ffb347');
  const [name, setName] = useState('');
  const [choice, setChoice] = useState<WishRequest['choice']>('BRIGHTEST');
  const [brightness, setBrightness] = useState('100');
  const named = name === '' ? (map.named[0]?.name ?? '') : name;
  const forms = FORMS.filter((each) => each.value !== 'NAMED' || map.named.length > 0);
  const ask = useMutation({
    mutationFn: (body: WishRequest) =>
      answer(api.POST('/api/drafts/{draftId}/colour/wanted', { params: { path: { draftId: draft.id } }, body })),
    onSuccess: onAnswer,
    onError: () => onAnswer(undefined),
  });

  function request(): WishRequest | null {
    const share = number(brightness.trim());
    const rest = { mode, values: probe, form, hex, name: named, choice, brightness: map.dims ? (share ?? 0) : 100 };
    if (form === 'NAMED' || form === 'SCREEN') return { ...rest, first: 0, second: 0 };
    const [a, b] = [number(first.trim()), number(second.trim())];
    return a === null || b === null ? null : { ...rest, first: a, second: b };
  }

  const next = request();
  return (
    <form
      className="flex flex-col gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        if (next) ask.mutate(next);
      }}
    >
      <div className="flex flex-wrap items-end gap-3">
        <Choice
          label="Target as"
          value={form}
          options={forms}
          onChoose={(value) => {
            const chosen = forms.find((each) => each.value === value)?.value ?? 'WHITE';
            setForm(chosen);
            setFirst(USUAL[chosen][0]);
            setSecond(USUAL[chosen][1]);
          }}
        />
        {form === 'SCREEN' && (
          <label className="flex flex-col gap-0.5 text-xs text-muted">
            Colour
            <input
              type="color"
              value={hex}
              onChange={(event) => setHex(event.currentTarget.value)}
              className="h-8 w-14 rounded-sm border border-edge bg-trough"
            />
          </label>
        )}
        {form === 'NAMED' && (
          <Choice
            label="Filter"
            value={named}
            options={map.named.map((each) => ({ value: each.name, text: each.name }))}
            onChoose={setName}
          />
        )}
        {form === 'WHITE' && (
          <Numbers labels={['Kelvin', 'Tint, Duv']} first={first} second={second} setFirst={setFirst} setSecond={setSecond} />
        )}
        {form === 'HUE' && (
          <Numbers labels={['Hue, °', 'Saturation, %']} first={first} second={second} setFirst={setFirst} setSecond={setSecond} />
        )}
        {form === 'XY' && <Numbers labels={['x', 'y']} first={first} second={second} setFirst={setFirst} setSecond={setSecond} />}
      </div>
      <div className="flex flex-wrap items-end gap-3">
        <Choice
          label="If several mixes match"
          value={choice}
          options={[
            { value: 'BRIGHTEST', text: 'As much light as there is' },
            { value: 'EVENEST', text: 'From as many emitters as there are' },
          ]}
          onChoose={(value) => setChoice(value === 'EVENEST' ? 'EVENEST' : 'BRIGHTEST')}
        />
        {map.dims && <NumberField label="Brightness, %" value={brightness} onChange={setBrightness} />}
        <Button main type="submit" disabled={next === null}>
          Find the values
        </Button>
      </div>
      <Refusal says={ask.error?.message} />
      {got && (
        <section aria-label="What makes it" className="flex flex-col gap-2.5">
          <div className="flex items-center gap-2 text-sm">
            <Swatch hex={got.wanted.hex} text="wanted" />
            <Swatch hex={got.reached.hex} text="reached" />
          </div>
          <p role="status" className={`text-sm ${got.inGamut ? 'text-muted' : 'text-warning'}`}>
            {got.says}
          </p>
          <ul className="flex flex-col gap-1 text-sm">
            {got.levels.map((each) => (
              <li key={each.pretty} className="grid grid-cols-[7rem_minmax(0,1fr)_4rem] items-center gap-2">
                <span className="truncate">{each.pretty}</span>
                <span aria-hidden className="h-2 rounded-sm bg-trough">
                  <span className="block h-full rounded-sm bg-muted" style={{ width: `${100 * each.level}%` }} />
                </span>
                <span className="text-right font-mono">{each.says}</span>
              </li>
            ))}
          </ul>
          <Button
            className="self-start"
            onClick={() => {
              Object.entries(got.values).forEach(([channel, raw]) => setProbe(Number(channel), raw));
              forgetFilled();
            }}
          >
            Set the probe to these values
          </Button>
        </section>
      )}
    </form>
  );
}

function Numbers({
  labels,
  first,
  second,
  setFirst,
  setSecond,
}: {
  labels: [string, string];
  first: string;
  second: string;
  setFirst: (to: string) => void;
  setSecond: (to: string) => void;
}) {
  return (
    <>
      <NumberField label={labels[0]} value={first} onChange={setFirst} />
      <NumberField label={labels[1]} value={second} onChange={setSecond} />
    </>
  );
}

function Swatch({ hex, text }: { hex: string; text: string }) {
  return (
    <span className="flex items-center gap-1.5">
      <span aria-hidden className="h-7 w-12 rounded-sm border border-line" style={{ background: hex }} />
      <span className="text-muted">{text}</span>
    </span>
  );
}
