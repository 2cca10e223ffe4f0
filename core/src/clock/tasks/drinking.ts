import type { Drink } from '../../counter/index.js';
import { LATE, task, type Task, type TasksInput } from './task.js';

/** What is drunk cold (docs/trade.md `clock/tasks/drinking COLD`): three hours in the cold or half an hour in iced water, taken from there ten minutes before. */
const COLD = { hours: 3, iced: 30, until: 10 };
const CHILLED: readonly Drink['type'][] = [
  'sparkling',
  'white',
  'rosé',
  'sweet',
  'beer',
  'cider',
  'no-alcohol',
];

/** Of many bottles this many are opened before guests come. The house's own figure. */
const FIRST_ROUND = 12;

/** Chilling, and opening the bottles of the first round. */
export const drinking = ({ drinks, minutes, mostBefore }: TasksInput): Task[] => {
  const cold = drinks.filter(({ good }) => CHILLED.includes(good.type));
  const bottles = drinks.reduce((sum, drink) => sum + drink.bottles, 0);
  // Where nobody is there in time for the cold, iced water does it.
  const iced = mostBefore !== null && mostBefore < COLD.hours * 60 + COLD.until;
  return [
    ...(cold.length > 0
      ? [
          task({
            id: 'chill',
            kind: iced ? 'ice bottles' : 'chill',
            minutes: iced ? COLD.iced : COLD.hours * 60,
            hands: 0,
            goods: cold.map(({ good }) => good.id),
            endsBefore: COLD.until,
          }),
        ]
      : []),
    ...(bottles > 0
      ? [
          task({
            id: 'open-bottles',
            kind: 'open bottles',
            minutes: minutes.bottle * Math.min(FIRST_ROUND, bottles),
            goods: drinks.map(({ good }) => good.id),
            within: LATE.bottles,
          }),
        ]
      : []),
  ];
};
