/**
 * A page is being left, or hidden, which may be the last that is heard of it: what is typed goes into its document, documents are
 * sent, and what the browser's store has not written yet is written at once; in that order.
 */
const LEAVING = ['fields', 'documents', 'store'] as const;
type Phase = (typeof LEAVING)[number];

const wanted = new Map<Phase, Set<() => void>>(LEAVING.map((phase) => [phase, new Set()]));
let listens = false;

/** Everything that must be done before the page may go. */
export function leaveNow(): void {
  for (const phase of LEAVING) for (const does of wanted.get(phase)!) does();
}

function listen() {
  if (listens) return;
  listens = true;
  addEventListener('pagehide', leaveNow);
  // Phones end a hidden page without another word.
  if (typeof document !== 'undefined')
    document.addEventListener('visibilitychange', () => document.visibilityState === 'hidden' && leaveNow());
}

/** Do this when the page is left or hidden; ends when it is called. */
export function whenLeaving(phase: Phase, does: () => void): () => void {
  listen();
  wanted.get(phase)!.add(does);
  return () => void wanted.get(phase)!.delete(does);
}
