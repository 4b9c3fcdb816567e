import { render, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import { beforeEach, describe, expect, test, vi } from 'vitest';
import { HELD } from './filled';
import { Modal } from './modal';
import { PanelButton } from './panel-button';
import { Typed } from './typed';

const closed = vi.fn();

beforeEach(() => closed.mockClear());

function dialog() {
  return render(
    <Modal open onClose={closed} title="Measured">
      <textarea aria-label="points" />
      <input type="search" aria-label="find" />
      <Typed label="name" value="Curve" onSend={() => null} />
    </Modal>,
  );
}

describe('a dialog', () => {
  test('closes on Escape while it holds nothing', async () => {
    dialog();

    await userEvent.keyboard('{Escape}');

    expect(closed).toHaveBeenCalledOnce();
  });

  test('stays on Escape and on a press beside it once something was typed, and says so', async () => {
    dialog();
    await userEvent.type(screen.getByLabelText('points'), '0 0');

    await userEvent.keyboard('{Escape}');
    const beside = document.querySelector('.fixed.inset-0');
    if (beside) await userEvent.click(beside);

    expect(closed).not.toHaveBeenCalled();
    expect(screen.getByText(HELD)).toBeTruthy();
    expect(screen.getByLabelText<HTMLTextAreaElement>('points').value).toBe('0 0');
  });

  test('closes by its own button, whatever it holds', async () => {
    dialog();
    await userEvent.type(screen.getByLabelText('points'), '0 0');

    await userEvent.click(screen.getByLabelText('Close'));

    expect(closed).toHaveBeenCalledOnce();
  });

  test('loses nothing by a search', async () => {
    dialog();
    await userEvent.type(screen.getByLabelText('find'), 'reeds');

    await userEvent.keyboard('{Escape}');

    expect(closed).toHaveBeenCalledOnce();
  });

  test('leaves the first Escape to a field with something unsent, and closes on the next', async () => {
    dialog();
    await userEvent.type(screen.getByLabelText('name'), ' 2');

    await userEvent.keyboard('{Escape}');
    expect(closed).not.toHaveBeenCalled();
    expect(screen.getByLabelText<HTMLInputElement>('name').value).toBe('Curve');

    await userEvent.keyboard('{Escape}');
    expect(closed).toHaveBeenCalledOnce();
  });
});

function Opened({ fields }: { fields: boolean }) {
  const [open, setOpen] = useState(false);
  return (
    <>
      <button onClick={() => setOpen(true)}>Measure</button>
      {open && (
        <Modal open onClose={() => setOpen(false)} title="Measured">
          <input aria-label="points" autoFocus={fields} />
        </Modal>
      )}
    </>
  );
}

test.each([false, true])('a dialog that closes gives the focus back to what opened it (a field of it took it: %s)', async (fields) => {
  render(<Opened fields={fields} />);
  await userEvent.click(screen.getByText('Measure'));
  expect(document.activeElement).not.toBe(screen.getByText('Measure'));

  await userEvent.keyboard('{Escape}');

  await waitFor(() => expect(document.activeElement).toBe(screen.getByText('Measure')));
});

test('a panel stays open once something was typed in it', async () => {
  render(
    <PanelButton text="Divide" title="Divide Dim">
      {() => <input aria-label="parts" />}
    </PanelButton>,
  );
  await userEvent.click(screen.getByText('Divide'));
  await userEvent.type(screen.getByLabelText('parts'), '8');

  await userEvent.keyboard('{Escape}');

  expect(screen.getByLabelText<HTMLInputElement>('parts').value).toBe('8');
  await userEvent.click(screen.getByLabelText('Close Divide Dim'));
  expect(screen.queryByLabelText('parts')).toBeNull();
});
