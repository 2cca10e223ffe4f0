import { useWorkbench } from '../frame/context';
import { Select } from '../ui/Select';
import { useBrief } from './useBrief';
import { schoolWords } from '../words';
import { say, word } from '../language/say';

const OF_ORDER = ['cover', 'aim', 'company'] as const;

/** The schools of this order: the house's, unless another is chosen for once. */
export function SchoolFields() {
  const { house, format } = useWorkbench();
  const { brief, set } = useBrief();
  return (
    <div className="grid gap-3 min-[700px]:grid-cols-3">
      {OF_ORDER.map((school) => {
        const { question, options } = schoolWords(school, format);
        const chosen = brief.schools[school] ?? 'house';
        return (
          <div key={school}>
            <span className="mb-1 block">{question}</span>
            <Select
              label={question}
              className="w-full"
              value={chosen}
              options={[
                { value: 'house', label: say`as the house: ${word(house[school])}` },
                ...Object.entries(options).map(([value, { for: why }]) => ({
                  value,
                  label: value,
                  hint: why,
                })),
              ]}
              onChange={(value) =>
                set(say`the school: ${value}`, {
                  schools: { ...brief.schools, [school]: value === 'house' ? null : value },
                })
              }
            />
          </div>
        );
      })}
    </div>
  );
}
