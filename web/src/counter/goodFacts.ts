import { contentsOf, sweetnessWords, type Good } from '@rotula/core';
import type { Format } from '../ui/format';
import { say, word } from '../language/say';

/** What is particular to each kind of good, as term and text. */
export function factsOf(good: Good, format: Format): [string, string][] {
  switch (good.kind) {
    case 'cheese': {
      const facts: [string, string][] = [
        [
          say`milk`,
          good.from.animal === 'not known'
            ? say`not known`
            : good.milk
                .map((m) => `${word(m.animal)}${m.share < 1 ? ` ${Math.round(m.share * 100)} %` : ''}`)
                .join(', ') + `, ${word(good.treatment)}`,
        ],
        [say`family`, word(good.texture)],
      ];
      facts.push(
        [say`rennet`, word(contentsOf(good).rennet)],
        [say`rind`, `${word(good.rind.kind)}, ${word(good.rind.verdict)}`],
        [say`whole piece`, `${word(good.form.shape)}, ${format.grams(good.form.grams)}`],
      );
      return facts;
    }
    case 'meat':
      return [
        [say`animal`, good.animals.map((a) => word(a.animal)).join(', ')],
        [say`build`, [good.build, good.process, good.calibre].map(word).join(', ')],
        [
          say`casing`,
          `${word(good.contents.casing)}${good.contents.casing === 'none' ? '' : good.casingEaten ? say`, eaten` : say`, peeled`}`,
        ],
        [say`slice`, `${format.mm(good.slice.mm)} × ${format.mm(good.slice.diameter)}`],
      ];
    case 'companion':
      return [
        [say`role`, word(good.role)],
        [
          say`pack`,
          good.pack.grams
            ? `${word(good.pack.form)}, ${format.grams(good.pack.grams)}`
            : word(good.pack.form),
        ],
      ];
    case 'drink':
      return [
        [say`kind`, word(good.type)],
        [say`alcohol`, `${good.abv} %`],
        [say`sugar, acidity`, `${good.residualSugar} g/l, ${good.totalAcidity} g/l`],
        ...(['sparkling', 'white', 'rosé', 'red'].includes(good.type)
          ? ([
              [
                say`label may say`,
                sweetnessWords(
                  good.type === 'sparkling' ? 'sparkling' : 'still',
                  good.residualSugar,
                  good.totalAcidity,
                ).join(', '),
              ],
            ] as [string, string][])
          : []),
        [say`bottle`, `${good.pack.ml} ml`],
      ];
    case 'ware':
      return [[say`use`, word(good.use)]];
  }
}
