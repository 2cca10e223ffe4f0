import type { Brief } from '@rotula/core';
import { Stepper } from '../ui/Stepper';
import { useBrief } from './useBrief';

/** The guests by kind, and who of them drinks. */
export function WhoComes() {
  const { brief, set } = useBrief();
  const guests = (what: string, part: Partial<Brief['guests']>) =>
    set(what, { guests: { ...brief.guests, ...part } });
  return (
    <section>
      <h2 className="mb-3 text-xl">Who comes</h2>
      <div className="space-y-2">
        <Stepper
          label="Adults"
          value={brief.guests.adults}
          onChange={(adults) => guests('the adults', { adults })}
        />
        <Stepper
          label="Children"
          hint="5 to 11 years, half an adult"
          value={brief.guests.children}
          onChange={(children) => guests('the children', { children })}
        />
        <Stepper
          label="Small children"
          hint="1 to 4 years"
          value={brief.guests.under5}
          onChange={(under5) => guests('the small children', { under5 })}
        />
        <Stepper
          label="Infants"
          hint="under 12 months"
          value={brief.guests.infants}
          onChange={(infants) => guests('the infants', { infants })}
        />
        <Stepper
          label="Of the adults, drink alcohol"
          value={Math.min(brief.drinkers ?? brief.guests.adults, brief.guests.adults)}
          max={brief.guests.adults}
          onChange={(drinkers) => set('who drinks', { drinkers })}
        />
      </div>
    </section>
  );
}
