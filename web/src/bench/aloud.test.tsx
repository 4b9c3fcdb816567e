import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, expect, test, vi } from 'vitest';
import { Aloud } from './aloud';

afterEach(() => vi.unstubAllGlobals());

test('what should be seen is said once it is asked for, each step once', async () => {
  const said: string[] = [];
  vi.stubGlobal(
    'SpeechSynthesisUtterance',
    class {
      constructor(public text: string) {}
    },
  );
  vi.stubGlobal('speechSynthesis', { cancel: () => undefined, speak: ({ text }: { text: string }) => said.push(text) });
  const { rerender } = render(<Aloud says="Pan 45°" />);
  expect(said).toEqual([]);
  await userEvent.click(screen.getByRole('checkbox', { name: 'Say it aloud' }));
  expect(said).toEqual(['Pan 45°']);
  rerender(<Aloud says={undefined} />);
  rerender(<Aloud says="Pan 90°" />);
  expect(said).toEqual(['Pan 45°', 'Pan 90°']);
  await userEvent.click(screen.getByRole('checkbox', { name: 'Say it aloud' }));
  rerender(<Aloud says="Pan 0°" />);

  expect(said).toEqual(['Pan 45°', 'Pan 90°']);
});

test('a browser without a voice has no such choice', () => {
  vi.stubGlobal('speechSynthesis', undefined);
  render(<Aloud says="Pan 45°" />);

  expect(screen.queryByRole('checkbox')).toBeNull();
});
