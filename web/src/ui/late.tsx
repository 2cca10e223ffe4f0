import { lazy, useState, type ComponentType } from 'react';

/**
 * A part whose code comes by itself when it is first drawn, or before, by `comes`. What is here already is drawn at once: a `lazy` part
 * would show its fallback even then, and what comes after a fallback React holds back until 0.3 s have passed.
 */
export function late<P extends object>(load: () => Promise<{ default: ComponentType<P> }>) {
  let here: ComponentType<P> | null = null;
  const comes = async () => {
    const module = await load();
    here = module.default;
    return module;
  };
  const Lazy = lazy(comes);
  function Late(props: P) {
    // The same for as long as it stands: what is drawn keeps its state.
    const [Part] = useState<ComponentType<P>>(() => here ?? Lazy);
    return <Part {...props} />;
  }
  return Object.assign(Late, { comes });
}
