import { cleanup, configure } from '@testing-library/react';
import { afterAll, afterEach, beforeAll } from 'vitest';
import { house } from './house';

// a busy machine is slow, not wrong
configure({ asyncUtilTimeout: 10_000 });

beforeAll(() => house.listen({ onUnhandledRequest: 'error' }));
afterEach(() => {
  cleanup();
  house.resetHandlers();
  localStorage.clear();
});
afterAll(() => house.close());

// what jsdom has not, and Radix asks for
Element.prototype.scrollIntoView = () => undefined;
Element.prototype.hasPointerCapture = () => false;
Element.prototype.setPointerCapture = () => undefined;
Element.prototype.releasePointerCapture = () => undefined;
globalThis.ResizeObserver = class {
  observe() {}
  unobserve() {}
  disconnect() {}
};
Object.assign(globalThis, { CSS: { escape: (text: string) => text.replace(/[^\w-]/g, '\\$&') } });
