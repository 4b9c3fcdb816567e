import { readFileSync } from 'node:fs';
import { describe, expect, test } from 'vitest';

/** Colours of the theme by name, in sRGB 0 to 1. */
type Theme = Record<string, [number, number, number]>;

const css = readFileSync('src/app/theme.css', 'utf8');
const dark = tokens(/:root \{([^}]*)\}/.exec(css)?.[1] ?? '');
const light = { ...dark, ...tokens(/:root\[data-theme='light'\] \{([^}]*)\}/.exec(css)?.[1] ?? '') };

function tokens(block: string): Theme {
  return Object.fromEntries(
    [...block.matchAll(/--([\w-]+):\s*(#[0-9a-f]{6}|oklch\([^)]*\))/g)].map(([, name = '', value = '']) => [name, srgb(value)]),
  );
}

function srgb(value: string): [number, number, number] {
  if (value.startsWith('#')) return [1, 3, 5].map((at) => parseInt(value.slice(at, at + 2), 16) / 255) as [number, number, number];
  const [l = 0, c = 0, h = 0] = value.slice(6, -1).split(/\s+/).map(Number);
  const a = c * Math.cos((h * Math.PI) / 180);
  const b = c * Math.sin((h * Math.PI) / 180);
  // spec: CSS Color 4, from Oklab to linear sRGB
  const [x, y, z] = [
    l + 0.3963377774 * a + 0.2158037573 * b,
    l - 0.1055613458 * a - 0.0638541728 * b,
    l - 0.0894841775 * a - 1.291485548 * b,
  ].map((each) => each ** 3) as [number, number, number];
  const linear = [
    4.0767416621 * x - 3.3077115913 * y + 0.2309699292 * z,
    -1.2684380046 * x + 2.6097574011 * y - 0.3413193965 * z,
    -0.0041960863 * x - 0.7034186147 * y + 1.707614701 * z,
  ];
  return linear.map((each) => {
    const within = Math.min(1, Math.max(0, each));
    return within <= 0.0031308 ? 12.92 * within : 1.055 * within ** (1 / 2.4) - 0.055;
  }) as [number, number, number];
}

/** spec: WCAG 2.2, relative luminance and contrast ratio. */
function luminance(color: [number, number, number]) {
  const [r, g, b] = color.map((each) => (each <= 0.04045 ? each / 12.92 : ((each + 0.055) / 1.055) ** 2.4)) as [number, number, number];
  return 0.2126 * r + 0.7152 * g + 0.0722 * b;
}

function contrast(theme: Theme, one: string, other: string) {
  const color = (name: string) => {
    const found = theme[name];
    if (!found) throw new Error(`the theme has no --${name}`);
    return luminance(found);
  };
  const [more = 0, less = 0] = [color(one), color(other)].sort((a, b) => b - a);
  return (more + 0.05) / (less + 0.05);
}

const GROUNDS = ['ground', 'panel', 'raised', 'trough'];
const GROUPS = ['dimmer', 'position', 'gobo', 'color', 'beam', 'focus', 'control', 'shapers', 'video'].map((group) => `g-${group}`);

describe.each([
  ['dark', dark],
  ['light', light],
] as const)('in the %s theme', (_, theme) => {
  test.each(['text', 'muted', 'kite-text', 'error', 'warning', 'good'].flatMap((text) => GROUNDS.map((ground) => [text, ground] as const)))(
    '%s can be read on %s',
    (text, ground) => expect(contrast(theme, text, ground)).toBeGreaterThanOrEqual(4.5),
  );

  test.each(['edge', 'kite-text'].flatMap((state) => GROUNDS.map((ground) => [state, ground] as const)))(
    'edges and states in %s can be seen on %s',
    (state, ground) => expect(contrast(theme, state, ground)).toBeGreaterThanOrEqual(3),
  );

  test.each(GROUPS)('a label on an opened bar of %s can be read', (group) => {
    expect(contrast(theme, 'ground', group)).toBeGreaterThanOrEqual(4.5);
  });

  test('the one main action can be read', () => {
    expect(contrast(theme, 'on-kite', 'kite')).toBeGreaterThanOrEqual(4.5);
  });

  test.each(GROUPS)('a pennant of %s can be seen on the grounds that it stands on', (group) => {
    for (const ground of ['ground', 'panel', 'raised']) expect(contrast(theme, group, ground)).toBeGreaterThanOrEqual(3);
  });
});

test('the arithmetic is that of the published examples', () => {
  const theme = { white: srgb('#ffffff'), black: srgb('#000000'), gray: srgb('#777777'), red: srgb('oklch(0.62796 0.25768 29.2339)') };
  expect(contrast(theme, 'white', 'black')).toBeCloseTo(21, 5);
  expect(contrast(theme, 'white', 'gray')).toBeCloseTo(4.48, 2); // just too little, as is well known
  expect(theme.red.map((each) => Math.round(each * 255))).toEqual([255, 0, 0]);
});
