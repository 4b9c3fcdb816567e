/** The outline of a pennant by feature group, from x on in a box of w by h. Shape and colour carry the same. */
const SHAPES: Record<string, (x: number, w: number, h: number) => string> = {
  Dimmer: (x, w, h) => `M${x} 0H${x + w}V${h}H${x}Z`,
  Position: (x, w, h) => `M${x} 0H${x + w}L${x + w - h * 0.45} ${h / 2}L${x + w} ${h}H${x}Z`,
  Gobo: (x, w, h) => `M${x} 0H${x + w}V${h * 0.4}A${w / 2} ${h * 0.6} 0 0 1 ${x} ${h * 0.4}Z`,
  Color: (x, w, h) => `M${x} 0H${x + w}L${x + w / 2} ${h}Z`,
  Beam: (x, w, h) => `M${x} 0H${x + w}V${h}L${x + w / 2} ${h * 0.62}L${x} ${h}Z`,
  Focus: (x, w, h) => `M${x} 0H${x + w}V${h * 0.45}L${x + w / 2} ${h}L${x} ${h * 0.45}Z`,
  Control: (x, w, h) => `M${x} 0H${x + w}V${h / 2}H${x}Z`,
  Shapers: (x, w, h) => `M${x} 0H${x + w}L${x + w - w * 0.22} ${h}H${x + w * 0.22}Z`,
  Video: (x, w, h) => `M${x} 0H${x + w}V${h}H${x + w * 0.65}V${h * 0.6}H${x + w * 0.35}V${h}H${x}Z`,
};

/** A profile may leave an attribute undefined: then the pennant is a thin strip without colour. */
function strip(x: number, w: number, h: number) {
  return `M${x} 0H${x + w}V${h * 0.22}H${x}Z`;
}

export function pennantPath(group: string, x: number, w: number, h: number) {
  return (SHAPES[group] ?? strip)(x, w, h);
}

export function groupColor(group: string) {
  return group in SHAPES ? `var(--g-${group.toLowerCase()})` : 'var(--muted)';
}
