import type { Hue } from '#/api/types';

/** A colour of light in figures: where it lies in the diagrams, as a white if it is one, and whether the screen can show it. */
export function HueFacts({ hue }: { hue: Hue }) {
  return (
    <dl aria-label="Colour of the light" className="grid grid-cols-[6rem_minmax(0,1fr)] gap-y-1 text-sm [&>dt]:text-muted">
      <dt>Colour</dt>
      <dd className="flex flex-wrap items-center gap-2">
        <span aria-hidden className="size-4 rounded-sm border border-line" style={{ background: hue.hex }} />
        {!hue.onScreen && <span className="text-xs text-warning">out of the screen&rsquo;s gamut</span>}
      </dd>
      <dt>x, y</dt>
      <dd className="font-mono">{hue.says.xy}</dd>
      <dt>u&prime;, v&prime;</dt>
      <dd className="font-mono">{hue.says.uv}</dd>
      <dt>White</dt>
      <dd className="font-mono">{hue.says.white || <span className="font-sans text-muted">not a white</span>}</dd>
      {hue.says.duv !== '' && (
        <>
          <dt title="Distance from the black bodies: more than 0 is greener, less is pinker">Duv</dt>
          <dd className="font-mono">{hue.says.duv}</dd>
        </>
      )}
    </dl>
  );
}
