import { MANNERS } from '@rotula/core';
import { Choice } from '../ui/Choice';
import { capital } from '../ui/format';
import { Stepper } from '../ui/Stepper';
import { useBrief } from './useBrief';
import { Waits } from './Waits';

const DARING = [
  'timid: cow’s milk and known names',
  'careful',
  'open to most things',
  'adventurous',
  'the pungent and the odd',
];
const SWEETNESS = [
  'savoury all through',
  'rather savoury',
  'a little of both',
  'rather sweet',
  'a sweet tooth',
];
const MANNER_HINTS: Record<(typeof MANNERS)[number], string> = {
  plain: 'few things, air between',
  usual: '',
  lavish: 'every gap filled',
};

/** The audience dials, and guests with ways of their own. */
export function TasteFields() {
  const { brief, set } = useBrief();
  return (
    <div className="grid gap-x-10 gap-y-3 min-[700px]:grid-cols-2">
      <Dial
        label="How adventurous"
        words={DARING}
        value={brief.adventurous}
        onChange={(adventurous) => set('how adventurous', { adventurous })}
      />
      <Dial
        label="Sweet tooth"
        words={SWEETNESS}
        value={brief.sweetTooth}
        onChange={(sweetTooth) => set('the sweet tooth', { sweetTooth })}
      />
      <Stepper
        label="Eat few carbohydrates"
        value={brief.lowCarb}
        onChange={(lowCarb) => set('who eats few carbohydrates', { lowCarb })}
      />
      <Stepper
        label="Dislike food that touches"
        value={brief.apart}
        onChange={(apart) => set('who dislikes food that touches', { apart })}
      />
      <Waits stage="Lay">
        <Choice
          label="Manner"
          className="grid-cols-3"
          value={brief.manner}
          options={MANNERS.map((value) => ({ value, label: capital(value), hint: MANNER_HINTS[value] }))}
          onChange={(manner) => set('the manner', { manner })}
        />
      </Waits>
      <Choice
        label="Season"
        className="grid-cols-2"
        value={brief.season ? 'season' : 'any'}
        options={[
          { value: 'season', label: 'In season', hint: 'what is at its best on the day' },
          { value: 'any', label: 'Whatever the season' },
        ]}
        onChange={(value) => set('the season', { season: value === 'season' })}
      />
    </div>
  );
}

function Dial({
  label,
  words,
  value,
  onChange,
}: {
  label: string;
  words: readonly string[];
  value: number;
  onChange: (value: number) => void;
}) {
  return (
    <label className="block">
      <span className="mb-1 block">{capital(words[value - 1]!)}</span>
      <input
        type="range"
        min={1}
        max={5}
        value={value}
        aria-label={label}
        aria-valuetext={words[value - 1]}
        className="h-11 w-full accent-annatto"
        onChange={(e) => onChange(Number(e.target.value))}
      />
    </label>
  );
}
