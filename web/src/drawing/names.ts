import type { Thing, VesselUse } from '@rotula/core';
import { say, word } from '../language/say';

/** Boxes, tiers and the bare table are called by a word of a table, boards by their own name. */
export const nameOf = ({ id, name }: { readonly id: string; readonly name: string }): string =>
  id === name || id.startsWith('tier-') ? word(name) : name;

/** A knife is called by what it is, everything else by its own name. */
export const thingName = ({ name, traits }: Thing): string =>
  traits.kind === 'tool' ? say`knife: ${word(name)}` : name;

/** A vessel of the shop is called by its own name, one that stands in by a word of a table. */
export const vesselName = ({ ware, name }: VesselUse): string => (ware ? name : word(name));
