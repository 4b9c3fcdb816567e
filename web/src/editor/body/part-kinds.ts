import type { BodyPart, Edit } from '#/api/types';

export type PartKind = Extract<Edit, { type: 'addPart' }>['kind'];

/** Kinds of parts by the standard's names, in plain words. */
export const PART_KINDS: { value: PartKind; text: string }[] = [
  { value: 'Geometry', text: 'part' },
  { value: 'Axis', text: 'axis' },
  { value: 'Beam', text: 'beam' },
  { value: 'FilterBeam', text: 'beam filter' },
  { value: 'FilterColor', text: 'colour filter' },
  { value: 'FilterGobo', text: 'gobo filter' },
  { value: 'FilterShaper', text: 'shaper filter' },
  { value: 'Display', text: 'display' },
  { value: 'Laser', text: 'laser' },
  { value: 'MediaServerLayer', text: 'media layer' },
  { value: 'MediaServerCamera', text: 'media camera' },
  { value: 'MediaServerMaster', text: 'media master' },
  { value: 'WiringObject', text: 'connector' },
  { value: 'Inventory', text: 'inventory' },
  { value: 'Structure', text: 'structure' },
  { value: 'Support', text: 'support' },
  { value: 'Magnet', text: 'magnet' },
];

export function kindWords(part: BodyPart) {
  if (part.repeats !== '') return `repeats ${part.repeats}`;
  return PART_KINDS.find((each) => each.value === part.kind)?.text ?? part.kind;
}
