import { ORDER_STATES, ROLES, practiceWith, type Brief, type OrderBody } from '@rotula/core';
import { useWorkbench } from '../frame/context';
import type { OrderDocument } from '../frame/useOrderDocument';
import { StageLayout } from '../frame/StageLayout';
import { Choice } from '../ui/Choice';
import { TypedText } from '../ui/TypedText';
import { DateTimeField } from '../ui/DateTimeField';
import { capital, type Format } from '../ui/format';
import { ROLE_LABELS } from '../words';
import { BriefSlate } from './BriefSlate';
import { BudgetAndKinds } from './BudgetAndKinds';
import { TextField } from './fields';
import { GuestsEditor } from './GuestsEditor';
import { PlaceFields } from './PlaceFields';
import { SchoolFields } from './SchoolFields';
import { TasteFields } from './TasteFields';
import { ThemeFields } from './ThemeFields';
import { WhereFields } from './WhereFields';
import { WhoComes } from './WhoComes';
import { say, word } from '../language/say';

export default function BriefStage() {
  const { document, format, house } = useWorkbench();
  const { order, change } = document;
  const { brief } = order;
  const set = (what: string, part: Partial<Brief>) =>
    change(what, (o) => ({ ...o, brief: { ...o.brief, ...part } }));
  const perAdult = (role: Brief['role']) => {
    const { cheese, meat } = practiceWith(house.practice).gramsPerAdult[role];
    const range = (of: { low: number; high: number }) => format.gramsRange(of.low, of.high);
    return say`${range(cheese)} cheese, ${meat.high > 0 ? say`${range(meat)} meat` : say`no meat`}`;
  };
  return (
    <StageLayout slate={<BriefSlate />}>
      <div className="grid gap-x-10 gap-y-6 min-[700px]:grid-cols-2">
        <WhenAndWhere brief={brief} format={format} set={set} order={order} change={change} />
        <WhoComes />
        <section className="min-[700px]:col-span-2">
          <h2 className="mb-3 text-xl">{say`What the food is for`}</h2>
          <Choice
            label={say`Role of the food`}
            className="grid-cols-2 min-[860px]:grid-cols-4"
            value={brief.role}
            options={ROLES.map((role) => ({
              value: role,
              label: capital(ROLE_LABELS[role]),
              hint: perAdult(role),
            }))}
            onChange={(role) => set(say`the role of the food`, { role })}
          />
        </section>
        <section className="min-[700px]:col-span-2">
          <h2 className="mb-3 text-xl">{say`How long, how warm, on what`}</h2>
          <PlaceFields />
        </section>
        <section className="min-[700px]:col-span-2">
          <h2 className="mb-1 text-xl">{say`Who may not, will not, or is at risk`}</h2>
          <GuestsEditor />
        </section>
        <section className="min-[700px]:col-span-2">
          <h2 className="mb-3 text-xl">{say`The table’s taste`}</h2>
          <TasteFields />
        </section>
        <section className="min-[700px]:col-span-2">
          <h2 className="mb-1 text-xl">{say`Theme or flight`}</h2>
          <p className="mb-3 text-sm text-ink-soft">{say`A theme holds one thing and the rest carries the variety; a flight holds everything but one.`}</p>
          <ThemeFields />
        </section>
        <section className="min-[700px]:col-span-2">
          <h2 className="mb-3 text-xl">{say`How it is chosen`}</h2>
          <SchoolFields />
        </section>
        <BudgetAndKinds />
      </div>
    </StageLayout>
  );
}

/** The serving time, the place, the customer, and where the order stands. */
function WhenAndWhere({
  brief,
  format,
  set,
  order,
  change,
}: {
  brief: Brief;
  format: Format;
  set: (what: string, part: Partial<Brief>) => void;
  order: OrderBody;
  change: OrderDocument['change'];
}) {
  return (
    <section>
      <h2 className="mb-3 text-xl">{say`When and where`}</h2>
      <div className="space-y-3">
        <div>
          <span className="mb-1 block">{say`Served at`}</span>
          <DateTimeField
            what={say`Served`}
            value={brief.servingAt}
            format={format}
            onCommit={(servingAt) => set(say`the serving time`, { servingAt })}
          />
        </div>
        <TextField
          label={say`Place`}
          path="brief.place"
          value={brief.place}
          onCommit={(place) => set(say`the place`, { place })}
        />
        <TextField
          label={say`Occasion`}
          path="brief.occasion"
          value={brief.occasion}
          onCommit={(occasion) => set(say`the occasion`, { occasion })}
        />
        <WhereFields />
        <TextField
          label={say`Customer`}
          path="customer"
          value={order.customer}
          onCommit={(customer) => change(say`the customer`, (o) => ({ ...o, customer }))}
        />
        <label className="block">
          <span className="mb-1 block">{say`Said on the telephone`}</span>
          <TypedText
            long
            className="field min-h-24 w-full py-2"
            label={say`Said on the telephone`}
            value={order.note}
            onCommit={(note) => change(say`the note`, (o) => ({ ...o, note }))}
          />
        </label>
        <Choice
          label={say`Where the order stands`}
          className="grid-cols-3"
          value={order.state}
          options={ORDER_STATES.map((state) => ({ value: state, label: capital(word(state)) }))}
          onChange={(state) => change(say`the order is ${word(state)}`, (o) => ({ ...o, state }))}
        />
      </div>
    </section>
  );
}
