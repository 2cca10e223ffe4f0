import type { Company, Host } from './facts.js';

/** Where practitioners disagree about a pair: both sides are shown, and none is hidden. Common practice, no source. */
export type Dispute = 'berries' | 'chilli and alcohol' | 'red wine and cheese' | 'mustard and mild cheese';

const DISPUTES: readonly {
  readonly id: Dispute;
  readonly about: (host: Host, beside: Company) => boolean;
}[] = [
  {
    id: 'berries',
    about: (_, beside) =>
      beside.kind === 'companion' && beside.role === 'fruit' && beside.aromas.includes('berry'),
  },
  {
    id: 'chilli and alcohol',
    about: (host, beside) => host.sense.heat >= 3 && beside.kind === 'drink' && beside.abv >= 14,
  },
  {
    id: 'red wine and cheese',
    about: (host, beside) => host.kind === 'cheese' && beside.kind === 'drink' && beside.type === 'red',
  },
  {
    id: 'mustard and mild cheese',
    about: (host, beside) =>
      host.kind === 'cheese' &&
      host.sense.intensity <= 4 &&
      beside.kind === 'companion' &&
      beside.role === 'mustard' &&
      beside.sense.heat <= 4,
  },
];

/** The disputes of the trade that a pair stands in. */
export const disputesOver = (host: Host, beside: Company): Dispute[] =>
  DISPUTES.filter(({ about }) => about(host, beside)).map(({ id }) => id);
