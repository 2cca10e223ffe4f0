import { useState } from 'react';
import { useWorkbench } from '../../frame/context';
import { Choice } from '../../ui/Choice';
import { say } from '../../language/say';
import { HeldWhileUnknown } from '../Held';
import { Telling } from '../Telling';
import { FoldedMenu } from './FoldedMenu';
import { Bites, menuCards, MenuFoot, MenuHead, MenuStep } from './parts';

const FORMS = { sheet: say`One sheet`, folded: say`Folded` } as const;
type Form = keyof typeof FORMS;

/** For the guests: the tasting in its order, what each is like, what to eat and drink beside it, and the bites to try. */
export default function TastingMenu() {
  const [form, setForm] = useState<Form>('sheet');
  return (
    <>
      <div className="no-print mb-6">
        <Choice
          label={say`Form of the menu`}
          className="flex! flex-wrap text-ink"
          value={form}
          options={(Object.keys(FORMS) as Form[]).map((value) => ({ value, label: FORMS[value] }))}
          onChange={setForm}
        />
      </div>
      <HeldWhileUnknown paper="menu">
        <Telling />
        {form === 'folded' ? <FoldedMenu /> : <OneSheet />}
      </HeldWhileUnknown>
    </>
  );
}

/** So many steps stand on a sheet as they are; more are set smaller, and then go on to another. */
const ROOMY = 7;
const SMALLEST = 0.75;

function OneSheet() {
  const { plan } = useWorkbench();
  const cards = menuCards(plan);
  return (
    <div className="mx-auto max-w-[160mm] text-center">
      <MenuHead />
      <ol
        className="mt-[5mm] space-y-[2.5mm]"
        style={{ zoom: Math.max(SMALLEST, Math.min(1, ROOMY / cards.length)) }}
      >
        {cards.map((card) => (
          <MenuStep key={card.good.id} card={card} />
        ))}
      </ol>
      <Bites bites={plan.bites} />
      <MenuFoot />
    </div>
  );
}
