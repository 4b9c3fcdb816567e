import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { answer, api } from '#/api/client';
import type { Body, Pose } from '#/api/types';
import { useEditor, useEditorActions } from '#/editor/kit/editor-context';
import { Button } from '#/ui/button';
import { Choice } from '#/ui/choice';
import { NumberField } from '#/ui/number-field';
import { Refusal } from '#/ui/refusal';

/** What the light is: its source, and how wide and how bright it is somewhere. */
export function LightPanel({ body, pose }: { body: Body; pose: Pose | undefined }) {
  return (
    <div className="grid grid-cols-2 gap-6 max-[900px]:grid-cols-1">
      <Source body={body} />
      <Thrown body={body} pose={pose} />
    </div>
  );
}

function Source({ body }: { body: Body }) {
  const { edit } = useEditorActions();
  const [wanted, setWanted] = useState(body.source);
  const [refusal, setRefusal] = useState<string | null>(null);
  const chosen = body.sources.find((each) => each.name === wanted);
  return (
    <section aria-label="Light source" className="flex flex-col gap-2">
      <h3 className="text-sm font-semibold">Light source</h3>
      <p className="text-sm text-muted">
        Changes kind, colour temperature, flux, power, colour rendering, spectrum and the dimmer’s curve together. The figures are ours:
        what such a source usually is like.
      </p>
      <div className="flex flex-wrap items-end gap-2">
        <Choice
          label="From the shelf"
          value={wanted}
          placeholder={body.source === '' ? 'the fixture’s own' : body.source}
          options={body.sources.map((each) => ({ value: each.name, text: each.name }))}
          onChoose={setWanted}
        />
        <Button
          disabled={wanted === '' || wanted === body.source}
          onClick={() => void edit({ type: 'swapSource', source: wanted }).then(setRefusal)}
        >
          Change source
        </Button>
      </div>
      {chosen && <p className="text-sm">{chosen.says}</p>}
      <Refusal says={refusal} />
    </section>
  );
}

function Thrown({ body, pose }: { body: Body; pose: Pose | undefined }) {
  const { draft, part } = useEditor();
  const beams = body.parts.filter((each) => each.kind === 'Beam');
  const beam = beams.find((each) => each.name === part) ?? beams[0];
  const [distance, setDistance] = useState('10');
  const metres = Number(distance.replace(',', '.'));
  const isNumber = distance.trim() !== '' && Number.isFinite(metres);
  const { data, error } = useQuery({
    queryKey: ['draft', draft.id, draft.version, 'throw', beam?.name, metres],
    queryFn: ({ signal }) =>
      answer(
        api.GET('/api/drafts/{draftId}/throw', {
          params: { path: { draftId: draft.id }, query: { part: beam?.name ?? '', distance: metres } },
          signal,
        }),
      ),
    enabled: isNumber && beam !== undefined,
  });
  if (!beam) return <p className="text-sm text-muted">The body has no part that gives light.</p>;
  const now = pose?.shines[0];
  return (
    <section aria-label="Throw" className="flex flex-col gap-2 text-sm">
      <h3 className="font-semibold">{beam.name}: beam and field</h3>
      <div className="flex items-end gap-3">
        <NumberField label="Distance, m" value={distance} onChange={setDistance} />
        {isNumber && data && (
          <p className="font-mono">
            {`beam ${data.beamWidth.toFixed(2)} m (${data.beamAngle}°), field ${data.fieldWidth.toFixed(2)} m (${data.fieldAngle}°), ${Math.round(data.lux).toLocaleString()} lx`}
          </p>
        )}
      </div>
      {!isNumber && <p className="text-error">Type a distance in metres.</p>}
      {error && <p className="text-error">{error.message}</p>}
      <p className="text-muted">
        Beam: where there is half of the light of the middle; field: a tenth. Lux: the flux on average over the field, without losses.
      </p>
      {now?.met && (
        <p>
          {`At the probe: ${now.beamAngle.toFixed(1)}° beam, ${now.fieldAngle.toFixed(1)}° field; on the ${now.met.surface === 'FLOOR' ? 'floor' : 'wall'} after ${now.met.distance.toFixed(2)} m it is ${now.met.fieldWidth.toFixed(2)} m wide, ${Math.round(now.met.lux).toLocaleString()} lx.`}
          {now.strobeHz !== null && ` Strobe ${now.strobeHz.toFixed(1)} Hz, shown as steady light.`}
          {now.gobos.map((gobo) => ` Gobo ${gobo.name}${gobo.speed === 0 ? '' : `, turning ${Math.round(gobo.speed)}°/s`}.`).join('')}
          {now.copies.length > 0 && ` Prism, ${now.copies.length} copies.`}
          {now.frost > 0 && ` Frost ${Math.round(100 * now.frost)} %.`}
        </p>
      )}
    </section>
  );
}
