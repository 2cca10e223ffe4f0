import { useWorkbench } from '../frame/context';
import { Select } from '../ui/Select';
import { BudgetField, KindsSelect } from './fields';
import { useBrief } from './useBrief';
import { say } from '../language/say';

/** What it may cost, and how many kinds were asked for. */
export function BudgetAndKinds() {
  const { format } = useWorkbench();
  const { brief, set } = useBrief();
  return (
    <section>
      <h2 className="mb-3 text-xl">{say`Budget and kinds`}</h2>
      <div className="flex flex-wrap items-end gap-3">
        <label>
          <span className="block text-sm text-ink-soft">{say`Budget, ${format.currency} (empty: none)`}</span>
          <BudgetField />
        </label>
        <Select
          label={say`Budget is`}
          className="w-36"
          value={brief.budget?.per ?? 'total'}
          options={[
            { value: 'total', label: say`in all` },
            { value: 'head', label: say`per head` },
          ]}
          onChange={(per) =>
            brief.budget && set(say`what the budget is for`, { budget: { ...brief.budget, per } })
          }
        />
      </div>
      <div className="mt-3 flex flex-wrap gap-3">
        <KindsSelect what="cheeses" most={9} />
        <KindsSelect what="meats" most={5} />
      </div>
    </section>
  );
}
