import { http, HttpResponse } from 'msw';
import type { ChannelRow, Draft, Edit, FunctionBar } from '#/api/types';

/** A function over all values of a channel of one byte, changed as the test wants it. */
export function bar(change: Partial<FunctionBar> = {}): FunctionBar {
  return {
    id: 100,
    name: 'Dim',
    attribute: 'Dimmer',
    pretty: 'Dim',
    from: 0,
    to: 255,
    layer: 0,
    label: 'Dim 0 to 1',
    physicalFrom: { value: 0, text: '0' },
    physicalTo: { value: 1, text: '1' },
    unit: '%',
    assumed: false,
    wheel: '',
    emitter: '',
    filter: '',
    curve: '',
    when: '',
    also: [],
    alsoOf: null,
    modeMaster: null,
    modeFrom: 0,
    modeTo: 0,
    min: null,
    max: null,
    realFade: { value: 0, text: '0' },
    realAcceleration: { value: 0, text: '0' },
    runs: '',
    inverted: false,
    ranges: [],
    holes: [],
    ...change,
  };
}

/** A channel of one byte at address 1. */
export function channel(change: Partial<ChannelRow> = {}): ChannelRow {
  return {
    id: 10,
    number: 1,
    name: 'Body_Dimmer',
    attribute: 'Dimmer',
    pretty: 'Dim',
    featureGroup: 'Dimmer',
    geometry: 'Body',
    bytes: 1,
    max: 255,
    addresses: [1],
    called: '1',
    offsets: [1],
    times: 1,
    start: 0,
    highlight: null,
    snap: false,
    master: 'NONE',
    mibFade: { value: 0, text: '0' },
    dmxChangeTimeLimit: { value: 0, text: '0' },
    tint: 'NONE',
    note: '',
    blackout: null,
    places: [],
    functions: [bar()],
    ...change,
  };
}

/** A draft of one profile whose modes have one channel each. */
export function draft(change: Partial<Draft> = {}, mode = 1): Draft {
  const row = channel({ id: 10 * mode });
  return {
    id: 'd1',
    profileId: 'p1',
    version: 0,
    open: true,
    halted: null,
    baseRevision: 1,
    newestRevision: 1,
    name: 'Petrel Spot',
    manufacturer: 'Tidewick',
    shortName: 'PS',
    description: '',
    picture: null,
    notes: '',
    category: 'NONE',
    dipFromZero: false,
    modes: [1, 2].map((id) => ({ id, name: `Mode ${id}`, footprint: 1, channels: 1, tail: [] })),
    wheels: [],
    attributes: [],
    parts: ['Body'],
    emitters: [],
    filters: [],
    productionVersion: null,
    facts: {
      weight: '',
      power: '',
      lampType: '',
      beamAngle: '',
      fieldAngle: '',
      luminousFlux: '',
      colorTemperature: '',
      connectors: '',
      rdmManufacturer: '',
      rdmModel: '',
      personalities: [],
    },
    map: {
      id: mode,
      name: `Mode ${mode}`,
      description: '',
      footprint: 1,
      free: '511',
      sum: '',
      chartCount: null,
      order: [row.id],
      channels: [row],
    },
    history: [],
    canUndo: false,
    canRedo: false,
    ...change,
  };
}

/** What a house answers for one draft: versions, ids of changes that are known again, and a record of what was made. */
export class DraftHouse {
  version = 0;
  made: { edit: Edit['type'] | 'undo' | 'publish'; mode: string | null; version: number }[] = [];
  /** Answers that get lost on their way, although the change is made. */
  losesAnswers = 0;
  /** Times that the database is away. */
  away = 0;
  /** Types of edits that clash with a colleague's. */
  clashes = new Set<string>();
  private known = new Set<string>();

  private change(request: Request, edit: Edit['type'] | 'undo' | 'publish', seen: number) {
    if (this.away > 0) {
      this.away--;
      return HttpResponse.json({ detail: 'The database does not answer just now.' }, { status: 503 });
    }
    if (this.clashes.has(edit)) return HttpResponse.json({ detail: 'Teun has changed the same place meanwhile.' }, { status: 409 });
    const id = request.headers.get('Kite-Change') ?? 'none';
    if (!this.known.has(id)) {
      this.known.add(id);
      this.version++;
      this.made.push({ edit, mode: new URL(request.url).searchParams.get('mode'), version: seen });
    }
    if (this.losesAnswers > 0) {
      this.losesAnswers--;
      return HttpResponse.error();
    }
    return null;
  }

  private answer(mode: string | null) {
    return HttpResponse.json(draft({ version: this.version, canUndo: this.version > 0 }, mode === null ? 1 : Number(mode)));
  }

  handlers = [
    http.get('*/api/profiles/p1/draft', ({ request }) => this.answer(new URL(request.url).searchParams.get('mode'))),
    http.post<never, { version: number; edit: Edit }>('*/api/drafts/d1/edits', async ({ request }) => {
      const { version, edit } = await request.clone().json();
      return this.change(request, edit.type, version) ?? this.answer(new URL(request.url).searchParams.get('mode'));
    }),
    http.post<never, { version: number }>('*/api/drafts/d1/undo', async ({ request }) => {
      const { version } = await request.clone().json();
      return this.change(request, 'undo', version) ?? this.answer(new URL(request.url).searchParams.get('mode'));
    }),
    http.post<never, { version: number }>('*/api/drafts/d1/publish', async ({ request }) => {
      const { version } = await request.clone().json();
      return this.change(request, 'publish', version) ?? HttpResponse.json({ profileId: 'p1', revision: 2 });
    }),
  ];
}
