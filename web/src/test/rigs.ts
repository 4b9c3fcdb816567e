import { http, HttpResponse } from 'msw';
import type { Rig, RigEdit, RigUnit } from '#/api/types';
import { house } from './house';

export function unit(id: string, universe: number, from: number, change: Partial<RigUnit> = {}): RigUnit {
  return {
    uuid: `u${id}`,
    id,
    name: `Rail ${id}`,
    number: null,
    layer: '',
    groups: [],
    position: null,
    unitClass: null,
    kind: 0,
    addresses: [{ dmxBreak: 1, universe, from, to: from + 8 }],
    address: `${universe}.${from}`,
    note: '',
    colour: '',
    dipOffset: 0,
    hangsOn: null,
    shared: false,
    differs: [],
    place: '',
    ...change,
  };
}

export function rig(change: Partial<Rig> = {}): Rig {
  return {
    id: 'r1',
    version: 3,
    name: 'Summer tour',
    production: 'Opera',
    from: null,
    to: null,
    notes: '',
    console: null,
    binned: false,
    kinds: [
      {
        manufacturer: 'Lumbrook',
        model: 'Moth',
        mode: 'Nine',
        footprint: 9,
        breaks: 1,
        profileId: 'p1',
        revision: 1,
        newest: 1,
        tail: [],
        addresses: [{ dmxBreak: 1, address: 1, says: 'Dimmer, Body, coarse' }],
        pin: 'pin-1',
      },
    ],
    units: [unit('1', 1, 1), unit('2', 1, 10), unit('3', 1, 19)],
    universes: [{ universe: 1, used: 27, free: [{ from: 28, to: 512 }], facts: null }],
    collisions: [],
    findings: [],
    history: [{ sentence: 'Begun: Summer tour', author: 'Ines', at: '2026-06-01T10:00:00', undone: false }],
    canUndo: true,
    canRedo: false,
    used: 27,
    free: 485,
    aside: [],
    ...change,
  };
}

/** Answers as a house with that rig. @returns the edits that were sent */
export function serveRig(first: Rig, refusal?: { status: number; detail: string }) {
  const sent: (RigEdit | 'undo')[] = [];
  house.use(
    http.get('*/api/rigs/:id', () => HttpResponse.json(first)),
    http.post('*/api/rigs/:id/edits', async ({ request }) => {
      sent.push(((await request.json()) as { edit: RigEdit }).edit);
      return refusal
        ? HttpResponse.json({ detail: refusal.detail, field: 'to' }, { status: refusal.status })
        : HttpResponse.json({ ...first, version: first.version + 1 });
    }),
    http.post('*/api/rigs/:id/undo', () => {
      sent.push('undo');
      return HttpResponse.json(first);
    }),
  );
  return sent;
}
