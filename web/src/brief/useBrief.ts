import type { Brief } from '@rotula/core';
import { useWorkbench } from '../frame/context';

/** The brief and a way to change part of it, each change a named step. */
export function useBrief() {
  const { document } = useWorkbench();
  const set = (what: string, part: Partial<Brief>) =>
    document.change(what, (o) => ({ ...o, brief: { ...o.brief, ...part } }));
  return { brief: document.order.brief, set };
}
