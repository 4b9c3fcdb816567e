import type { ColourMap, Hue } from '#/api/types';

const SIDE = 384;

/** The u'v' diagram with what the mode can mix, the black bodies, the colour at the probe and the one that is wanted. */
export function ColourDiagram({ map, wanted, reached }: { map: ColourMap; wanted?: Hue | undefined; reached?: Hue | undefined }) {
  const place = ({ u, v }: { u: number; v: number }) => [(SIDE * u) / map.span, SIDE * (1 - v / map.span)] as const;
  const line = (spots: { u: number; v: number }[]) =>
    spots
      .map((spot) =>
        place(spot)
          .map((each) => each.toFixed(1))
          .join(' '),
      )
      .join('L');
  const now = reached ?? map.now;
  return (
    <svg
      role="img"
      aria-label={`Diagram of colours, u prime to the right, v prime upwards. ${map.gamut.length > 0 ? `The fixture mixes what lies inside a shape of ${map.gamut.length} corners.` : 'The mode has no shape of its own to mix in.'}`}
      viewBox={`0 0 ${SIDE} ${SIDE}`}
      className="w-full rounded-md bg-trough"
    >
      <image href="/api/colour-diagram.png" width={SIDE} height={SIDE} opacity={0.55} />
      {[0.1, 0.2, 0.3, 0.4, 0.5, 0.6].map((at) => (
        <g key={at} fill="var(--muted)" fontSize={10} className="font-mono">
          <text x={(SIDE * at) / map.span} y={SIDE - 4} textAnchor="middle">
            {at}
          </text>
          <text x={4} y={SIDE * (1 - at / map.span) + 3}>
            {at}
          </text>
        </g>
      ))}
      {map.gamut.length > 1 && <path d={`M${line(map.gamut)}Z`} fill="none" stroke="#0b0e10" strokeWidth={4} strokeOpacity={0.5} />}
      {map.gamut.length > 1 && <path d={`M${line(map.gamut)}Z`} fill="none" stroke="#fff" strokeWidth={1.8} />}
      <path d={`M${line(map.blackBodies)}`} fill="none" stroke="#0b0e10" strokeWidth={1.5} />
      {map.blackBodies.map((body) => {
        const [x, y] = place(body);
        return (
          <g key={body.kelvin}>
            <circle cx={x} cy={y} r={2} fill="#0b0e10" />
            {[2000, 3200, 6500].includes(body.kelvin) && (
              <text x={x + 4} y={y + 13} fontSize={10} fill="#0b0e10" className="font-mono">
                {body.kelvin}
              </text>
            )}
          </g>
        );
      })}
      {map.lights.map((light) => {
        const [x, y] = place(light.hue);
        return (
          <circle
            key={light.pretty}
            cx={x}
            cy={y}
            r={5}
            fill={light.hue.hex}
            stroke="#0b0e10"
            strokeWidth={1.5}
            aria-label={light.pretty}
          />
        );
      })}
      {now && <Cross at={place(now)} />}
      {wanted && <Ring at={place(wanted)} />}
    </svg>
  );
}

/** Where the light is. */
function Cross({ at: [x, y] }: { at: readonly [number, number] }) {
  return (
    <g strokeLinecap="round">
      <path d={`M${x - 6} ${y}H${x + 6}M${x} ${y - 6}V${y + 6}`} stroke="#fff" strokeWidth={5} />
      <path d={`M${x - 6} ${y}H${x + 6}M${x} ${y - 6}V${y + 6}`} stroke="#0b0e10" strokeWidth={2} />
    </g>
  );
}

/** Where it was wanted. */
function Ring({ at: [x, y] }: { at: readonly [number, number] }) {
  return (
    <g fill="none">
      <circle cx={x} cy={y} r={10} stroke="#fff" strokeWidth={4} />
      <circle cx={x} cy={y} r={10} stroke="#0b0e10" strokeWidth={1.8} />
    </g>
  );
}
