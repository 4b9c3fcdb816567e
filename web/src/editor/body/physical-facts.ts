import type { Edit } from '#/api/types';

type Physical = Extract<Edit, { type: 'setPhysical' }>['facts'];
/** What a line of power says behind its connector. */
export const SUPPLY = ['watts', 'powerFactor', 'voltageLow', 'voltageHigh', 'frequencyLow', 'frequencyHigh'] as const;
/** What a connector is, by the standard's number. */
export const GENDERS = [
  [-1, 'female'],
  [0, 'universal'],
  [1, 'male'],
] as const;

/** The facts as they were typed, or a sentence on the first line that is none. */
export function readPhysical(typed: { lowest: string; highest: string; legs: string; supplies: string; plugs: string }): Physical | string {
  const number = (text: string) => Number(text.trim().replace(',', '.'));
  const given = (text: string) => (text.trim() === '' ? null : number(text));
  for (const text of [typed.lowest, typed.highest, typed.legs]) {
    if (text.trim() !== '' && !Number.isFinite(number(text))) return `'${text}' is no number.`;
  }
  const supplies: Physical['supplies'] = [];
  for (const line of lines(typed.supplies)) {
    const [connector = '', ...rest] = line.split(';').map((each) => each.trim());
    const [watts = NaN, powerFactor = 1, voltageLow = 0, voltageHigh = 0, frequencyLow = 0, frequencyHigh = 0] = rest.map(number);
    const all = [watts, powerFactor, voltageLow, voltageHigh, frequencyLow, frequencyHigh];
    if (rest.length > SUPPLY.length || !all.every(Number.isFinite))
      return `'${line}' is no line of power. Write it as: Power in; 470; 0.95; 100; 240; 50; 60.`;
    supplies.push({ connector, watts, powerFactor, voltageLow, voltageHigh, frequencyLow, frequencyHigh });
  }
  const plugs: Physical['plugs'] = [];
  for (const line of lines(typed.plugs)) {
    const [name = '', type = '', dmxBreak = '', word = '', length = ''] = line.split(';').map((each) => each.trim());
    const gender = GENDERS.find(([, each]) => each === (word === '' ? 'universal' : word.toLowerCase()))?.[0];
    if (gender === undefined || !Number.isInteger(number(dmxBreak)) || !Number.isFinite(number(length))) {
      return `'${line}' is no connector. Write it as: DMX in; XLR5; 1; male; 0.`;
    }
    plugs.push({ name, type, dmxBreak: number(dmxBreak), gender, length: number(length) });
  }
  return { lowest: given(typed.lowest), highest: given(typed.highest), legHeight: given(typed.legs), supplies, plugs };
}

function lines(text: string) {
  return text
    .split('\n')
    .map((each) => each.trim())
    .filter((each) => each !== '');
}
