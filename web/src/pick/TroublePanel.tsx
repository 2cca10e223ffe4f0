import type { Trouble, WayOut } from '@rotula/core';
import { useWorkbench } from '../frame/context';
import { Button } from '../ui/Button';
import { Callout } from '../ui/Slate';
import { wayOutWords, wishWords } from '../words';
import { say } from '../language/say';

/** Nothing fits: which wishes collide, and the cheapest ways out, one button each. */
export function TroublePanel({ trouble, onTake }: { trouble: Trouble; onTake: (way: WayOut) => void }) {
  const { format } = useWorkbench();
  return (
    <Callout tone="stop">
      <h2 className="mb-1 text-xl">{say`Nothing on this counter keeps every wish`}</h2>
      {trouble.waysOut.length === 0 && (
        <p>{say`The guests’ own limits and the stock leave nothing to choose from. Give a guest with an allergy their own plate, or bring in goods that suit them.`}</p>
      )}
      {trouble.collisions
        .slice(0, 3)
        .map((wishes) => wishes.map(wishWords))
        .map((wishes) => (
          <p key={wishes.join()} data-collision>
            {wishes.length === 1 ? say`By itself too much: ` : say`These collide: `}
            <strong>{wishes.join(' · ')}</strong>
          </p>
        ))}
      {trouble.waysOut.length > 0 && (
        <ul className="mt-2 space-y-1.5">
          {trouble.waysOut.slice(0, 5).map((way) => (
            <li key={way.wishes.join()}>
              <Button
                look="slate"
                className="w-full whitespace-normal! py-1 text-left"
                data-way-out={way.wishes.join(' ')}
                onClick={() => onTake(way)}
              >
                {wayOutWords(way.words, format)}
              </Button>
            </li>
          ))}
        </ul>
      )}
      <p className="mt-2 text-sm text-chalk-soft">{say`Allergies, medical and religious limits stay; they are never traded for anything.`}</p>
    </Callout>
  );
}
