import { useEffect } from 'react';
import { Check } from '#/ui/check';
import { stored } from '#/ui/stored';

const aloud = stored<boolean>(
  'kite-walk-aloud',
  (kept) => kept === 'yes',
  (on) => (on ? 'yes' : 'no'),
);

/** Says what should be seen, for whoever looks at the fixture and not at the page. A browser without a voice has no such choice. */
export function Aloud({ says }: { says: string | undefined }) {
  const on = aloud.use();
  const voice = (window as { speechSynthesis?: SpeechSynthesis }).speechSynthesis;
  useEffect(() => {
    if (!voice || !on || says === undefined) return;
    const sentence = new SpeechSynthesisUtterance(says);
    sentence.lang = 'en';
    voice.cancel(); // of several steps gone through quickly, the last is said
    voice.speak(sentence);
    return () => voice.cancel();
  }, [voice, on, says]);
  return (
    voice && (
      <Check checked={on} onChange={(to) => aloud.set(to)}>
        Say it aloud
      </Check>
    )
  );
}
