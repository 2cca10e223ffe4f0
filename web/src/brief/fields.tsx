import { useWorkbench } from '../frame/context';
import { Select } from '../ui/Select';
import { count } from '../ui/format';
import { NumberField } from '../ui/NumberField';
import { TypedText } from '../ui/TypedText';
import { say, word } from '../language/say';

/** Money in the house's currency; an empty brief has no budget. */
export function BudgetField() {
  const { document, format } = useWorkbench();
  const { budget } = document.order.brief;
  const text = budget ? String(budget.amount / format.minorPerUnit) : '';
  return (
    <span className="flex items-center gap-2">
      <NumberField
        label={say`Budget`}
        className="field w-32 text-lg"
        value={text}
        min={0.01}
        max={1e7}
        onCommit={(n) =>
          document.change(say`the budget`, (o) => ({
            ...o,
            brief: {
              ...o.brief,
              budget: {
                amount: Math.round(n * format.minorPerUnit) as never,
                per: o.brief.budget?.per ?? 'total',
              },
            },
          }))
        }
      />
      {budget && (
        <button
          type="button"
          className="min-h-11 px-1 text-ink-soft underline underline-offset-4"
          onClick={() =>
            document.change(say`no budget`, (o) => ({ ...o, brief: { ...o.brief, budget: null } }))
          }
        >{say`none`}</button>
      )}
    </span>
  );
}

/** How many kinds: by the head count, or as asked. */
export function KindsSelect({ what, most }: { what: 'cheeses' | 'meats'; most: number }) {
  const { document, plan } = useWorkbench();
  const kinds = document.order.brief.kinds[what];
  const usual = plan.targets[what].kinds;
  const options = [
    {
      value: 'auto',
      label: kinds === null ? say`by heads: ${count(usual, what.slice(0, -1))}` : say`by heads`,
    },
    ...Array.from({ length: most + 1 }, (_, n) => ({ value: String(n), label: count(n, what.slice(0, -1)) })),
  ];
  return (
    <Select
      label={say`Kinds of ${word(what)}`}
      className="w-56"
      value={kinds === null ? 'auto' : String(kinds)}
      options={options}
      onChange={(value) =>
        document.change(say`the number of ${word(what)}`, (o) => ({
          ...o,
          brief: { ...o.brief, kinds: { ...o.brief.kinds, [what]: value === 'auto' ? null : Number(value) } },
        }))
      }
    />
  );
}

/** A line of text, taken as it is typed; one that cannot be stored is kept, and marked with the reason. */
export function TextField({
  label,
  value,
  path,
  onCommit,
}: {
  label: string;
  value: string;
  /** Its path in the document, by which a refusal names it. */
  path: string;
  onCommit: (value: string) => void;
}) {
  const refusal = useWorkbench().document.saving.refused.find(({ field }) => field === path);
  return (
    <label className="block">
      <span className="mb-1 block">{label}</span>
      <TypedText
        className="field w-full aria-invalid:border-wax"
        label={label}
        value={value}
        aria-invalid={refusal !== undefined}
        onCommit={onCommit}
      />
      {refusal && (
        <span role="alert" className="mt-1 block text-sm text-wax">
          {say`${refusal.says}: shorten it, everything else is saved`}
        </span>
      )}
    </label>
  );
}
