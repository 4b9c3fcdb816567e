import type { GoboFacts } from '#/api/types';
import { TextField } from '#/ui/text-field';

/** What the house knows of a gobo, as fields. */
export function GoboFactsFields({
  facts,
  onChange,
  nameError,
}: {
  facts: GoboFacts;
  onChange: (to: GoboFacts) => void;
  nameError?: string | null;
}) {
  const set = (key: keyof GoboFacts) => (text: string) => onChange({ ...facts, [key]: text });
  return (
    <div className="grid grid-cols-2 gap-3">
      <TextField label="Name" value={facts.name} onChange={set('name')} maxLength={120} error={nameError ?? null} />
      <TextField label="Tags, parted by spaces" value={facts.tags} onChange={set('tags')} maxLength={300} />
      <TextField label="Manufacturer" value={facts.manufacturer} onChange={set('manufacturer')} maxLength={120} />
      <TextField label="Manufacturer's number" value={facts.manufacturerNumber} onChange={set('manufacturerNumber')} maxLength={60} />
      <TextField label="Where it came from" value={facts.origin} onChange={set('origin')} maxLength={300} />
      <TextField label="Rights" value={facts.rights} onChange={set('rights')} maxLength={300} />
    </div>
  );
}
