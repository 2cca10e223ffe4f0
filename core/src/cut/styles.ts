import { coins, whole, zigzag } from './division/index.js';
import { isRound } from './stock.js';
import type { CutStyle } from './style.js';
import { angular, fans, flows, is, small } from './traits.js';
import {
  batons,
  blocks,
  blueWedges,
  broken,
  edgeFor,
  noseToRind,
  RANGE,
  SLAB_MM,
  SLICE_MM,
  slices,
  triangles,
  wedges,
  within,
  ZIGZAG_MM,
} from './ways.js';

/** The cuts, one row each. Common practice, no source. */
export const CUT_STYLES: readonly CutStyle[] = [
  {
    id: 'lid off',
    look: 'spoonful',
    knife: 'thin blade',
    serving: 'spoon',
    suits: (c) => (flows(c) && !is(c.form.shape, 'tub', 'block') ? 3 : 0),
    piece: 10,
    loss: 0.03,
    seconds: 30,
    divide: broken(7, 14),
  },
  {
    id: 'spooned',
    look: 'spoonful',
    knife: 'none',
    serving: 'spoon',
    suits: (c) => (c.form.shape === 'tub' ? 3 : c.texture === 'fresh' && c.paste === 'wet' ? 1 : 0),
    piece: 12,
    loss: 0.03,
    seconds: 8,
    divide: broken(8, 18),
  },
  {
    id: 'opened whole',
    look: 'whole',
    knife: 'thin blade',
    serving: 'knife and spoon',
    suits: (c) => (c.form.shape === 'ball' && c.form.grams > 40 ? 3 : 0),
    piece: 15,
    loss: 0.01,
    seconds: 10,
    whole: true,
    divide: broken(10, 22),
  },
  {
    // Halved flat, half of the filling inside and half on top (common practice, no source).
    id: 'baked whole',
    look: 'whole',
    knife: 'thin blade',
    serving: 'knife and spoon',
    suits: () => 0,
    forHeat: true,
    piece: 15,
    loss: 0.01,
    seconds: 10,
    whole: true,
    divide: broken(10, 22),
  },
  {
    id: 'pearls',
    look: 'pearl',
    knife: 'none',
    serving: 'pick',
    suits: (c) => (c.form.shape === 'ball' && c.form.grams <= 40 ? 3 : 0),
    piece: 12,
    loss: 0,
    seconds: 1,
    divide: whole,
  },
  {
    id: 'coins',
    look: 'coin',
    knife: 'wire',
    serving: 'fingers',
    suits: (c) => (c.form.shape === 'log' ? 3 : 0),
    piece: 15,
    loss: 0.01,
    seconds: 4,
    divide: (stock, grams) =>
      coins(stock, within(grams / (stock.density * Math.PI * stock.radius ** 2), RANGE.coins)),
  },
  {
    id: 'tip wedges',
    look: 'wedge',
    knife: 'thin blade',
    serving: 'fingers',
    suits: (c) => (c.form.shape === 'pyramid' ? 3 : 0),
    piece: 20,
    loss: 0.015,
    seconds: 9,
    divide: wedges(4, 8),
  },
  {
    id: 'first wedge out',
    look: 'whole',
    knife: 'open-work blade',
    serving: 'open-work blade',
    suits: (c) => (isRound(c) && small(c) && is(c.texture, 'bloomy', 'soft', 'washed') && !flows(c) ? 3 : 0),
    piece: 15,
    loss: 0.01,
    seconds: 9,
    whole: true,
    divide: wedges(2, 4),
  },
  {
    id: 'centre wedges',
    look: 'wedge',
    knife: 'open-work blade',
    serving: 'fingers',
    suits: (c) =>
      isRound(c) && small(c) && !flows(c)
        ? is(c.texture, 'bloomy', 'soft', 'washed')
          ? 2
          : is(c.texture, 'semi-soft', 'firm', 'fresh')
            ? 3
            : 1
        : 0,
    handle: true,
    piece: 15,
    loss: 0.015,
    seconds: 9,
    divide: wedges(2, 4),
  },
  {
    id: 'nose to rind slices',
    look: 'wedge',
    knife: 'thin blade',
    serving: 'fingers',
    suits: (c) => (isRound(c) && !small(c) && is(c.texture, 'bloomy', 'soft', 'washed') && !flows(c) ? 3 : 0),
    handle: true,
    piece: 15,
    loss: 0.015,
    seconds: 9,
    divide: noseToRind,
  },
  {
    id: 'diagonal triangles',
    look: 'triangle',
    knife: 'open-work blade',
    serving: 'fingers',
    suits: (c) => (c.form.shape === 'square' && !flows(c) ? 3 : 0),
    piece: 15,
    loss: 0.015,
    seconds: 9,
    divide: wedges(8, 8),
  },
  {
    id: 'long triangles',
    look: 'triangle',
    knife: 'plane knife',
    serving: 'fingers',
    suits: (c) =>
      isRound(c) && !small(c) && is(c.texture, 'semi-soft', 'firm', 'hard')
        ? c.paste === 'brittle'
          ? 1
          : 3
        : 0,
    handle: true,
    piece: 12,
    loss: 0.015,
    seconds: 4,
    divide: triangles,
  },
  {
    id: 'cubes',
    look: 'cube',
    knife: 'chef’s knife',
    serving: 'pick',
    suits: (c) =>
      c.form.shape === 'block' && c.paste === 'supple' && is(c.texture, 'semi-soft', 'firm', 'hard')
        ? 3
        : is(c.texture, 'semi-soft', 'firm') && c.paste === 'supple' && !small(c)
          ? 1
          : 0,
    piece: 6,
    loss: 0.015,
    seconds: 1.5,
    divide: (stock, grams) => {
      const edge = edgeFor(stock, grams, RANGE.cubes);
      return blocks(stock, edge, edge, edge);
    },
  },
  {
    id: 'fanned slices',
    look: 'slice',
    knife: 'plane knife',
    serving: 'fingers',
    suits: fans,
    piece: 9,
    loss: 0.015,
    seconds: 4,
    divide: (stock) => slices(stock, SLICE_MM),
  },
  {
    id: 'batons',
    look: 'baton',
    knife: 'plane knife',
    serving: 'fingers',
    suits: (c) =>
      is(c.texture, 'firm', 'hard') && !small(c) && c.paste !== 'crumbly'
        ? c.paste === 'brittle'
          ? 1
          : 2
        : 0,
    piece: 7,
    loss: 0.015,
    seconds: 1.5,
    divide: batons,
  },
  {
    id: 'rough chunks',
    look: 'chunk',
    knife: 'chisel',
    serving: 'chisel',
    suits: (c) =>
      c.texture === 'hard'
        ? is(c.paste, 'brittle', 'crumbly')
          ? 3
          : 1
        : c.texture === 'firm' && c.paste === 'crumbly'
          ? 3
          : 0,
    piece: 9,
    loss: 0.03,
    seconds: 5,
    divide: broken(6, 15),
  },
  {
    id: 'nuggets',
    look: 'nugget',
    knife: 'short spade',
    serving: 'short spade',
    suits: (c) => (c.texture === 'very hard' ? 3 : c.texture === 'hard' && c.paste === 'brittle' ? 2 : 0),
    piece: 6,
    loss: 0.03,
    seconds: 5,
    divide: broken(3, 9),
  },
  {
    id: 'crumbled blue',
    look: 'crumble',
    knife: 'butter knife',
    serving: 'butter knife',
    suits: (c) => (c.texture === 'blue' && is(c.paste, 'crumbly', 'brittle') ? 3 : 0),
    piece: 6,
    loss: 0.03,
    seconds: 1.2,
    divide: broken(3, 10),
  },
  {
    id: 'small blue wedges',
    look: 'wedge',
    knife: 'wire',
    serving: 'butter knife',
    suits: (c) => (c.texture === 'blue' && !flows(c) ? (is(c.paste, 'creamy', 'supple') ? 3 : 1) : 0),
    piece: 12,
    loss: 0.015,
    seconds: 9,
    divide: blueWedges,
  },
  {
    id: 'dice',
    look: 'cube',
    knife: 'thin blade',
    serving: 'pick',
    suits: (c) => (is(c.texture, 'fresh', 'soft') && is(c.form.shape, 'block', 'square') ? 3 : 0),
    piece: 4,
    loss: 0.02,
    seconds: 1.5,
    divide: (stock, grams) => {
      const edge = edgeFor(stock, grams, RANGE.dice);
      return blocks(stock, edge, edge, edge);
    },
  },
  {
    id: 'zig-zag slices',
    look: 'triangle',
    knife: 'chef’s knife',
    serving: 'fingers',
    suits: (c) =>
      c.form.shape === 'block' && c.paste === 'supple' && is(c.texture, 'semi-soft', 'firm', 'hard') ? 2 : 0,
    piece: 12,
    loss: 0.015,
    seconds: 4,
    divide: (stock) => zigzag(stock, ZIGZAG_MM.base, ZIGZAG_MM.thick),
  },
  {
    id: 'spread blue',
    look: 'spoonful',
    knife: 'none',
    serving: 'butter knife',
    suits: (c) => (c.texture === 'blue' ? (is(c.paste, 'creamy', 'crumbly') ? 2 : 1) : 0),
    whole: true,
    piece: 8,
    loss: 0.03,
    seconds: 3,
    divide: broken(5, 12),
  },
  {
    id: 'slabs',
    look: 'slice',
    knife: 'thin blade',
    serving: 'fingers',
    suits: (c) => (is(c.texture, 'fresh', 'soft') && angular(c) && !flows(c) ? 2 : 0),
    piece: 30,
    loss: 0.02,
    seconds: 4,
    divide: (stock) => slices(stock, SLAB_MM),
  },
  {
    id: 'broken',
    look: 'chunk',
    knife: 'chef’s knife',
    serving: 'fingers',
    suits: () => 1,
    piece: 10,
    loss: 0.03,
    seconds: 5,
    divide: broken(6, 15),
  },
];
