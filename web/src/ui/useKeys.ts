import { useEffect, useRef } from 'react';
import { singleKeys } from './room';

/** Single keys by name ("u", "U" with shift, "?", "ctrl+z"). */
export type KeyMap = Readonly<Record<string, () => void>>;

/** Two keys closer than this come from a barcode scanner, not from a hand. */
const BURST_MS = 35;

const MODIFIERS = ['Shift', 'Control', 'Alt', 'Meta'];

const inField = (target: EventTarget | null) =>
  target instanceof HTMLElement &&
  (target.isContentEditable || /^(INPUT|TEXTAREA|SELECT)$/.test(target.tagName));

/**
 * Act on single keys while no field has the focus and no dialog is open. A key acts after a short wait, and only if
 * no other key came with it, so that a scanner's burst does nothing.
 */
export function useKeys(keys: KeyMap) {
  const current = useRef(keys);
  useEffect(() => {
    current.current = keys;
  });
  useEffect(() => {
    let last = -Infinity;
    let waiting: ReturnType<typeof setTimeout> | undefined;
    const onKey = (event: KeyboardEvent) => {
      if (
        inField(event.target) ||
        event.altKey ||
        document.querySelector('[role="dialog"],[role="listbox"][data-headlessui-state]')
      )
        return;
      if (MODIFIERS.includes(event.key)) return;
      const mod = event.ctrlKey || event.metaKey;
      const name = mod ? `ctrl+${event.shiftKey ? 'shift+' : ''}${event.key.toLowerCase()}` : event.key;
      const burst = event.timeStamp - last < BURST_MS;
      last = event.timeStamp;
      clearTimeout(waiting);
      const action = current.current[name];
      if (!action || event.repeat) return;
      if (mod) {
        event.preventDefault();
        action();
        return;
      }
      if (burst || singleKeys.read() === 'off') return;
      event.preventDefault();
      waiting = setTimeout(() => current.current[name]?.(), BURST_MS);
    };
    window.addEventListener('keydown', onKey);
    return () => {
      clearTimeout(waiting);
      window.removeEventListener('keydown', onKey);
    };
  }, []);
}
