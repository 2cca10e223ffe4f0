import { SlateSection } from '../ui/Slate';
import { useWorkbench } from './context';
import { say, word } from '../language/say';

/** What children under 5 get of the board, and in which form. */
export function SmallChildren() {
  const { plan, format } = useWorkbench();
  if (plan.children.length === 0) return null;
  return (
    <SlateSection title={say`For the small children`} aside={say`under 5`}>
      <ul className="space-y-1">
        {plan.children.map(({ good, form, grams }) => (
          <li key={good.id} data-child-line={good.id}>
            <strong>{good.name}</strong>{' '}
            {form ? `${grams > 0 ? `${format.grams(grams)}, ` : ''}${word(form)}` : say`not for them`}
          </li>
        ))}
      </ul>
    </SlateSection>
  );
}
