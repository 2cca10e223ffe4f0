import type { PaperData, PaperId } from '@rotula/core';
import type { ComponentType } from 'react';

type Drawing<I extends PaperId> = () => Promise<{ readonly default: ComponentType<{ data: PaperData<I> }> }>;

/** How each paper is drawn; its code comes when it is looked at. */
export const DRAWINGS: { readonly [I in PaperId]: Drawing<I> } = {
  quote: () => import('./Quote'),
  'cut-sheet': () => import('./CutSheet'),
  'shopping-list': () => import('./ShoppingList'),
  cards: () => import('./cards/GuestCards'),
  'tasting-menu': () => import('./menu/TastingMenu'),
  'time-line': () => import('./TimeLine'),
  allergens: () => import('./AllergenList'),
  'board-plan': () => import('./BoardPlan'),
  'packing-list': () => import('./PackingList'),
  'run-sheet': () => import('./RunSheet'),
  'off-labels': () => import('./OffLabels'),
  'customer-clock': () => import('./CustomerClock'),
  'to-find-again': () => import('./LaterList'),
};
