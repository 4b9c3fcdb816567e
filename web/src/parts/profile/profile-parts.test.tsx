import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { http, HttpResponse } from 'msw';
import { expect, test } from 'vitest';
import type { BeginRequest, Manufacturer } from '#/api/types';
import { house } from '#/test/house';
import { showOnPage } from '#/test/on-page';
import { ManufacturerFacts } from './manufacturer-facts';
import { NewProfileDialog } from './new-profile-dialog';

const tidewick: Manufacturer = {
  name: 'Tidewick',
  version: 3,
  facts: { shortName: 'TW', rdmId: '7FF0', website: 'https://tidewick.example', contact: '' },
  spellings: ['Tide Wick'],
};

/** A house with Tidewick and Hollin, that answers changes with what the test gives. */
function knowsManufacturers(answer: (body: Manufacturer) => Response) {
  const sent: Manufacturer[] = [];
  let reads = 0;
  house.use(
    http.get('*/api/manufacturer', () => {
      reads++;
      return HttpResponse.json({ ...tidewick, version: 2 + reads });
    }),
    http.get('*/api/manufacturers', () => HttpResponse.json(['Tidewick', 'Hollin'].map((name) => ({ name, near: name === 'Tidewick' })))),
    http.put<never, Manufacturer>('*/api/manufacturer', async ({ request }) => {
      const body = await request.json();
      sent.push(body);
      return answer(body);
    }),
  );
  return { sent, reads: () => reads };
}

test('facts of a manufacturer are sent as they are typed, and the field that does not fit says why', async () => {
  const { sent } = knowsManufacturers((body) =>
    body.facts.rdmId === '0101'
      ? HttpResponse.json({ ...tidewick, version: 4 })
      : HttpResponse.json({ detail: 'An RDM manufacturer id lies from 0001 to FFFF.', field: 'rdmId' }, { status: 422 }),
  );
  let done = false;
  showOnPage(<ManufacturerFacts name="Tidewick" onDone={() => (done = true)} />);
  const id = await screen.findByRole<HTMLInputElement>('textbox', { name: 'RDM manufacturer id, four hex digits' });
  expect(id.value).toBe('7FF0');
  expect(screen.getByText('Also written Tide Wick.')).toBeTruthy();

  await userEvent.clear(id);
  await userEvent.type(id, '10000{Enter}');
  expect(await screen.findByText('An RDM manufacturer id lies from 0001 to FFFF.')).toBeTruthy();
  expect(id.value).toBe('10000');
  await userEvent.clear(id);
  await userEvent.type(id, '0101{Enter}');

  await waitFor(() => expect(done).toBe(true));
  expect(sent.map((each) => [each.version, each.facts.rdmId])).toEqual([
    [3, '10000'],
    [3, '0101'],
  ]);
});

test('who was slower sees what the other has made of it', async () => {
  const { reads } = knowsManufacturers(() =>
    HttpResponse.json({ detail: 'Someone has changed what is known of Tidewick.' }, { status: 409 }),
  );
  showOnPage(<ManufacturerFacts name="Tidewick" onDone={() => undefined} />);
  await userEvent.type(await screen.findByRole('textbox', { name: 'Contact' }), 'Ines{Enter}');

  await waitFor(() => expect(reads()).toBe(2));
});

test('another spelling is merged only into another manufacturer', async () => {
  const merged: unknown[] = [];
  knowsManufacturers(() => HttpResponse.json(tidewick));
  house.use(
    http.post('*/api/manufacturer/merge', async ({ request }) => {
      merged.push(await request.json());
      return HttpResponse.json({ manufacturer: tidewick, moved: 2 });
    }),
  );
  showOnPage(<ManufacturerFacts name="Tidewick" onDone={() => undefined} />);
  expect((await screen.findByRole<HTMLButtonElement>('button', { name: 'Merge' })).disabled).toBe(true);
  await userEvent.click(screen.getByRole('combobox', { name: 'This is another spelling of' }));
  expect(screen.queryByRole('option', { name: 'Tidewick' })).toBeNull();
  await userEvent.click(await screen.findByRole('option', { name: 'Hollin' }));
  await userEvent.click(screen.getByRole('button', { name: 'Merge' }));

  await waitFor(() => expect(merged).toEqual([{ name: 'Tidewick', into: 'Hollin' }]));
});

test('a new profile is sent again as the same one, and a manufacturer that the house has is pointed out', async () => {
  const begun: { id: string | null; body: BeginRequest }[] = [];
  knowsManufacturers(() => HttpResponse.json(tidewick));
  house.use(
    http.post<never, BeginRequest>('*/api/profiles', async ({ request }) => {
      begun.push({ id: request.headers.get('Kite-Change'), body: await request.json() });
      return HttpResponse.json({ detail: 'Say what it is called.', field: 'name' }, { status: 422 });
    }),
  );
  showOnPage(<NewProfileDialog onClose={() => undefined} />);
  await userEvent.type(screen.getByRole('textbox', { name: 'Manufacturer' }), 'Tide Wick');
  expect(await screen.findByText(/The house has this manufacturer already/)).toBeTruthy();
  await userEvent.click(await screen.findByRole('button', { name: 'Tidewick' }));

  await userEvent.click(screen.getByRole('button', { name: 'Begin' }));
  expect(await screen.findByText('Say what it is called.')).toBeTruthy();
  await userEvent.click(screen.getByRole('button', { name: 'Begin' }));

  await waitFor(() => expect(begun).toHaveLength(2));
  expect(begun[0]?.id).toBe(begun[1]?.id);
  expect(begun[0]?.body).toEqual({
    manufacturer: 'Tidewick',
    name: '',
    body: 'MOVING_HEAD',
    copyOf: null,
    copyRevision: null,
    copyMode: null,
    production: null,
  });
});

test('a copy waits until it is chosen of what', async () => {
  house.use(http.get('*/api/library', () => HttpResponse.json({ total: 0, found: 0, sections: [], left: {}, profiles: [] })));
  showOnPage(<NewProfileDialog onClose={() => undefined} model="Ketch" />);
  await userEvent.click(screen.getByRole('combobox', { name: 'Begin with' }));
  await userEvent.click(await screen.findByRole('option', { name: 'A production version: its own gobos and colours' }));

  expect(screen.getByRole<HTMLButtonElement>('button', { name: 'Begin' }).disabled).toBe(true);
  expect(screen.getByRole('textbox', { name: 'Production' })).toBeTruthy();
});
