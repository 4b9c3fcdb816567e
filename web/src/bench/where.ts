import { stored } from '#/ui/stored';

/** Where a fixture is: the way there, the universe and its address. Kept as it was typed. */
export type Where = { protocol: 'artnet' | 'sacn'; at: string; universe: string; address: string };

const FIRST: Where = { protocol: 'artnet', at: '127.0.0.1:6454', universe: '1', address: '1' };

/** The last one that was typed here. */
export const lastWhere = stored<Where>('kite-bench-where', parse, JSON.stringify);

function parse(kept: string | null): Where {
  try {
    const known = JSON.parse(kept ?? '{}') as Partial<Where>;
    return {
      protocol: known.protocol === 'sacn' ? 'sacn' : 'artnet',
      at: text(known.at, FIRST.at),
      universe: text(known.universe, FIRST.universe),
      address: text(known.address, FIRST.address),
    };
  } catch {
    return FIRST;
  }
}

function text(kept: unknown, otherwise: string) {
  return typeof kept === 'string' ? kept : otherwise;
}

/** As the server is told it. */
export function told(where: Where) {
  return { destination: `${where.protocol} ${where.at.trim()}`, universe: whole(where.universe), address: whole(where.address) };
}

function whole(typed: string) {
  return /^\d{1,5}$/.test(typed.trim()) ? Number(typed) : 0;
}
