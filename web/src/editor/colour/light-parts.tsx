import { Trash2 } from 'lucide-react';
import { useState } from 'react';
import type { ColourMap, Edit } from '#/api/types';
import { PanelForm } from '#/editor/kit/panel-form';
import { useEditorActions } from '#/editor/kit/editor-context';
import { number } from '#/ui/figures';
import { NumberField } from '#/ui/number-field';
import { PanelButton } from '#/ui/panel-button';
import { Refusal } from '#/ui/refusal';
import { TextField } from '#/ui/text-field';

type Kind = 'EMITTER' | 'FILTER';
type Part = ColourMap['emitters'][number];

/** The emitters and filters of the profile: their colours, what was measured, and what works with them. */
export function LightParts({ map }: { map: ColourMap }) {
  return (
    <div className="flex flex-col gap-5">
      <Parts
        kind="EMITTER"
        title="Emitters"
        parts={map.emitters}
        none="No emitters: lights count as red, green and blue of the profile's colour space, or as lights of their kind usually are."
      />
      <Parts kind="FILTER" title="Filters" parts={map.filters} none="No filters: flags count as plain cyan, magenta and yellow." />
    </div>
  );
}

function Parts({ kind, title, parts, none }: { kind: Kind; title: string; parts: Part[]; none: string }) {
  const { edit } = useEditorActions();
  const [refusal, setRefusal] = useState<string | null>(null);
  return (
    <section aria-label={title}>
      <div className="flex items-center justify-between">
        <h3 className="text-xs font-semibold text-muted">{title}</h3>
        <Put kind={kind} />
      </div>
      {parts.length === 0 && <p className="text-sm text-muted">{none}</p>}
      <ul>
        {parts.map((part) => (
          <li key={part.name} className="flex items-center gap-2.5 border-b border-line/60 py-1.5 text-sm">
            <span
              aria-hidden
              className="size-5 shrink-0 rounded-sm border border-line"
              style={{ background: part.hue?.hex ?? 'transparent' }}
            />
            <span className="min-w-0 flex-1">
              <span className="flex flex-wrap gap-x-2">
                <span>{part.name}</span>
                <span className="font-mono text-muted">{part.hue?.says.xy ?? 'colour not known'}</span>
                {part.luminance !== null && <span className="font-mono text-muted">{`Y ${part.luminance.text} %`}</span>}
                {part.nanometres !== null && <span className="font-mono text-muted">{`${part.nanometres.text} nm`}</span>}
              </span>
              <span className="block truncate text-xs text-muted" title={part.uses.join(', ')}>
                {part.measured > 0 ? `${part.measured} measured, ${part.spectra} as spectra. ` : ''}
                {part.uses.length === 0 ? 'Not used.' : part.uses.join(', ')}
              </span>
            </span>
            <Put kind={kind} part={part} />
            <button
              type="button"
              aria-label={`Remove ${part.name}`}
              title="Remove"
              onClick={() => void edit({ type: 'removeLightPart', kind, name: part.name }).then(setRefusal)}
              className="grid size-7 place-items-center rounded-sm text-muted hover:bg-raised hover:text-text"
            >
              <Trash2 size={15} aria-hidden />
            </button>
          </li>
        ))}
      </ul>
      <Refusal says={refusal} />
    </section>
  );
}

function Put({ kind, part }: { kind: Kind; part?: Part }) {
  const thing = kind === 'EMITTER' ? 'emitter' : 'filter';
  return (
    <PanelButton text={part ? 'Change' : 'Add'} title={part ? `Change ${part.name}` : `Add an ${thing}`.replace('an filter', 'a filter')}>
      {(close) => <PutForm kind={kind} part={part} close={close} />}
    </PanelButton>
  );
}

function PutForm({ kind, part, close }: { kind: Kind; part: Part | undefined; close: () => void }) {
  const [name, setName] = useState(part?.name ?? '');
  const [x, setX] = useState(part?.hue?.says.x ?? '0.3127');
  const [y, setY] = useState(part?.hue?.says.y ?? '0.3290');
  const [luminance, setLuminance] = useState(part?.luminance?.text ?? '100');
  const [nanometres, setNanometres] = useState(part?.nanometres?.text ?? '');
  function toEdit(): Edit | string {
    const [atX, atY, bright, wave] = [number(x), number(y), number(luminance), number(nanometres)];
    if (atX === null || atY === null || bright === null) return 'Type x, y and the luminance as numbers, such as 0.3127.';
    if (nanometres.trim() !== '' && wave === null) return 'Type the wavelength in nm, or leave it empty.';
    return kind === 'EMITTER'
      ? { type: 'putEmitter', name, x: atX, y: atY, luminance: bright, nanometres: wave }
      : { type: 'putFilter', name, x: atX, y: atY, luminance: bright };
  }
  return (
    <PanelForm submit={part ? 'Change' : 'Add'} close={close} toEdit={toEdit}>
      {!part && <TextField label="Name" value={name} onChange={setName} maxLength={120} autoFocus />}
      <div className="flex flex-wrap gap-3">
        <NumberField label="x" value={x} onChange={setX} />
        <NumberField label="y" value={y} onChange={setY} />
        <NumberField label={kind === 'EMITTER' ? 'Luminance, %' : 'Transmission, %'} value={luminance} onChange={setLuminance} />
        {kind === 'EMITTER' && <NumberField label="Wavelength, nm" value={nanometres} onChange={setNanometres} />}
      </div>
    </PanelForm>
  );
}
