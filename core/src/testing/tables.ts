import { limitsOf, type Person, type Safety } from '../care/index.js';
import { celsius } from '../units/index.js';

/** What is held of a table of which nothing is known: the strict side. */
const STRICT: Safety = {
  country: '',
  procedure: null,
  atHome: false,
  atRisk: false,
  air: celsius(21),
  own: [],
};

/** A table with these guests; the limits of each are as strict as its row. */
export function aTableOf({
  persons = [],
  infants = 0,
  under5 = 0,
  wood = false,
}: {
  readonly persons?: readonly Person[];
  readonly infants?: number;
  readonly under5?: number;
  readonly wood?: boolean;
} = {}) {
  const company = { infants, under5, limits: limitsOf(persons), country: '', steamed: [] };
  return { company, persons, safety: STRICT, wood };
}
