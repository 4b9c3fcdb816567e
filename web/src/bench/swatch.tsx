/** The sign of a range: its colour, or its picture. Nothing for one that has neither. */
export function Swatch({ of }: { of: { color: string | null; picture: string | null } }) {
  if (of.picture) return <img src={of.picture} alt="" className="size-5 shrink-0 rounded-full border border-line bg-black" />;
  if (of.color) return <span aria-hidden className="size-4 shrink-0 rounded-full border border-line" style={{ background: of.color }} />;
  return null;
}
