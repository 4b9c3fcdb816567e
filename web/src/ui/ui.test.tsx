import { QueryClient, QueryClientProvider, useQuery } from '@tanstack/react-query';
import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import axe from 'axe-core';
import { Tooltip } from 'radix-ui';
import type { ReactElement } from 'react';
import { MemoryRouter } from 'react-router';
import { describe, expect, test, vi } from 'vitest';
import { Button } from './button';
import { CannotShow } from './cannot-show';
import { Choice } from './choice';
import { Hint } from './hint';
import { Modal } from './modal';
import { Notice } from './notice';
import { NumberField } from './number-field';
import { PanelButton } from './panel-button';
import { Refusal } from './refusal';
import { TextField } from './text-field';
import { tell, Toasts } from './toast';
import { TopLine } from './top-line';
import { Trail } from './trail';
import { Typed } from './typed';
import { Waiting } from './waiting';

const nothing = () => undefined;
const OPTIONS = [
  { value: 'a', text: 'Snaps' },
  { value: 'b', text: 'Follows fades' },
];

const ALL: [string, ReactElement][] = [
  ['a button', <Button key="b">Publish</Button>],
  [
    'a dangerous button',
    <Button key="d" danger>
      Discard draft
    </Button>,
  ],
  [
    'a page that cannot be shown',
    <CannotShow key="c" title="This profile cannot be opened" error={new Error('It is gone.')} again={nothing} />,
  ],
  ['a choice', <Choice key="ch" label="Fades" value="a" options={OPTIONS} onChoose={nothing} />],
  ['a choice as a fact', <Choice key="cf" fact quiet label="Fades" value="a" options={OPTIONS} onChoose={nothing} />],
  [
    'a hint',
    <Hint key="h" text="Undo (Ctrl+Z)">
      <Button>Undo</Button>
    </Hint>,
  ],
  [
    'a dialog',
    <Modal key="m" open onClose={nothing} title="Publish" description="A revision never changes.">
      What changed
    </Modal>,
  ],
  [
    'a finding',
    <Notice key="n" severity="warning" where="Channel 7">
      Values 8 to 9 mean nothing.
    </Notice>,
  ],
  ['a field for a number', <NumberField key="nf" label="Parts" value="8" onChange={nothing} />],
  [
    'a panel’s button',
    <PanelButton key="p" text="Divide" title="Divide Dim">
      {() => 'parts'}
    </PanelButton>,
  ],
  ['a refusal', <Refusal key="r" says="A name has at most 80 letters." />],
  ['a field for text', <TextField key="t" label="Title" value="Winter" onChange={nothing} error="Say what it is called." />],
  [
    'the line over a place',
    <TopLine key="tl" trail={<Trail places={[{ text: 'Library', to: '/' }, { text: 'Tidewick' }]} here="Petrel Spot" />}>
      actions
    </TopLine>,
  ],
  ['a typed value', <Typed key="ty" label="Start value" value="0" onSend={() => null} />],
  ['a typed fact', <Typed key="tf" label="Start value" word="start" look="fact" value="0" onSend={() => null} />],
];

function around(what: ReactElement) {
  return (
    <MemoryRouter>
      <Tooltip.Provider>
        <div>{what}</div>
      </Tooltip.Provider>
    </MemoryRouter>
  );
}

/** What axe finds, apart from contrast, which no drawing is there for; the theme's own test computes that. */
async function problems() {
  const found = await axe.run(document.body, {
    rules: {
      'color-contrast': { enabled: false },
      region: { enabled: false },
      'heading-order': { enabled: false },
      'page-has-heading-one': { enabled: false },
    },
  });
  return found.violations.map((each) => `${each.id}: ${each.nodes.map((node) => node.html).join(' ')}`);
}

describe.each(['dark', 'light'])('in the %s theme', (theme) => {
  test.each(ALL)('%s can be used by everyone', async (_, what) => {
    document.documentElement.dataset.theme = theme;
    render(around(what));

    expect(await problems()).toEqual([]);
  });
});

describe('what was told', () => {
  test('goes by itself, not while somebody is at it, and stays if it says that something was not done', async () => {
    vi.useFakeTimers({ shouldAdvanceTime: true });
    const user = userEvent.setup({ advanceTimers: (ms) => vi.advanceTimersByTime(ms) });
    render(<Toasts />);
    tell('Published as revision 2.');
    tell('Yours was not applied.', { stays: true });
    const published = await screen.findByText('Published as revision 2.');

    await user.hover(published);
    vi.advanceTimersByTime(60_000);
    expect(screen.queryByText('Published as revision 2.')).not.toBeNull();

    await user.unhover(published);
    vi.advanceTimersByTime(10_000);
    await vi.waitFor(() => expect(screen.queryByText('Published as revision 2.')).toBeNull());
    expect(screen.getByRole('alert', { name: 'Refusals' }).textContent).toBe('Yours was not applied.');

    await user.click(screen.getByLabelText('Dismiss'));
    expect(screen.queryByText('Yours was not applied.')).toBeNull();
    vi.useRealTimers();
  });
});

describe('a question to the server', () => {
  let answer: { resolve: (data: string) => void; reject: (error: Error) => void };

  function Asking() {
    const asked = useQuery({
      queryKey: ['q'],
      queryFn: () => new Promise<string>((resolve, reject) => (answer = { resolve, reject })),
      retry: false,
    });
    return (
      <>
        <Waiting of={asked} what="The revisions" />
        {asked.data}
      </>
    );
  }

  const show = () =>
    render(
      <QueryClientProvider client={new QueryClient()}>
        <Asking />
      </QueryClientProvider>,
    );

  test('says nothing while it is quick, a word once it takes long', async () => {
    show();
    expect(screen.getByRole('status').textContent).toBe('');

    expect(await screen.findByText('The revisions: one moment …')).toBeTruthy();
    answer.resolve('three');
    expect(await screen.findByText('three')).toBeTruthy();
    expect(screen.queryByRole('status')).toBeNull();
  });

  test('says why it failed, and tries again', async () => {
    show();
    answer.reject(new Error('the server stumbled.'));

    expect(await screen.findByText('The revisions did not come: the server stumbled.')).toBeTruthy();
    await userEvent.click(screen.getByText('Try again'));
    answer.resolve('three');
    expect(await screen.findByText('three')).toBeTruthy();
  });
});
