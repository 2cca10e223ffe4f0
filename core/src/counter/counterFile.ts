import { z } from 'zod';
import { fileHead, liftedFile, versionOf } from '../units/index.js';
import { GOOD_FORMAT, upgradedGoods } from './format.js';
import { Counter, type Good } from './good.js';
import { asStored } from './reading.js';

export const CounterHead = fileHead(
  'rotula.counter',
  'this is not a counter file: its "format" is not "rotula.counter"',
);
export const CounterFile = CounterHead.transform(
  liftedFile(GOOD_FORMAT, (file) => upgradedGoods(file.goods, file.formatVersion), 'goods'),
).pipe(z.object({ format: z.literal('rotula.counter'), formatVersion: z.number(), goods: Counter }));

/** The counter as a file that comes back without loss. */
export const counterFile = (goods: readonly Good[]) => ({
  format: 'rotula.counter',
  formatVersion: versionOf(GOOD_FORMAT),
  goods: goods.map(asStored),
});
