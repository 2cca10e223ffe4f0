import { baseOf, type Thing } from './thing.js';

/** A strip of wood or a fold of stiff paper, and a finger's nail of air on either side, mm. House's own figure. */
const WALL = 6;

const reachOf = ({ outline }: Thing): number => Math.max(...outline.map(([x, y]) => Math.hypot(x, y)));

/** May a divider stand round it? What lies in a vessel or under a bell has its wall, a tool needs none. */
export const mayBeDivided = ({ lies, traits, bare }: Thing): boolean =>
  lies !== 'vessel' && traits.kind !== 'tool' && traits.kind !== 'garnish' && bare === undefined;

/**
 * What a person put behind a divider takes its wall's room, and neither wets what is crisp nor runs onto what is pale, nor do its crumbs
 * lie with what a guest may eat: a wall keeps these from a neighbour, not smell or heat.
 */
export const behindDividers = (things: readonly Thing[], ids: readonly string[]): readonly Thing[] =>
  things.map((thing) => {
    if (!ids.includes(baseOf(thing)) || !mayBeDivided(thing)) return thing;
    const round = thing.lies === 'patch' ? Math.sqrt(thing.area / Math.PI) : reachOf(thing);
    const wider = (round + WALL) / round;
    return {
      ...thing,
      divided: thing,
      area: thing.area * wider ** 2,
      // A patch's outline is one of its pieces, which grow no larger.
      outline:
        thing.lies === 'patch'
          ? thing.outline
          : thing.outline.map(([x, y]) => [x * wider, y * wider] as const),
    };
  });
