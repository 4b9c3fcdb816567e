/** Triangles of one colour. */
export type Piece = { rgb: number; points: Float32Array; corners: Uint32Array };

/** Reads triangles as the server sends them: how many pieces, then for each its colour, two counts, its points and its corners. */
export function readShape(content: ArrayBuffer): Piece[] {
  const view = new DataView(content);
  const pieces: Piece[] = [];
  let at = 4;
  for (let left = view.getInt32(0, true); left > 0; left--) {
    const rgb = view.getInt32(at, true);
    const points = view.getInt32(at + 4, true);
    const corners = view.getInt32(at + 8, true);
    at += 12;
    pieces.push({
      rgb,
      points: new Float32Array(content.slice(at, at + 4 * points)),
      corners: new Uint32Array(content.slice(at + 4 * points, at + 4 * (points + corners))),
    });
    at += 4 * (points + corners);
  }
  return pieces;
}
