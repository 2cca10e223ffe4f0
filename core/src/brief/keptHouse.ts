import type { House } from './house.js';

/** Every setting of a house; the compiler names one that is missing. */
const HOUSE_SETTINGS: Record<keyof House, true> = {
  name: true,
  units: true,
  country: true,
  currency: true,
  paper: true,
  amountSchool: true,
  parity: true,
  cover: true,
  aim: true,
  company: true,
  shares: true,
  cutSchool: true,
  knives: true,
  lateSchool: true,
  pairPoint: true,
  pairWords: true,
  learnt: true,
  licensed: true,
  timeZone: true,
  hands: true,
  ovens: true,
  procedure: true,
  safeLimits: true,
  film: true,
  wage: true,
  boardHire: true,
  kitHire: true,
  boxPrice: true,
  wareShare: true,
  margin: true,
  practice: true,
  columnMaps: true,
  onDuty: true,
  guestNames: true,
};

/** A house as a finished order keeps it: its settings and nothing that a store added, without the column maps of files. */
export const keptHouse = (house: House): House => ({
  ...(Object.fromEntries(Object.entries(house).filter(([key]) => key in HOUSE_SETTINGS)) as House),
  columnMaps: {},
});
