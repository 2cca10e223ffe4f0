import {
  ALLERGENS,
  allergenOf,
  allergensSaid,
  allergenState,
  insideOf,
  type AllergenId,
  type AllergenState,
  type Good,
} from '@rotula/core';
import { useWhoIsHere } from '../../frame/whoIsHere';
import { Select } from '../../ui/Select';
import { Button } from '../../ui/Button';
import { today } from '../../ui/today';
import { TypedText } from '../../ui/TypedText';
import type { Format } from '../../ui/format';
import { allergenLabel } from '../../words';
import { say, word } from '../../language/say';

const STATES: readonly AllergenState[] = ['contains', 'may contain', 'free', 'unknown'];

/** Every allergen that must be declared: contains, may contain, free or unknown. What the ingredients say wins if stricter. */
export function Allergens({
  good,
  format,
  onSet,
}: {
  good: Good;
  format: Format;
  onSet: (statement: Good['allergens']) => void;
}) {
  const { allergens } = good;
  const [who, setWho] = useWhoIsHere();
  const set = (id: AllergenId, state: AllergenState) =>
    onSet(allergensSaid(allergens, [id], state, who, today()));
  const inside = insideOf(good);
  /** Why it is stricter than what is declared. */
  const whyOf = (id: AllergenId, real: AllergenState): string => {
    const named = inside.named.find((one) => one.id === id);
    if (named) return say`its name says “${named.word}”: choose what it is`;
    return inside.isRead ? say`by what is inside: ${word(real)}` : say`being read …`;
  };
  return (
    <>
      <div className="mb-3 flex flex-wrap items-center gap-3">
        <span>{say`All that are not named are`}</span>
        <Select
          label={say`All allergens that are not named`}
          className="w-36"
          value={allergens.rest}
          options={[
            { value: 'unknown', label: say`unknown`, hint: say`nobody has checked the whole list` },
            { value: 'free', label: say`free`, hint: say`somebody has checked the whole list` },
          ]}
          onChange={(rest) => onSet({ ...allergens, rest })}
        />
        {allergens.rest === 'unknown' && (
          <Button
            onClick={() => onSet({ ...allergens, rest: 'free' })}
          >{say`The whole list was checked`}</Button>
        )}
        <label className="ml-auto flex items-center gap-2">
          <span>{say`Who says so`}</span>
          <TypedText
            className="field w-36"
            label={say`Who says so`}
            placeholder={say`your name`}
            value={who}
            onCommit={(name) => setWho(name.trim())}
          />
        </label>
      </div>
      <ul className="grid gap-x-5 gap-y-1 min-[700px]:grid-cols-2">
        {ALLERGENS.map(({ id }) => {
          const declared = allergenState(allergens, id);
          const real = allergenOf(good, id);
          const said = allergens.said.find((one) => one.id === id);
          return (
            <li key={id} className="flex items-center gap-2">
              <span className="min-w-0 flex-1 truncate" title={allergenLabel(id)}>
                {allergenLabel(id)}
                {real !== declared && (
                  <span className="block text-sm text-annatto-text">{whyOf(id, real)}</span>
                )}
                {said && (
                  <span className="block text-sm text-ink-soft" data-said={id}>
                    {said.by}, {format.day(said.on)}
                  </span>
                )}
              </span>
              <Select
                label={allergenLabel(id)}
                className="w-36 shrink-0"
                value={declared}
                options={STATES.map((s) => ({ value: s, label: word(s) }))}
                onChange={(state) => set(id, state)}
              />
            </li>
          );
        })}
      </ul>
    </>
  );
}
