import { SlateSection } from '../ui/Slate';
import { useWorkbench } from './context';

/** What children under 5 get of the board, and in which form. */
export function SmallChildren() {
  const { plan, format } = useWorkbench();
  if (plan.children.length === 0) return null;
  return (
    <SlateSection title="For the small children" aside="under 5">
      <ul className="space-y-1">
        {plan.children.map(({ good, form, grams, instead }) => (
          <li key={good.id} data-child-line={good.id}>
            <strong>{good.name}</strong>{' '}
            {form
              ? `${grams > 0 ? `${format.grams(grams)}, ` : ''}${form}`
              : instead
                ? `not for them: ${instead.name} instead`
                : 'not for them, and the counter has nothing of its kind instead'}
          </li>
        ))}
      </ul>
    </SlateSection>
  );
}
