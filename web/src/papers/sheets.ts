import type { PaperData, PaperId } from '@rotula/core';
import type { ComponentType } from 'react';
import { say } from '../language/say';

/** A paper as the web knows it. */
interface Sheet<I extends PaperId> {
  /** What it is called where it is chosen. */
  readonly label: string;
  /** What it is called where it is said that there is none yet; only of a paper that can be held. */
  readonly held?: string;
  /** Draws its data; the code comes when it is looked at. */
  readonly draw: () => Promise<{ readonly default: ComponentType<{ data: PaperData<I> }> }>;
}

/** Every paper, a row each. */
export const SHEETS: { readonly [I in PaperId]: Sheet<I> } = {
  quote: { label: say`Quote`, draw: () => import('./Quote') },
  'cut-sheet': { label: say`Cut sheet`, draw: () => import('./CutSheet') },
  'shopping-list': { label: say`Shopping list`, draw: () => import('./ShoppingList') },
  cards: { label: say`Cards`, held: say`cards`, draw: () => import('./cards/GuestCards') },
  'tasting-menu': { label: say`Tasting menu`, held: say`menu`, draw: () => import('./menu/TastingMenu') },
  'time-line': { label: say`Time line`, held: say`time line`, draw: () => import('./TimeLine') },
  allergens: { label: say`Allergens`, held: say`allergen list`, draw: () => import('./AllergenList') },
  'kitchen-allergens': { label: say`Kitchen allergens`, draw: () => import('./KitchenAllergens') },
  'board-plan': { label: say`Board plan`, draw: () => import('./BoardPlan') },
  'packing-list': { label: say`Packing list`, draw: () => import('./PackingList') },
  'run-sheet': { label: say`Run sheet`, draw: () => import('./RunSheet') },
  'off-labels': { label: say`Off labels`, draw: () => import('./OffLabels') },
  'customer-clock': { label: say`Customer’s clock`, draw: () => import('./CustomerClock') },
  'to-find-again': { label: say`To find again`, draw: () => import('./LaterList') },
};
