import { ALLERGENS, type PaperData } from '@rotula/core';
import { AllergenTable } from './AllergenList';
import { SheetHead } from './SheetHead';
import { allergenLabel } from '../words';
import { say, word } from '../language/say';

const IDS = new Map<string, string>(ALLERGENS.map(({ id }) => [id, allergenLabel(id)]));

/** The allergens of the table for the shop's own hands, with the gaps first: what nobody knows of which good. */
export default function KitchenAllergens({
  data: { rows, plates, gaps },
}: {
  data: PaperData<'kitchen-allergens'>;
}) {
  return (
    <>
      <SheetHead title={say`Allergens, for the kitchen`} />
      {gaps.length > 0 && (
        <section className="mb-[3mm] border-4 border-black p-[2mm] text-[12pt]" data-gaps={gaps.length}>
          <h2 className="text-[14pt]">{say`Not known: offer none of it to anybody who asks`}</h2>
          <ul>
            {gaps.map(({ good, unknown }) => (
              <li key={good.id}>
                <strong>{good.name}</strong>: {unknown.map((what) => IDS.get(what) ?? word(what)).join(', ')}
              </li>
            ))}
          </ul>
        </section>
      )}
      <AllergenTable rows={rows} plates={plates} />
    </>
  );
}
