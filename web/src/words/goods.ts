import { ageOn, mainMilk, type Good, type Main } from '@rotula/core';
import { listed } from '../ui/format';
import { ageWords } from './labels';
import { say, word } from '../language/say';

/** One line under a name, as a monger would put it: "firm sheep · 7 months · 5". */
export function lineOf(good: Good, on: string): string {
  switch (good.kind) {
    case 'cheese': {
      const milk = good.milk.length > 1 ? listed(good.milk.map((m) => word(m.animal))) : word(mainMilk(good));
      return `${word(good.texture)} ${milk} · ${ageWords(ageOn(good, on))}`;
    }
    case 'meat':
      return `${good.style} · ${ageWords(ageOn(good, on))}`;
    case 'companion':
    case 'drink':
    case 'ware':
      return good.style;
  }
}

export const strengthOf = (main: Main): string => say`strength ${main.sense.intensity} of 10`;
