import { expect, test } from '@jest/globals';
import { DEFAULT_HOUSE } from '../brief/index.js';
import { isCompanion, isMain } from '../counter/index.js';
import { aBrief } from '../testing/briefs.js';
import { demoCounter } from '../testing/goods.js';
import { anOrder } from '../testing/orders.js';
import { plan } from '../testing/planned.js';

const counter = demoCounter();
const chocolate = counter.filter(isCompanion).find(({ role }) => role === 'chocolate')!;

test('what is asked for ends the walk after the blue, is offered where the board has it, and nothing that is not on the board', () => {
  const goods = ['wren-curd', 'tarpot', 'slate-quay'];
  const order = anOrder({ brief: aBrief(), selection: { goods } });
  const bare = plan(order, counter, DEFAULT_HOUSE);
  expect(bare.desserts).toEqual([]);
  expect(bare.dessertChoices.some((good) => isCompanion(good) && good.role === 'chocolate')).toBe(true);
  const with_ = plan({ ...order, extras: [chocolate.id], desserts: [chocolate.id] }, counter, DEFAULT_HOUSE);
  expect(with_.desserts).toEqual([{ number: 4, good: chocolate }]);
  expect(with_.walk.steps.at(-1)!.main.id).toBe('slate-quay');
  const gone = plan({ ...order, extras: [], desserts: [chocolate.id] }, counter, DEFAULT_HOUSE);
  expect(gone.desserts).toEqual([]);
});

test('what clears the palate stands on the list: as a line of its own where it lies on no board, as advice where too little does', () => {
  const goods = counter
    .filter(isMain)
    .filter(({ sense }) => sense.intensity >= 7)
    .slice(0, 5)
    .map(({ id }) => id);
  const order = anOrder({ brief: aBrief({ guests: { adults: 12 } }), selection: { goods } });
  const first = plan(order, counter, DEFAULT_HOUSE);
  const { good } = first.relief!;
  const lies = plan({ ...order, extras: [good.id], portions: { [good.id]: 20 } }, counter, DEFAULT_HOUSE);
  const short = lies.advice.find(({ rule }) => rule === 'too-little-to-clear-the-palate');
  expect(short).toMatchObject({ subject: good.id, figures: { needs: lies.relief!.net, has: 20 } });
  expect(lies.lines.filter(({ stage }) => stage === 'walk')).toEqual([]);
  const off = plan({ ...order, takenOff: [good.id] }, counter, DEFAULT_HOUSE);
  const other = off.relief!.good.id;
  const onBoard = off.beside.some(({ id }) => id === other);
  const line = off.lines.find(({ stage }) => stage === 'walk');
  expect(line === undefined).toBe(onBoard);
  if (line) expect(line).toMatchObject({ subject: other, amount: off.relief!.bought, price: null });
});
