import { act, render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeEach, expect, test, vi } from 'vitest';
import { Toasts } from './toast';
import { Typed } from './typed';

const sent = vi.fn<(text: string) => Promise<string | null>>();

beforeEach(() => {
  sent.mockReset();
  sent.mockResolvedValue(null);
});

function field(value: string, shown = true) {
  return (
    <>
      {shown && <Typed label="Name" value={value} onSend={sent} />}
      <button type="button">elsewhere</button>
      <Toasts />
    </>
  );
}

const box = () => screen.getByLabelText<HTMLInputElement>('Name');

async function type(text: string) {
  await userEvent.clear(box());
  await userEvent.type(box(), text);
}

test('sends on Enter, and shows what the value has become', async () => {
  const { rerender } = render(field('71'));

  await type('0x50{Enter}');
  rerender(field('80'));

  expect(sent).toHaveBeenCalledExactlyOnceWith('0x50');
  expect(box().value).toBe('80');
});

test('shows the value again after an edit that changed nothing', async () => {
  render(field('71'));

  await type('0x47{Enter}');

  expect(sent).toHaveBeenCalledOnce();
  expect(box().value).toBe('71');
});

test('sends when it is left, once', async () => {
  render(field('Reeds'));

  await type('Ripples{Enter}');
  await userEvent.click(screen.getByText('elsewhere'));

  expect(sent).toHaveBeenCalledExactlyOnceWith('Ripples');
});

test('sends once where it is left in the very moment of Enter', async () => {
  render(field('Reeds'));
  await type('Ripples');

  await act(async () => {
    box().dispatchEvent(new KeyboardEvent('keydown', { key: 'Enter', bubbles: true }));
    for (let turn = 0; turn < 5; turn++) await Promise.resolve(); // taken, and not drawn yet
    box().dispatchEvent(new FocusEvent('focusout', { bubbles: true }));
  });

  expect(sent).toHaveBeenCalledOnce();
  expect(box().value).toBe('Reeds');
});

test('sends nothing that is as it was', async () => {
  render(field('Reeds'));

  await userEvent.click(box());
  await userEvent.click(screen.getByText('elsewhere'));
  await type('Reeds {Enter}');

  expect(sent).not.toHaveBeenCalled();
});

test('goes back on Escape', async () => {
  render(field('Reeds'));

  await type('Rip{Escape}');

  expect(box().value).toBe('Reeds');
  await userEvent.click(screen.getByText('elsewhere'));
  expect(sent).not.toHaveBeenCalled();
});

test('keeps what was refused, says why, and does not ask the same again', async () => {
  sent.mockResolvedValue('A name has at most 80 letters.');
  render(field('Reeds'));

  await type('Far too long{Enter}');

  expect(box().value).toBe('Far too long');
  expect(screen.getByRole('alert', { name: '' }).textContent).toBe('A name has at most 80 letters.');
  expect(box().getAttribute('aria-invalid')).toBe('true');
  await userEvent.click(screen.getByText('elsewhere'));
  expect(sent).toHaveBeenCalledOnce();
});

test('keeps what is being typed when a colleague changes the value', async () => {
  const { rerender } = render(field('Reeds'));

  await type('Rip');
  rerender(field('Lock gate'));
  await userEvent.type(box(), 'ples{Enter}');

  expect(sent).toHaveBeenCalledExactlyOnceWith('Ripples');
  expect(document.activeElement).toBe(box());
});

test('sends what it holds when it scrolls away', async () => {
  const { rerender } = render(field('Reeds'));

  await type('Ripples');
  rerender(field('Reeds', false));

  expect(sent).toHaveBeenCalledExactlyOnceWith('Ripples');
});

test('says what was typed when it is refused after it scrolled away', async () => {
  sent.mockResolvedValue('That range is not in this profile any more.');
  const { rerender } = render(field('Reeds'));

  await type('Ripples');
  rerender(field('Reeds', false));

  expect(await screen.findByText("Name, 'Ripples': That range is not in this profile any more.")).toBeTruthy();
});

test('sends a second value that is typed while the first is under way', async () => {
  let take: (said: null) => void = () => undefined;
  sent.mockImplementationOnce(() => new Promise((resolve) => (take = resolve)));
  render(field('Reeds'));

  await type('Ripples{Enter}');
  await userEvent.type(box(), ' in the wind');
  take(null);
  await userEvent.keyboard('{Enter}');

  expect(sent.mock.calls).toEqual([['Ripples'], ['Ripples in the wind']]);
});
