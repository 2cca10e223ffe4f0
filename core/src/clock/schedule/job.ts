/** What is scarce in a day's work. */
export interface Room {
  readonly hands: number;
  /** How many can cut, wash and fill at once: places at the bench. */
  readonly benches: number;
  readonly cars: number;
  readonly ovens: number;
  /** How many trays an oven holds, all at one temperature, and for how many minutes it is heated before the first of them. */
  readonly trays: number;
  readonly heats: number;
}

/** One piece of work. Whole minutes; times count from serving and are negative before it. */
export interface Job {
  readonly id: string;
  readonly minutes: number;
  readonly hands: 0 | 1;
  readonly bench: 0 | 1;
  readonly car: 0 | 1;
  /** Trays in an oven, and its temperature in degrees Celsius. */
  readonly oven: 0 | 1;
  readonly heat: number;
  /** What must be done before it begins. */
  readonly after: readonly string[];
  /** Minutes before serving by which it is done at the latest. */
  readonly endsBefore: number;
  /** It begins no longer than this before serving, or it suffers; null: at any time. */
  readonly within: number | null;
  /** Begun longer than this before serving, a good is out of the cold longer than it needs; null: it is no such work. */
  readonly due: number | null;
  /** A person, or the day itself, set when it begins. */
  readonly fixed: number | null;
}

/** Work of one pair of hands that nothing else is asked of. */
export const PLAIN_JOB: Omit<Job, 'id' | 'minutes'> = {
  hands: 1,
  bench: 0,
  car: 0,
  oven: 0,
  heat: 0,
  after: [],
  endsBefore: 0,
  within: null,
  due: null,
  fixed: null,
};

export interface Placed {
  readonly id: string;
  readonly start: number;
  readonly end: number;
}

/** What a schedule costs, the first counting before the second, and so on. Minutes. */
export interface ScheduleCost {
  /** Begun before their time, so that they suffer, and before anybody may begin. */
  readonly tooEarly: number;
  /** More out of the cold than each good needs, summed over the goods. */
  readonly out: number;
  /** From the first start to serving. */
  readonly first: number;
}

/** One number that keeps the order of the three: no day has that many minutes. */
export const costOf = ({ tooEarly, out, first }: ScheduleCost): number => tooEarly * 1e9 + out * 1e4 + first;
