import type { OwnPlate } from '@rotula/core';
import { count } from '../ui/format';
import { GoodPicture } from '../ui/picture/GoodPicture';
import { Callout, SlateSection } from '../ui/Slate';
import { useWorkbench } from './context';
import { plateLabel } from '../words';
import { say } from '../language/say';

/** Every plate of its own: who eats from it, what lies on it and how much, and what the counter lacks for it. */
export function OwnPlates() {
  const { plan } = useWorkbench();
  return plan.ownPlates.map((plate) => <Plate key={plateLabel(plate)} plate={plate} />);
}

function Plate({ plate }: { plate: OwnPlate }) {
  const { format } = useWorkbench();
  return (
    <SlateSection title={say`Their own plate`} aside={count(plate.guests, 'guest')}>
      <p className="mb-2 font-bold">{plateLabel(plate)}</p>
      <ul data-own-plate={plateLabel(plate)}>
        {plate.lines.map(({ good, net, onBoard }) => (
          <li key={good.id} className="flex items-center gap-3 py-1">
            <GoodPicture good={good} size={30} />
            <span className="min-w-0 flex-1">
              {good.name}{' '}
              <span className="text-sm text-chalk-soft">
                {onBoard ? say`from the board, cut first` : good.style}
              </span>
            </span>
            <span className="whitespace-nowrap">{format.grams(net)}</span>
          </li>
        ))}
      </ul>
      {plate.drink && <p className="text-chalk-soft">{say`To drink: ${plate.drink.name}.`}</p>}
      {plate.missing.length > 0 && (
        <Callout tone="advice">
          {say`Nothing on this counter surely suits for: ${plate.missing.join(', ')}.`}
          {plate.lines.length > 0 && say` What is there makes up the weight.`}
        </Callout>
      )}
    </SlateSection>
  );
}
