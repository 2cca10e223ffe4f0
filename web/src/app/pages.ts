import { late } from '../ui/late';

/** The pages beside the book, by their addresses; the code of each comes when it is opened. */
export const PAGES = {
  '/counter': late(() => import('../counter/CounterPage')),
  '/counter/intake': late(() => import('../counter/intake/IntakePage')),
  '/counter/:id': late(() => import('../counter/edit/GoodPage')),
  '/tastings': late(() => import('../tasting/TastingsPage')),
  '/tastings/:id': late(() => import('../tasting/SessionPage')),
  '/house': late(() => import('../house/HousePage')),
  '/orders/:id/:stage': late(() => import('./OrderPage')),
};
