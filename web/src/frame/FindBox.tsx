import { createContext, lazy, Suspense, useContext, useMemo, useState, type ReactNode } from 'react';
import { useKeys } from '../ui/useKeys';
import type { Action } from './action';

/** The box itself comes when it is first opened, so that the first screen need not wait for it. */
const FindDialog = lazy(() => import('./FindDialog'));

const OpenContext = createContext<(actions?: readonly Action[]) => void>(() => undefined);
/** Open the find box, with what can be done on this screen. */
export const useFindBox = () => useContext(OpenContext);

/** One box over goods, orders and actions, opened with / from anywhere. */
export function FindBoxProvider({ children }: { children: ReactNode }) {
  const [actions, setActions] = useState<readonly Action[] | null>(null);
  const open = useMemo(
    () =>
      (some: readonly Action[] = []) =>
        setActions(some),
    [],
  );
  return (
    <OpenContext value={open}>
      {children}
      {actions && (
        <Suspense fallback={null}>
          <FindDialog actions={actions} onClose={() => setActions(null)} />
        </Suspense>
      )}
    </OpenContext>
  );
}

/** The / key on a screen, with the screen's own actions. */
export function useFindKey(actions: readonly Action[] = []) {
  const open = useFindBox();
  useKeys({ '/': () => open(actions) });
}
