import { MANNERS } from '@rotula/core';
import { Choice } from '../ui/Choice';
import { capital } from '../ui/format';
import { Stepper } from '../ui/Stepper';
import { useBrief } from './useBrief';
import { say, word } from '../language/say';

const DARING = [
  say`timid: cow’s milk and known names`,
  say`careful`,
  say`open to most things`,
  say`adventurous`,
  say`the pungent and the odd`,
];
const SWEETNESS = [
  say`savoury all through`,
  say`rather savoury`,
  say`a little of both`,
  say`rather sweet`,
  say`a sweet tooth`,
];
const MANNER_HINTS: Record<(typeof MANNERS)[number], string> = {
  plain: say`few things, air between`,
  usual: '',
  lavish: say`every gap filled`,
};

/** The audience dials, and guests with ways of their own. */
export function TasteFields() {
  const { brief, set } = useBrief();
  return (
    <div className="grid gap-x-10 gap-y-3 min-[700px]:grid-cols-2">
      <Dial
        label={say`How adventurous`}
        words={DARING}
        value={brief.adventurous}
        onChange={(adventurous) => set(say`how adventurous`, { adventurous })}
      />
      <Dial
        label={say`Sweet tooth`}
        words={SWEETNESS}
        value={brief.sweetTooth}
        onChange={(sweetTooth) => set(say`the sweet tooth`, { sweetTooth })}
      />
      <Stepper
        label={say`Eat few carbohydrates`}
        value={brief.lowCarb}
        onChange={(lowCarb) => set(say`who eats few carbohydrates`, { lowCarb })}
      />
      <Stepper
        label={say`Dislike food that touches`}
        value={brief.apart}
        onChange={(apart) => set(say`who dislikes food that touches`, { apart })}
      />
      <Choice
        label={say`Manner`}
        className="grid-cols-3"
        value={brief.manner}
        options={MANNERS.map((value) => ({
          value,
          label: capital(word(value)),
          hint: MANNER_HINTS[value],
        }))}
        onChange={(manner) => set(say`the manner`, { manner })}
      />
      <Choice
        label={say`Season`}
        className="grid-cols-2"
        value={brief.season ? 'season' : 'any'}
        options={[
          { value: 'season', label: say`In season`, hint: say`what is at its best on the day` },
          { value: 'any', label: say`Whatever the season` },
        ]}
        onChange={(value) => set(say`the season`, { season: value === 'season' })}
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
