/**
 * How well some typed words fit a text: each has to begin one of its words, or nearly, with one slip in words of four letters and more. 0 is
 * best; null if they do not fit.
 */
export function fits(typed: string, text: string): number | null {
  const words = wordsOf(text);
  let worse = 0;
  for (const part of wordsOf(typed)) {
    const best = Math.min(...words.map((word) => slips(part, word)));
    if (best > (part.length >= 4 ? 1 : 0)) return null;
    worse += best;
  }
  return worse;
}

function wordsOf(text: string) {
  return text
    .toLowerCase()
    .split(/[^\p{L}\p{N}]+/u)
    .filter((word) => word !== '');
}

/** Letters that are wrong, missing, doubled or swapped between what was typed and how a word begins; more than one counts as 9. */
function slips(typed: string, word: string) {
  if (word.startsWith(typed)) return 0;
  const oneOff = [...typed].some(
    (_, at) =>
      word.startsWith(typed.slice(0, at) + typed.slice(at + 1)) || // one too many
      near(typed, word, at),
  );
  return oneOff ? 1 : 9;
}

function near(typed: string, word: string, at: number) {
  if (!word.startsWith(typed.slice(0, at))) return false;
  const rest = typed.slice(at);
  const swapped = rest.length > 1 ? rest.charAt(1) + rest.charAt(0) + rest.slice(2) : rest;
  return (
    word.slice(at).startsWith(swapped) || // two swapped
    word.slice(at + 1).startsWith(rest) || // one missing
    (word.length > at && word.slice(at + 1).startsWith(rest.slice(1))) // one wrong
  );
}
