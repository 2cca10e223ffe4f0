import { TextDecoder, TextEncoder } from 'node:util';
import { configure } from '@testing-library/dom';

/** What browsers have and jsdom has not; in tests without a window nothing is touched. */
if (typeof window !== 'undefined') {
  // A machine that is busy may take its time; nothing here is measured by the clock.
  configure({ asyncUtilTimeout: 15_000, defaultHidden: true });
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
