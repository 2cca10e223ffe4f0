import type { PlateCard } from '@rotula/core';
import { plateLabel } from '../../words';
import { say } from '../../language/say';
import { usePlateName } from '../context';
import { allergenList, AskWhom } from './parts';

/** The card of an own plate: whose it is, what lies on it, and what it is free of by each maker's own word. */
export function OwnPlateCard({ card: { plate, contains, mayContain } }: { card: PlateCard }) {
  const named = usePlateName(true);
  return (
    <article className="flex min-h-[64mm] flex-col p-[4mm]">
      <p className="text-[11pt]">
        {say`Own plate`}
        {plate.guests > 1 && say`, for ${plate.guests}`}
      </p>
      <h2 className="text-[17pt] leading-tight">{plateLabel(named(plate))}</h2>
      <p className="mt-[1.5mm] mb-[2mm] text-[12pt] leading-snug">
        {plate.lines.map(({ good }) => good.name).join(', ') || say`nothing on this counter suits`}
        {plate.drink && say`; to drink ${plate.drink.name}`}
      </p>
      <p className="mt-auto border-t border-black pt-[1.5mm] text-[11pt] leading-snug">
        <strong>
          {say`Contains:`} {allergenList(contains.map(({ id }) => id)) || say`none of the declared allergens`}
          .
        </strong>
        {/* "May contain" and "free of" never stand together: where anything may be in it, the plate is called free of nothing. */}
        {mayContain.length > 0
          ? say` May contain: ${allergenList(mayContain.map(({ id }) => id))}.`
          : plate.freeOf.length > 0 &&
            say` Free of ${allergenList(plate.freeOf)}, as each maker states; cut first, with its own knife.`}{' '}
        <AskWhom />
      </p>
    </article>
  );
}
