import { http, HttpResponse } from 'msw';
import { setupServer } from 'msw/node';

/** What pages ask for when they are closed: by then the answers of the test are gone. */
const atTheEnd = [http.delete('*/api/releases/arrivals/:id', () => new HttpResponse(null, { status: 204 }))];

/** The server as the tests want it to answer: each adds what it needs. What nobody has foreseen fails the test. */
export const house = setupServer(
  http.get('*/api/live', () => HttpResponse.json({ live: false, dark: false, universes: [], by: '', note: '', restarts: 0 })),
  http.get('*/api/rigs/:id/units/:uuid/path', () => HttpResponse.json({ detail: 'Nobody knows.' }, { status: 422 })),
  ...atTheEnd,
);
