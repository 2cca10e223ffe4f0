import { TextDecoder, TextEncoder } from 'node:util';

/** What browsers have and jsdom has not; in tests without a window nothing is touched. */
if (typeof window !== 'undefined') {
  const nothing = () => undefined;
  Object.assign(globalThis, {
    TextEncoder,
    TextDecoder,
    ResizeObserver: class {
      observe = nothing;
      unobserve = nothing;
      disconnect = nothing;
    },
  });
}
