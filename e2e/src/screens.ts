import { inStrip, ROW_LIST } from '@rotula/core';

/** Every screen there is, for the tests that sweep over all of them: a new stage is covered on the day it comes. */
const STAGES = [...inStrip(ROW_LIST).map(({ id }) => id), 'papers'];
const ORDERS = ['boatyard-launch-supper', 'quiet-board-for-two'];

export const SCREENS: readonly string[] = [
  '/',
  '/counter',
  '/counter/intake',
  '/counter/halyard',
  '/counter/fennel-coil',
  '/counter/oak-board',
  '/house',
  '/tastings',
  '/tastings/old-hold-in-november',
  ...ORDERS.flatMap((order) => STAGES.map((stage) => `/orders/${order}/${stage}`)),
];

/** Views inside a screen that are opened by a button. */
const VIEWS: Readonly<Record<string, readonly string[]>> = {
  papers: [
    'Shopping list',
    'Tasting menu',
    'Folded',
    'Time line',
    'Board plan',
    'Packing list',
    'Run sheet',
    'Off labels',
    'Customer’s clock',
    'Allergens',
    'Cards',
    'Tents',
    'Flags',
    'Slates',
    'Bottle strips',
    'To find again',
  ],
  pick: ['Others', 'Money', 'Lenses'],
  tastings: ['Drink'],
  clock: ['Work', 'At table', 'Hot'],
  lay: ['Build it', 'Kit', 'Garnish', 'Reach', 'Colours', 'Half eaten'],
};

export const viewsOf = (path: string): readonly string[] => VIEWS[path.split('/').at(-1)!] ?? [];
