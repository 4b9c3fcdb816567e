import type { FixtureFacts } from '#/api/types';

/** What the fixture is as a thing; only what is said. */
export function FactsOfTheFixture({ facts }: { facts: FixtureFacts }) {
  const lines = [
    ['Light source', facts.lampType],
    ['Beam angle', unit(facts.beamAngle, '°')],
    ['Field angle', unit(facts.fieldAngle, '°')],
    ['Flux', unit(facts.luminousFlux, 'lm')],
    ['Colour temp.', unit(facts.colorTemperature, 'K')],
    ['Power', unit(facts.power, 'W')],
    ['Weight', unit(facts.weight, 'kg')],
    ['Connectors', facts.connectors.replaceAll('\n', ', ')],
    ['RDM', facts.rdmManufacturer === '' && facts.rdmModel === '' ? '' : `${facts.rdmManufacturer}:${facts.rdmModel}`],
    ['Personalities', facts.personalities.map((each) => `${each.number} ${each.mode}`).join(', ')],
  ].filter(([, text]) => text !== '');
  if (lines.length === 0) return null;
  return (
    <section aria-label="Facts of the fixture">
      <h2 className="mb-1 text-xs font-semibold text-muted">Facts of the fixture</h2>
      <dl className="grid grid-cols-[6.5rem_minmax(0,1fr)] gap-y-1 text-sm [&>dd]:break-words [&>dt]:text-muted">
        {lines.map(([label, text]) => (
          <Line key={label} label={label ?? ''} text={text ?? ''} />
        ))}
      </dl>
    </section>
  );
}

function Line({ label, text }: { label: string; text: string }) {
  return (
    <>
      <dt>{label}</dt>
      <dd>{text}</dd>
    </>
  );
}

function unit(value: string, sign: string) {
  return value === '' ? '' : `${value} ${sign}`;
}
