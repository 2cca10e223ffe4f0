import { withLimits, type Brief } from '@rotula/core';
import { Stepper } from '../ui/Stepper';
import { useBrief } from './useBrief';
import { say } from '../language/say';

/** The guests by kind, and who of them drinks. */
export function WhoComes() {
  const { brief, set } = useBrief();
  const guests = (what: string, part: Partial<Brief['guests']>) =>
    set(what, { guests: { ...brief.guests, ...part } });
  return (
    <section>
      <h2 className="mb-3 text-xl">{say`Who comes`}</h2>
      <div className="space-y-2">
        <Stepper
          label={say`Adults`}
          value={brief.guests.adults}
          min={withLimits(brief.persons, 'adult')}
          onChange={(adults) => guests(say`the adults`, { adults })}
        />
        <Stepper
          label={say`Children`}
          hint={say`5 to 11 years, half an adult`}
          value={brief.guests.children}
          min={withLimits(brief.persons, 'child')}
          onChange={(children) => guests(say`the children`, { children })}
        />
        <Stepper
          label={say`Small children`}
          hint={say`1 to 4 years`}
          value={brief.guests.under5}
          min={withLimits(brief.persons, 'under5')}
          onChange={(under5) => guests(say`the small children`, { under5 })}
        />
        <Stepper
          label={say`Infants`}
          hint={say`under 12 months`}
          value={brief.guests.infants}
          min={withLimits(brief.persons, 'infant')}
          onChange={(infants) => guests(say`the infants`, { infants })}
        />
        <Stepper
          label={say`Of the adults, drink alcohol`}
          value={Math.min(brief.drinkers ?? brief.guests.adults, brief.guests.adults)}
          max={brief.guests.adults}
          onChange={(drinkers) => set(say`who drinks`, { drinkers })}
        />
        {brief.persons.length > 0 && (
          <p className="text-sm text-ink-soft">{say`No fewer of a kind than have limits, below.`}</p>
        )}
      </div>
    </section>
  );
}
