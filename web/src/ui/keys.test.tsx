import { fireEvent, render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeEach, describe, expect, test, vi } from 'vitest';
import { useUndoKeys } from './undo-keys';
import { isEditable, letterKeys, useKeys } from './keys';

const acted = vi.fn();
const undone = vi.fn();

function Page() {
  useKeys({ j: acted });
  useUndoKeys(undone, undone);
  return (
    <>
      <button type="button" data-key="p" onClick={acted}>
        Publish
      </button>
      <input aria-label="typed" />
      <input aria-label="tick" type="checkbox" />
      <textarea aria-label="notes" />
      <select aria-label="form">
        <option>Percent</option>
      </select>
      <div role="slider" tabIndex={0} aria-label="probe" aria-valuenow={1} />
      <div role="dialog">
        <button type="button">inside</button>
      </div>
    </>
  );
}

beforeEach(() => {
  acted.mockClear();
  undone.mockClear();
  letterKeys.set(true);
  render(<Page />);
});

describe('a letter', () => {
  test('acts where no letters are typed', async () => {
    await userEvent.keyboard('jp');

    expect(acted).toHaveBeenCalledTimes(2);
  });

  test.each(['typed', 'notes', 'form', 'probe'])('belongs to %s', async (label) => {
    screen.getByLabelText(label).focus();
    await userEvent.keyboard('jp');

    expect(acted).not.toHaveBeenCalled();
  });

  test('belongs to a dialog', async () => {
    screen.getByText('inside').focus();
    await userEvent.keyboard('jp');

    expect(acted).not.toHaveBeenCalled();
  });

  test('acts beside a tick', async () => {
    screen.getByLabelText('tick').focus();
    await userEvent.keyboard('j');

    expect(acted).toHaveBeenCalledOnce();
  });

  test('does nothing where single letters are switched off', async () => {
    letterKeys.set(false);
    await userEvent.keyboard('jp');

    expect(acted).not.toHaveBeenCalled();
  });

  test('does nothing with Ctrl, which is the browser’s', () => {
    fireEvent.keyDown(window, { key: 'j', ctrlKey: true });

    expect(acted).not.toHaveBeenCalled();
  });
});

describe('Ctrl+Z', () => {
  test.each(['typed', 'notes', 'form'])('belongs to %s', (label) => {
    fireEvent.keyDown(screen.getByLabelText(label), { key: 'z', ctrlKey: true });

    expect(undone).not.toHaveBeenCalled();
  });

  test('belongs to a dialog', () => {
    fireEvent.keyDown(screen.getByText('inside'), { key: 'z', ctrlKey: true });

    expect(undone).not.toHaveBeenCalled();
  });

  test.each(['tick', 'probe'])('is the draft’s at %s', (label) => {
    fireEvent.keyDown(screen.getByLabelText(label), { key: 'z', ctrlKey: true });

    expect(undone).toHaveBeenCalledOnce();
  });
});

test('nothing at all is not editable', () => {
  expect(isEditable(null)).toBe(false);
  expect(isEditable(window)).toBe(false);
});
