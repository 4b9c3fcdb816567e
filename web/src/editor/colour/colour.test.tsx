import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { http, HttpResponse } from 'msw';
import { useState } from 'react';
import { expect, test } from 'vitest';
import type { ColourMap, WishAnswer, WishRequest } from '#/api/types';
import { house } from '#/test/house';
import { showInEditor } from '#/editor/test/in-editor';
import { ColourWish } from './colour-wish';
import { LightParts } from './light-parts';

const says = { x: '0.3127', y: '0.3290', xy: '0.3127, 0.3290', uv: '0.1978, 0.4683', white: '6504 K', duv: '+0.0032' };
const hue = { u: 0.1978, v: 0.4683, kelvin: 6504, duv: 0.0032, says, hex: '#ffffff', onScreen: true };
const map: ColourMap = {
  span: 0.65,
  blackBodies: [],
  gamut: [],
  lights: [],
  now: null,
  emitters: [
    {
      name: 'Red',
      hue,
      luminance: { value: 21.26, text: '21.26' },
      nanometres: { value: 625, text: '625' },
      measured: 2,
      spectra: 1,
      uses: ['Red in Wide'],
    },
  ],
  filters: [{ name: 'Straw', hue: null, luminance: null, nanometres: null, measured: 0, spectra: 0, uses: [] }],
  named: [
    { name: 'Straw', hex: '#ffee88' },
    { name: 'Reeds, Gobos', hex: '#88aa33' },
  ],
  dims: true,
};

function Wish() {
  const [answer, setAnswer] = useState<WishAnswer | undefined>();
  return <ColourWish mode={1} map={map} answer={answer} onAnswer={setAnswer} />;
}

/** A house that mixes every wish from red alone. */
function mixes() {
  const wishes: WishRequest[] = [];
  house.use(
    http.post<never, WishRequest>('*/api/drafts/d1/colour/wanted', async ({ request }) => {
      wishes.push(await request.json());
      return HttpResponse.json({
        levels: [{ pretty: 'Red', level: 0.405, says: '40.5 %' }],
        values: { 10: 103 },
        wanted: hue,
        reached: hue,
        distance: 0,
        inGamut: true,
        says: 'It is reached.',
      });
    }),
  );
  return wishes;
}

async function chooseTarget(text: string) {
  await userEvent.click(screen.getByRole('combobox', { name: 'Target as' }));
  await userEvent.click(await screen.findByRole('option', { name: text }));
}

test('a wish is sent as it is typed, in percent and degrees, and its values go to the probe', async () => {
  const wishes = mixes();
  const asked = showInEditor(<Wish />);
  await chooseTarget('Hue and saturation');
  const brightness = screen.getByRole('textbox', { name: 'Brightness, %' });
  await userEvent.clear(brightness);
  await userEvent.type(brightness, '62,5');
  await userEvent.click(screen.getByRole('button', { name: 'Find the values' }));

  expect(await screen.findByText('40.5 %')).toBeTruthy();
  expect(wishes).toEqual([
    { mode: 1, values: {}, form: 'HUE', hex: '#ffb347', name: 'Straw', choice: 'BRIGHTEST', brightness: 62.5, first: 40, second: 80 },
  ]);
  await userEvent.click(screen.getByRole('button', { name: 'Set the probe to these values' }));
  expect(asked.probe).toEqual({ 10: 103 });
});

test('a filter of the profile is asked for by its name', async () => {
  const wishes = mixes();
  showInEditor(<Wish />);
  await chooseTarget('A filter of this profile');
  await userEvent.click(screen.getByRole('combobox', { name: 'Filter' }));
  await userEvent.click(await screen.findByRole('option', { name: 'Reeds, Gobos' }));
  await userEvent.click(screen.getByRole('button', { name: 'Find the values' }));

  await screen.findByText('It is reached.');
  expect(wishes).toMatchObject([{ form: 'NAMED', name: 'Reeds, Gobos' }]);
});

test('a number that is none keeps the button shut, and a refusal is told', async () => {
  house.use(
    http.post('*/api/drafts/d1/colour/wanted', () => HttpResponse.json({ detail: 'A white has 1000 to 100000 K.' }, { status: 422 })),
  );
  showInEditor(<Wish />);
  const kelvin = screen.getByRole('textbox', { name: 'Kelvin' });
  await userEvent.clear(kelvin);
  await userEvent.type(kelvin, 'warm');
  expect(screen.getByRole<HTMLButtonElement>('button', { name: 'Find the values' }).disabled).toBe(true);

  await userEvent.clear(kelvin);
  await userEvent.type(kelvin, '300{Enter}');
  expect((await screen.findByRole('alert')).textContent).toBe('A white has 1000 to 100000 K.');
});

test('emitters and filters say their figures as the core writes them, and what works with them', () => {
  showInEditor(<LightParts map={map} />);

  const emitters = screen.getByRole('region', { name: 'Emitters' }).textContent;
  expect(emitters).toContain('Y 21.26 %');
  expect(emitters).toContain('625 nm');
  expect(emitters).toContain('2 measured, 1 as spectra. Red in Wide');
  expect(screen.getByRole('region', { name: 'Filters' }).textContent).toContain('colour not known');
});

test('an emitter is changed from the figures that stand there; a wavelength may be left out', async () => {
  const asked = showInEditor(<LightParts map={map} />);
  await userEvent.click(screen.getAllByRole('button', { name: 'Change' })[0] as HTMLElement);
  const wave = await screen.findByRole<HTMLInputElement>('textbox', { name: 'Wavelength, nm' });
  expect(wave.value).toBe('625');
  await userEvent.clear(wave);
  await userEvent.click(screen.getAllByRole('button', { name: 'Change' }).at(-1) as HTMLElement);

  expect(asked.edits).toEqual([{ type: 'putEmitter', name: 'Red', x: 0.3127, y: 0.329, luminance: 21.26, nanometres: null }]);
});
