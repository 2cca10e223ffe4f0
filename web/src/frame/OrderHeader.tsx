import { heads } from '@rotula/core';
import clsx from 'clsx';
import { lazy, Suspense } from 'react';
import { NavLink } from 'react-router';
import { Brand } from './Brand';
import { count } from '../ui/format';
import { ROLE_LABELS } from '../words';
import { useWorkbench } from './context';
import { TABS } from './stages';
import { SaveTrouble, SaveWord } from './SaveLine';
import { TypedText } from '../ui/TypedText';
import { UndoRedo } from '../ui/UndoRedo';
import { say } from '../language/say';

// Most orders have none.
const Dangers = lazy(() => import('./Dangers'));

/** Brand, the order's name and line, and the stage strip. */
export function OrderHeader() {
  const { document, plan, format } = useWorkbench();
  const { order } = document;
  const { brief } = order;
  const limits = brief.persons.reduce((sum, { count: n }) => sum + n, 0);
  return (
    <header className="no-print mb-5">
      <div className="flex flex-wrap items-start justify-between gap-x-4">
        <Brand />
        <div className="flex items-center gap-1 pt-4 text-sm text-ink-soft">
          <SaveWord />
          <UndoRedo of={document} />
        </div>
      </div>
      <SaveTrouble />
      <Title />
      <p className="mt-1 mb-3 text-ink-soft">
        {format.day(brief.servingAt)}, {format.time(brief.servingAt)} · {count(heads(brief), 'guest')}
        {limits > 0 && say`, ${limits} with limits`} · {ROLE_LABELS[brief.role]}
        {plan.targets.eaters !== plan.targets.heads && say` · eat as ${plan.targets.eaters}`}
      </p>
      {plan.dangers.length > 0 && (
        <Suspense fallback={null}>
          <Dangers />
        </Suspense>
      )}
      <nav aria-label={say`Stages`} className="flex flex-wrap gap-x-6 border-t-[1.5px] border-ink">
        {TABS.map(({ path, label, key }) => (
          <NavLink
            key={path}
            to={`/orders/${document.id}/${path}`}
            className={({ isActive }) =>
              clsx(
                'relative flex min-h-11 items-center gap-2 pt-1 text-lg',
                isActive
                  ? 'font-bold before:absolute before:-top-1 before:right-0 before:left-0 before:h-1.5 before:bg-annatto'
                  : 'text-ink-soft hover:text-ink',
              )
            }
          >
            {key !== 'p' && <span className="font-serif text-base font-normal text-annatto-text">{key}</span>}
            {label}
          </NavLink>
        ))}
      </nav>
    </header>
  );
}

/** The order's name, edited where it stands. */
function Title() {
  const { document } = useWorkbench();
  return (
    <h1 className="text-[2.1rem]">
      <TypedText
        label={say`Name of the order`}
        className="-mx-2 min-h-11 w-full rounded-lg border-[1.5px] border-transparent bg-transparent px-2 hover:border-line focus:border-line focus:bg-paper-lit"
        value={document.order.title}
        aria-invalid={document.saving.refused.some(({ field }) => field === 'title')}
        onCommit={(text) =>
          text.trim() !== document.order.title &&
          document.change(say`rename the order`, (order) => ({ ...order, title: text.trim() }))
        }
      />
    </h1>
  );
}
