import { z } from 'zod';
import { lineText, Millimetres } from '../units/index.js';

/** The small schemas that the parts of a good share. */

/** A name: one line, never empty. */
export const Name = lineText(120, 1);
export const Text = z.string().max(2000);
export const Colour = z.string().regex(/^#[0-9a-fA-F]{6}$/, 'a colour is written #rrggbb');
export const IsoDate = z.iso.date();
/** The sensory scales, 0 to 10. */
export const Scale = z.number().min(0).max(10);
export const Length = Millimetres.refine((mm) => mm > 0, 'a measure is more than 0 mm');
