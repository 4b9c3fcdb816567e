/** The outline of a pennant by feature group, inside a box of w by h. Shape and colour carry the same. */
const SHAPES: Record<string, (w: number, h: number) => string> = {
  Dimmer: (w, h) => `M0 0H${w}V${h}H0Z`,
  Position: (w, h) => `M0 0H${w}L${w - h * 0.45} ${h / 2}L${w} ${h}H0Z`,
  Gobo: (w, h) => `M0 0H${w}V${h * 0.4}A${w / 2} ${h * 0.6} 0 0 1 0 ${h * 0.4}Z`,
  Color: (w, h) => `M0 0H${w}L${w / 2} ${h}Z`,
  Beam: (w, h) => `M0 0H${w}V${h}L${w / 2} ${h * 0.62}L0 ${h}Z`,
  Focus: (w, h) => `M0 0H${w}V${h * 0.45}L${w / 2} ${h}L0 ${h * 0.45}Z`,
  Control: (w, h) => `M0 0H${w}V${h / 2}H0Z`,
  Shapers: (w, h) => `M0 0H${w}L${w - w * 0.22} ${h}H${w * 0.22}Z`,
  Video: (w, h) => `M0 0H${w}V${h}H${w * 0.65}V${h * 0.6}H${w * 0.35}V${h}H0Z`,
};

/** A profile may leave an attribute undefined: then the pennant is a thin strip without colour. */
function strip(w: number, h: number) {
  return `M0 0H${w}V${h * 0.22}H0Z`;
}

export function pennantPath(group: string, w: number, h: number) {
  return (SHAPES[group] ?? strip)(w, h);
}

export function groupColor(group: string) {
  return group in SHAPES ? `var(--g-${group.toLowerCase()})` : 'var(--muted)';
}
