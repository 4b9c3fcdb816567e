import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { http, HttpResponse } from 'msw';
import { expect, test } from 'vitest';
import { house } from '#/test/house';
import { showOnPage } from '#/test/on-page';
import { PicturePage } from './picture-page';

test('a picture of units of a rig has a place for each, and asks for no address', async () => {
  house.use(
    http.get('*/api/output-addresses', () => HttpResponse.json([])),
    http.get('*/api/field', () => HttpResponse.json({ shown: false })),
  );
  showOnPage(<PicturePage />, '/bench/picture?rig=g1&units=u1,u2,u3');

  await screen.findByText('3 units of a rig, in the order of its table');
  expect(screen.getByLabelText<HTMLInputElement>('Fixtures across').value).toBe('3');
  expect(screen.queryByLabelText('Universe')).toBeNull();
  expect(screen.getByRole<HTMLAnchorElement>('link', { name: 'The rig' }).getAttribute('href')).toBe('/rigs/g1');
  await userEvent.click(screen.getByRole('link', { name: 'Other fixtures' }));

  expect(await screen.findByLabelText('Universe')).toBeTruthy();
});
