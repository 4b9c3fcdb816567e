import { screen, within } from '@testing-library/react';
import { http, HttpResponse } from 'msw';
import { expect, test } from 'vitest';
import type { ProfilePageView, ProvenMode } from '#/api/types';
import { house } from '#/test/house';
import { showOnPage } from '#/test/on-page';
import { ProfileProofs } from './profile-proofs';

const PROFILE = {
  id: 'p1',
  pin: 'r3',
  revision: 3,
  modes: [{ summary: { name: 'Extended' } }, { summary: { name: 'Compact' } }],
} as ProfilePageView;

const PROVEN: ProvenMode[] = [
  {
    mode: 'Extended',
    steps: 139,
    on: [
      {
        walkId: 'w1',
        revision: 2,
        firmware: '1.4',
        fixtureSerial: '',
        author: 'Ines',
        at: '2026-06-01T10:00:00',
        byInstruments: true,
        agree: 109,
        differ: 0,
        uncovered: 2,
        changed: ['Head_Zoom'],
      },
    ],
  },
];

test('each mode says what it was proven on, and what of this revision that does not cover', async () => {
  house.use(http.get('*/api/profiles/p1/revisions/3/proofs', () => HttpResponse.json(PROVEN)));
  showOnPage(<ProfileProofs profile={PROFILE} />);
  await screen.findByText('not yet');
  const [extended, compact] = screen.getAllByRole('listitem').filter((each) => within(each).queryByText('Prove'));

  expect(extended?.textContent).toContain('Firmware 1.4 agrees');
  expect(extended?.textContent).toContain('as revision 2; 2 of 139 steps are not covered: Head_Zoom');
  expect(compact?.textContent).toContain('not yet');
  expect(screen.getByRole('link', { name: 'Prove Compact' }).getAttribute('href')).toBe('/bench?pin=r3&mode=Compact');
});
