/** A request that was not answered as hoped: the server's sentence, or ours where there was no server. */
export class Problem extends Error {
  constructor(
    readonly status: number,
    sentence: string,
    readonly field: string | null,
  ) {
    super(sentence);
  }

  /** Whether it is worth trying again: the server or its database is away. */
  get passing() {
    return this.status === 0 || this.status >= 502;
  }

  static unreachable() {
    return new Problem(0, 'Yellow Kite does not answer just now. What was accepted is safe; it is tried again by itself.', null);
  }

  static from(status: number, body: unknown) {
    const detail = text(body, 'detail') ?? 'It is not certain that this was saved; reload to see.';
    return new Problem(status, detail, text(body, 'field'));
  }
}

function text(body: unknown, key: string): string | null {
  if (typeof body !== 'object' || body === null || !(key in body)) return null;
  const value: unknown = Reflect.get(body, key);
  return typeof value === 'string' ? value : null;
}
