import { Redo2, Undo2 } from 'lucide-react';
import { IconButton } from './IconButton';
import { say } from '../language/say';

export interface Undoable {
  readonly undo: () => unknown;
  readonly redo: () => unknown;
  /** What the next undo and redo are of; null when there is none. */
  readonly undoes: string | null;
  readonly redoes: string | null;
  readonly steps: number;
}

/** The keys of undo and redo, for useKeys. */
export const undoKeys = ({ undo, redo }: Undoable): Record<string, () => void> => ({
  u: () => void undo(),
  U: () => void redo(),
  'ctrl+z': () => void undo(),
  'ctrl+shift+z': () => void redo(),
});

/** Both buttons, each naming what it takes back. */
export function UndoRedo({ of }: { of: Undoable }) {
  return (
    <>
      <IconButton
        label={of.undoes ? say`Undo: ${of.undoes}` : say`Nothing to undo`}
        disabled={!of.undoes}
        steps={of.steps}
        onClick={() => void of.undo()}
      >
        <Undo2 size={20} />
      </IconButton>
      <IconButton
        label={of.redoes ? say`Redo: ${of.redoes}` : say`Nothing to redo`}
        disabled={!of.redoes}
        onClick={() => void of.redo()}
      >
        <Redo2 size={20} />
      </IconButton>
    </>
  );
}
