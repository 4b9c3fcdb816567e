import type { Bundle } from '#/api/types';

/** What hangs on a tail is said so far; the count says the rest. */
const SAID = 8;

/** A tail in words, so that two modes do not sound alike: "Pan 16 bit, Tilt 16 bit, Dimmer, 10 cells of 4". */
export function saidTail(bundles: readonly Bundle[]) {
  const parts = bundles.flatMap((bundle) =>
    bundle.times > 1
      ? [`${bundle.times} cells of ${bundle.pennants.length}`]
      : bundle.pennants.map(({ attribute, bytes }) => (bytes > 1 ? `${attribute} ${8 * bytes} bit` : attribute)),
  );
  return parts.length <= SAID ? parts.join(', ') : `${parts.slice(0, SAID).join(', ')} and ${parts.length - SAID} more`;
}
