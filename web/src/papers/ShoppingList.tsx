import { reasonKey, styleOnBoard, type PaperData, type Portion } from '@rotula/core';
import { count } from '../ui/format';
import { usePaper, usePlateName } from './context';
import { SheetHead } from './SheetHead';
import { plateLabel, sentence } from '../words';
import { serviceWords } from '../words/sum';
import { say, word } from '../language/say';

const PACK_WORDS: Record<string, string> = {
  jar: 'jar',
  bottle: 'bottle',
  piece: 'piece',
  whole: 'whole',
  'pre-packed': 'pack',
};

/** What to fetch, by department, with boxes to tick. */
export default function ShoppingList({ data }: { data: PaperData<'shopping-list'> }) {
  const { plan, format } = usePaper();
  const named = usePlateName();
  const { short, departments, plates, sum, drinksAreSuggested } = data;
  const amount = (portion: Portion) =>
    portion.packs === null
      ? format.grams(portion.bought)
      : say`${count(portion.packs, PACK_WORDS[portion.good.pack.form] ?? 'pack', PACK_WORDS[portion.good.pack.form] === 'whole' ? 'whole' : undefined)} of ${format.grams(portion.bought / Math.max(1, portion.packs))}`;
  return (
    <>
      <SheetHead title={say`Shopping list`} />
      {short.length > 0 && (
        <section className="mb-[4mm] border-2 border-black p-[2mm] text-[13pt]" data-short-first>
          <h2 className="text-[14pt]">{say`Short: see to these first`}</h2>
          <ul>
            {short.map((one) => (
              <li key={reasonKey(one)} className="flex gap-[3mm]">
                <span className="mt-[1mm] inline-block size-[5mm] shrink-0 border-2 border-black" />
                {sentence(one, format)}
              </li>
            ))}
          </ul>
        </section>
      )}
      <div className="columns-2 gap-[10mm] text-[13pt]">
        {departments.map(({ department, lines }) => (
          <Section key={department} title={word(department)}>
            {lines.map(({ good, portion, drink, toBuy, jars, amount: grams }) => (
              <ToBuy key={good.id} name={good.name} about={styleOnBoard(good)}>
                {!portion && !drink && grams !== null && (
                  <>
                    {format.grams(grams)}
                    <span className="block text-[10.5pt]">{say`to clear the palate; not in the sum`}</span>
                  </>
                )}
                {drink && (
                  <>
                    {count(drink.bottles, 'bottle')}
                    <span className="block text-[10.5pt]">{say`${drink.pours} pours, ${format.money(drink.price)}`}</span>
                  </>
                )}
                {portion && (
                  <>
                    {jars && jars.fromOpen >= 1
                      ? say`${format.grams(jars.fromOpen)} of the open jar${jars.opened > 0 ? say`, ${count(jars.opened, 'jar')} more` : ''}`
                      : amount(portion)}
                    <span className="block text-[10.5pt]">
                      {format.money(portion.price)}
                      {toBuy !== null && (toBuy > 0 ? say`, buy ${format.grams(toBuy)}` : say`, in stock`)}
                      {jars && jars.stays >= 1 && say`, ${format.grams(jars.stays)} stay open`}
                    </span>
                  </>
                )}
              </ToBuy>
            ))}
          </Section>
        ))}
        {plates.map(({ plate, lines }, i) => (
          <Section
            key={`plate ${i}`}
            title={say`Own plate: ${plateLabel(named(plate))}${plate.guests > 1 ? say`, ${plate.guests} guests` : ''}`}
          >
            {lines.map(({ good, gross }) => (
              <ToBuy key={good.id} name={good.name} about={good.style}>
                {format.grams(gross)}
              </ToBuy>
            ))}
          </Section>
        ))}
      </div>
      <p className="mt-[3mm] border-t-2 border-black pt-[2mm] text-right text-[15pt] font-bold">
        {say`In all ${format.money(sum.price)}`}
      </p>
      {sum.agreed !== null && (
        <p className="text-right text-[13pt] font-bold">{say`Agreed: ${format.money(sum.agreed)}`}</p>
      )}
      <p className="text-right text-[10.5pt]">
        {drinksAreSuggested && say`Drinks are suggested and not in the sum. `}
        {say`Own plates, ${serviceWords(plan.brief)} are in the sum; jars are charged by the share used.`}
        {sum.remaining !== null && sum.remaining < 0 && (
          <strong className="block">{say`${format.money(-sum.remaining)} over the budget of ${format.money(sum.budget!)}`}</strong>
        )}
      </p>
    </>
  );
}

const Section = ({ title, children }: { title: string; children: React.ReactNode }) => (
  <section className="paper-card mb-[5mm]">
    <h2 className="mb-[1mm] border-b border-black text-[14pt]">{title}</h2>
    <ul>{children}</ul>
  </section>
);

/** A box to tick, the good, and how much of it. */
function ToBuy({ name, about, children }: { name: string; about: string; children?: React.ReactNode }) {
  return (
    <li className="flex items-start gap-[3mm] py-[1mm]">
      <span className="mt-[1mm] inline-block size-[5mm] shrink-0 border-2 border-black" />
      <span className="flex-1 leading-tight">
        <strong>{name}</strong>
        <span className="block text-[10.5pt]">{about}</span>
      </span>
      {children && <span className="text-right leading-tight whitespace-nowrap">{children}</span>}
    </li>
  );
}
