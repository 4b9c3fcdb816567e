import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import type { IntakeFile, IntakeResult } from '#/api/types';
import { FEW, batches } from '#/parts/files/intake';
import { placed, progressOf, withResults, type Run } from './run-state';

const MB = 1 << 20;

function file(name: string, bytes = 10) {
  const made = new File([], name);
  Object.defineProperty(made, 'size', { value: bytes });
  return made;
}

function line(position: number, outcome: IntakeFile['outcome'] = null, name = `f${position}.gdtf`): IntakeFile {
  return { position, name, size: 10, outcome, says: '', profileId: null };
}

function run(lines: IntakeFile[]): Run {
  return { id: 'r', lines, results: new Map(), files: new Map(), going: true, trouble: null };
}

const accepted = {
  accepted: { profileId: 'p', manufacturer: 'Tidewick', name: 'Ketch', revision: 1, isNew: true },
  refused: null,
  question: null,
} as unknown as IntakeResult;
const refused = { accepted: null, refused: 'It is not a ZIP archive.', question: null } as unknown as IntakeResult;
const question = {
  accepted: null,
  refused: null,
  question: { manufacturer: 'Tidewick', name: 'Ketch', revision: 1 },
} as unknown as IntakeResult;

describe('files in batches', () => {
  const sizes = (count: number, bytes = 10) =>
    batches(
      Array.from({ length: count }, (_, position) => ({ position, file: file(`${position}`, bytes) })),
      count,
    ).map((batch) => batch.length);

  test.each([
    [0, []],
    [1, [1]],
    [FEW, Array.from({ length: FEW }, () => 1)], // few are seen coming in one by one
    [FEW + 1, [10, 10, 1]],
  ])('%i files', (count, expected) => expect(sizes(count)).toEqual(expected));

  test('a thousand go in hundred batches', () => expect(sizes(1000)).toEqual(Array.from({ length: 100 }, () => 10)));

  test('large ones do not travel together beyond 32 MB', () => {
    expect(sizes(21, 16 * MB).every((length) => length <= 2)).toBe(true);
    expect(sizes(21, 40 * MB).every((length) => length === 1)).toBe(true);
  });

  test('every file travels once, in order', () => {
    fc.assert(
      fc.property(fc.array(fc.nat(40 * MB), { maxLength: 60 }), (bytes) => {
        const files = bytes.map((each, position) => ({ position, file: file(`${position}`, each) }));
        expect(batches(files, files.length).flat()).toEqual(files);
      }),
    );
  });
});

describe('an import', () => {
  const [a, b, c] = [0, 1, 2].map((position) => ({ position, file: file(`f${position}.gdtf`) })) as [
    { position: number; file: File },
    { position: number; file: File },
    { position: number; file: File },
  ];

  test('knows of each file what became of it', () => {
    const after = withResults(run([line(0), line(1), line(2)]), [a, b, c], [accepted, refused, question]);

    expect(after.lines.map((each) => [each.outcome, each.says])).toEqual([
      ['TAKEN', 'Tidewick Ketch, revision 1'],
      ['REFUSED', 'It is not a ZIP archive.'],
      ['WAITS', 'Tidewick Ketch, revision 1'],
    ]);
    expect(progressOf(after)).toEqual({ done: 3, total: 3, going: true });
    expect([...after.results.keys()]).toEqual([0, 1, 2]);
  });

  test('keeps of many files only what has to be decided', () => {
    const many = run(Array.from({ length: FEW + 1 }, (_, position) => line(position)));

    const after = withResults(many, [a, b], [accepted, question]);

    expect([...after.results.keys()]).toEqual([1]);
    expect([...withResults(after, [b], [accepted]).results.keys()]).toEqual([]);
  });

  test('is not shaken by an answer that is too short', () => {
    const before = run([line(0), line(1)]);

    expect(withResults(before, [a, b], [accepted]).lines.map((each) => each.outcome)).toEqual(['TAKEN', null]);
  });

  test('goes on with the files that are left, twins by name and size each for one line', () => {
    const lines = [line(0, 'TAKEN', 'twin.gdtf'), line(1, null, 'twin.gdtf'), line(2, 'WAITS', 'twin.gdtf'), line(3, 'REFUSED'), line(4)];
    const chosen = [file('twin.gdtf'), file('twin.gdtf'), file('other.gdtf'), file('f4.gdtf', 11)];

    expect([...placed(lines, chosen)]).toEqual([
      [1, chosen[0]],
      [2, chosen[1]],
    ]);
  });
});
