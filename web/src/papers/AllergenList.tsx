import type { PaperData } from '@rotula/core';
import { SheetHead } from './SheetHead';
import { allergenLabel, plateLabel } from '../words';
import { usePlateName } from './context';
import { say } from '../language/say';

/** Every allergen of the table with the goods that bring it: cheeses, meats, companions, drinks and own plates. */
export default function AllergenList({ data: { rows, plates } }: { data: PaperData<'allergens'> }) {
  return (
    <>
      <SheetHead title={say`Allergens on this table`} listed />
      <AllergenTable rows={rows} plates={plates} />
    </>
  );
}

/** The list itself, for whoever reads it. */
export function AllergenTable({ rows, plates }: PaperData<'allergens'>) {
  const named = usePlateName();
  return (
    <>
      <table className="w-full text-[12.5pt] leading-snug">
        <thead>
          <tr className="border-b border-black text-[10pt]">
            <th>{say`allergen`}</th>
            <th>{say`is in`}</th>
            <th>{say`may be in`}</th>
          </tr>
        </thead>
        <tbody>
          {rows.map(({ id, contains, mayContain }) => (
            <tr key={id} className="border-b border-black/30 align-top" data-allergen={id}>
              <td className="font-bold">{allergenLabel(id)}</td>
              <td>{contains.join(', ')}</td>
              <td>{mayContain.join(', ')}</td>
            </tr>
          ))}
        </tbody>
      </table>
      {plates.length > 0 && (
        <p className="mt-[3mm] text-[11.5pt] leading-snug">{say`Own plates, cut first with their own knife: ${plates.map((plate) => plateLabel(named(plate))).join('; ')}. Their cards say what is on them.`}</p>
      )}
      <p className="mt-[3mm] text-[10.5pt] leading-snug">{say`What is not listed is not an ingredient of anything here, as the makers state it. Boards and knives are shared: nothing on a shared board is free of what lies beside it. Local codes and licensed practice decide.`}</p>
    </>
  );
}
