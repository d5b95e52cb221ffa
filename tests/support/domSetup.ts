import { TextDecoder, TextEncoder } from 'node:util';
import '@testing-library/jest-dom';

// Every browser has them; jsdom leaves them out.
Object.assign(globalThis, { TextDecoder, TextEncoder, Uint8Array });

// jsdom has neither; Mantine asks for both when it is rendered.
window.matchMedia = (query: string) =>
  ({
    matches: false,
    media: query,
    addEventListener: () => undefined,
    removeEventListener: () => undefined,
  }) as unknown as MediaQueryList;

window.ResizeObserver = class {
  observe() {
    return undefined;
  }
  unobserve() {
    return undefined;
  }
  disconnect() {
    return undefined;
  }
};
