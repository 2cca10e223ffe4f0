import { spoken } from '../language/say';

/** Apart, since the address of a worker means something to the bundler only. */
export const startThread = (): Worker =>
  new Worker(new URL('./searcher.worker', import.meta.url), { type: 'module', name: spoken });
