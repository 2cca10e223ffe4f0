import clsx from 'clsx';
import { useState } from 'react';
import { useWorkbench } from '../../frame/context';
import { Choice } from '../../ui/Choice';
import { say } from '../../language/say';
import { HeldWhileUnknown } from '../Held';
import { Telling } from '../Telling';
import { useMenu } from '../useMenu';
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

/** So many steps stand under each other; more stand in two columns, and of many more each is set a little smaller. */
const ONE_COLUMN = 4;
const ROOMY = 8;
const SMALLEST = 0.8;

function OneSheet() {
  const { plan } = useWorkbench();
  const menu = useMenu();
  const cards = menuCards(plan, menu);
  return (
    <div className={clsx('mx-auto text-center', cards.length <= ONE_COLUMN && 'max-w-[150mm]')}>
      <MenuHead />
      <ol
        className={clsx(
          'mt-[4mm] grid gap-x-[8mm] gap-y-[2.5mm]',
          cards.length > ONE_COLUMN && 'grid-cols-2',
        )}
        style={{ zoom: Math.max(SMALLEST, Math.min(0.9, ROOMY / cards.length)) }}
      >
        {cards.map((card) => (
          <MenuStep key={card.good.id} card={card} menu={menu} />
        ))}
      </ol>
      <Bites bites={menu.bites} />
      <MenuFoot />
    </div>
  );
}
