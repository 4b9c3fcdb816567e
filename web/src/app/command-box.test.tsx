import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { render, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { delay, http, HttpResponse } from 'msw';
import { MemoryRouter } from 'react-router';
import { expect, test } from 'vitest';
import { house } from '#/test/house';
import { CommandBox } from './command-box';

/** A library that answers late with profiles whose name holds those words, each time others. */
function answersLate() {
  let asked = 0;
  house.use(
    http.get('*/api/library', async () => {
      asked += 1;
      await delay(30);
      const profile = { id: `p${asked}`, manufacturer: 'Hollin', name: `Sluice ${asked}`, shelf: 'HOUSE' };
      return HttpResponse.json({ total: 1, found: 1, sections: [], profiles: [profile] });
    }),
  );
}

test('the first of what is found stays chosen while more comes in, until another is chosen', async () => {
  answersLate();
  const user = userEvent.setup();
  render(
    <QueryClientProvider client={new QueryClient()}>
      <MemoryRouter>
        <CommandBox />
      </MemoryRouter>
    </QueryClientProvider>,
  );
  const chosen = () =>
    screen
      .getAllByRole('option')
      .filter((option) => option.ariaSelected === 'true')
      .map((option) => option.textContent);
  await user.keyboard('{Control>}k{/Control}');
  const box = await screen.findByRole('combobox');

  await user.type(box, 'relases');
  await screen.findByText('Hollin Sluice 7'); // the answer to the last letter
  await waitFor(() => expect(chosen()).toEqual(['Releases'])); // what was here already, whatever came late
  await user.keyboard('{ArrowDown}');
  expect(chosen()).toEqual(['Hollin Sluice 7']);

  await user.clear(box);
  await user.type(box, 'slui');
  await screen.findByText('Hollin Sluice 11');
  await waitFor(() => expect(chosen()).toEqual(['Hollin Sluice 11'])); // nothing but answers that came late
});
