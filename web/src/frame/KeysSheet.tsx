import { Button } from '../ui/Button';
import { singleKeys } from '../ui/room';
import { Sheet } from '../ui/Sheet';
import { say } from '../language/say';

const KEYS = [
  [say`1 to 6`, say`open the stages`],
  ['p', say`the papers`],
  ['/', say`find goods, orders, things to do`],
  ['a', say`add a good by hand (in Pick)`],
  ['g', say`propose the best (in Pick)`],
  ['l', say`lock the good in focus`],
  ['x', say`leave it out`],
  ['s', say`swap it`],
  [say`arrow keys`, say`walk the wheel`],
  [say`u or Ctrl+Z`, 'undo'],
  [say`Shift+u or Ctrl+Shift+Z`, 'redo'],
  ['n', say`a new order`],
  ['?', say`this list`],
] as const;

export default function KeysSheet({ onClose }: { onClose: () => void }) {
  const keys = singleKeys.use();
  return (
    <Sheet title={say`Keys`} open onClose={onClose}>
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
      <p className="mt-4 text-ink-soft">{say`They act while no field has the focus, and never on a barcode scanner's burst.`}</p>
      <Button className="mt-3" onClick={() => singleKeys.set(keys === 'on' ? 'off' : 'on')}>
        {keys === 'on' ? say`Switch single keys off` : say`Switch single keys on`}
      </Button>
    </Sheet>
  );
}
