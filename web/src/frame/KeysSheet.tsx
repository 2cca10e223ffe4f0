import { Button } from '../ui/Button';
import { singleKeys } from '../ui/room';
import { Sheet } from '../ui/Sheet';

const KEYS = [
  ['1 to 6', 'open the stages'],
  ['p', 'the papers'],
  ['/', 'find goods, orders, things to do'],
  ['a', 'add a good by hand (in Pick)'],
  ['g', 'propose the best (in Pick)'],
  ['l', 'lock the good in focus'],
  ['x', 'leave it out'],
  ['s', 'swap it'],
  ['arrow keys', 'walk the wheel'],
  ['u or Ctrl+Z', 'undo'],
  ['Shift+u or Ctrl+Shift+Z', 'redo'],
  ['n', 'a new order'],
  ['?', 'this list'],
] as const;

export function KeysSheet({ open, onClose }: { open: boolean; onClose: () => void }) {
  const keys = singleKeys.use();
  return (
    <Sheet title="Keys" open={open} onClose={onClose}>
      <dl className="grid grid-cols-[auto_1fr] gap-x-6 gap-y-2">
        {KEYS.map(([key, does]) => (
          <div key={key} className="contents">
            <dt>
              <kbd className="rounded border border-line bg-paper-lit px-2 py-0.5 font-sans">{key}</kbd>
            </dt>
            <dd>{does}</dd>
          </div>
        ))}
      </dl>
      <p className="mt-4 text-ink-soft">
        They act while no field has the focus, and never on a barcode scanner's burst.
      </p>
      <Button className="mt-3" onClick={() => singleKeys.set(keys === 'on' ? 'off' : 'on')}>
        {keys === 'on' ? 'Switch single keys off' : 'Switch single keys on'}
      </Button>
    </Sheet>
  );
}
