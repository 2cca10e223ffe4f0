import type { House } from '@rotula/core';
import { Choice } from '../ui/Choice';
import { TypedText } from '../ui/TypedText';
import { say } from '../language/say';

/** Who answers questions about what is in it, and where guests with limits stand by name. */
export function GuestFields({ house, onSet }: { house: House; onSet: (part: Partial<House>) => void }) {
  return (
    <section aria-label={say`Guests with limits`}>
      <h2 className="mb-2 text-xl">{say`Guests with limits`}</h2>
      <label className="mb-3 block">
        <span className="mb-1 block">{say`Who answers questions about what is in it (cards and quotes name them)`}</span>
        <TypedText
          className="field w-full"
          label={say`Who answers questions`}
          placeholder={say`a name, and how to reach them`}
          value={house.onDuty}
          onCommit={(onDuty) => onDuty.trim() !== house.onDuty && onSet({ onDuty: onDuty.trim() })}
        />
      </label>
      <p className="mb-1">{say`Their names are printed`}</p>
      <Choice
        label={say`Their names are printed`}
        className="grid-cols-3 max-[700px]:grid-cols-1"
        value={house.guestNames}
        options={[
          {
            value: 'shop and plates',
            label: say`Shop and plates`,
            hint: say`on the shop’s papers and on the card of their own plate`,
          },
          { value: 'shop', label: say`Shop only`, hint: say`on the shop’s papers alone` },
          { value: 'nowhere', label: say`Nowhere`, hint: say`counts and limits, never a name` },
        ]}
        onChange={(guestNames) => onSet({ guestNames })}
      />
    </section>
  );
}
