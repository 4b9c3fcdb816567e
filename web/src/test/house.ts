import { setupServer } from 'msw/node';

/** The server as the tests want it to answer: each adds what it needs. What nobody has foreseen fails the test. */
export const house = setupServer();
