import type { House } from '@rotula/core';
import { createContext } from 'react';

export type PaperSize = House['paper'];
/** How a sheet is called in CSS. */
export const PAGE_SIZES: Record<PaperSize, string> = { A4: 'A4', 'US Letter': 'letter' };
/** The sheet that is printed on now. */
export const PageSize = createContext<PaperSize>('A4');
