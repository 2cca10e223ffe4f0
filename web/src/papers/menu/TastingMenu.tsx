import type { PaperData } from '@rotula/core';
import clsx from 'clsx';
import { useState } from 'react';
import { Choice } from '../../ui/Choice';
import { say } from '../../language/say';
import { usePaper } from '../context';
import { FoldedMenu } from './FoldedMenu';
import { Bites, MenuFoot, MenuHead, MenuStep } from './parts';

const FORMS = { sheet: say`One sheet`, folded: say`Folded` } as const;
type Form = keyof typeof FORMS;

/** For the guests: the tasting in its order, what each is like, what to eat and drink beside it, and the bites to try. */
export default function TastingMenu({ data }: { data: PaperData<'tasting-menu'> }) {
  const { tools } = usePaper();
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
      {tools}
      {form === 'folded' ? <FoldedMenu menu={data} /> : <OneSheet menu={data} />}
    </>
  );
}

/** This many steps stand under each other; more stand in two columns, and of many more each is set a little smaller. */
const ONE_COLUMN = 4;
const ROOMY_TASTING = 8;
const SMALLEST = 0.8;

function OneSheet({ menu }: { menu: PaperData<'tasting-menu'> }) {
  const { steps } = menu;
  return (
    <div className={clsx('mx-auto text-center', steps.length <= ONE_COLUMN && 'max-w-[150mm]')}>
      <MenuHead />
      <ol
        className={clsx(
          'mt-[4mm] grid gap-x-[8mm] gap-y-[2.5mm]',
          steps.length > ONE_COLUMN && 'grid-cols-2',
        )}
        style={{ zoom: Math.max(SMALLEST, Math.min(0.9, ROOMY_TASTING / steps.length)) }}
      >
        {steps.map((step) => (
          <MenuStep key={step.card.good.id} step={step} cleanser={menu.cleanser} />
        ))}
      </ol>
      <Bites bites={menu.bites} />
      <MenuFoot menu={menu} />
    </div>
  );
}
