import type { Aroma, Fact, Reason, TastingWord } from '@rotula/core';
import { AROMA_WORDS } from './pair';
import { ageWords } from './labels';
import type { Format } from '../ui/format';
import { alsoSay, sentence } from './sentence';
import type { WordsOf } from './words';
import { say, word } from '../language/say';

const joined = (words: readonly string[]): string => words.map(word).join(say` and `);

/** What a rind says of its cheese. */
const RIND_POINTS: Readonly<Record<string, string>> = {
  washed: say`Its rind was washed while it ripened, which gives it scent and colour.`,
  rubbed: say`Its rind was rubbed with fat or spice while it ripened.`,
  cloth: say`It ripened in a cloth, so it breathes and dries slowly.`,
  ash: say`It was rolled in ash, which tames the acid of its skin.`,
  leaf: say`It ripened wrapped in a leaf: open it, the leaf is not eaten.`,
  bark: say`A band of bark holds it while it runs: spoon it from the top.`,
  bloomy: say`White mould ripens it from the outside in: look for the line at the heart.`,
};

/** One thing to say of a good. */
const pointWords: WordsOf<Fact> = {
  'long-in-the-cellar': ({ age }) => say`${ageWords(age)} in the cellar.`,
  'only-days-old': ({ age }) => say`Only ${ageWords(age)} old: it tastes of its milk.`,
  'of-several-milks': ({ animals }) => say`Made of the milk of ${joined(animals)} together.`,
  'of-a-rarer-animal': ({ animal }) =>
    animal === 'game'
      ? say`Made of game, leaner and darker than pork.`
      : (RARE_MILKS[animal] ?? word(animal)),
  'of-raw-milk': () => say`Made of raw milk, as it came from the animal.`,
  'a-line-of-ash': () => say`The line through the middle is ash, laid in when it was made.`,
  'crystals-of-age': () => say`The crunch is crystals that grow only with age; it is not salt.`,
  'set-by-thistle': () => say`Its milk was set with thistle in place of rennet.`,
  'set-without-rennet': () => say`Set by its own acid, without rennet.`,
  'pierced-for-its-veins': () => say`Needles let air in; along their way the blue grew.`,
  'holes-of-its-ripening': () => say`The holes were blown by its own ripening.`,
  'its-rind-tells': ({ rind }) => RIND_POINTS[rind] ?? '',
  'made-of-one-piece': () => say`One whole muscle, salted and hung in air: nothing is minced.`,
  'smoked-cold': () => say`Smoked without heat, so it stays tender.`,
  'hot-inside': () => say`Hot: taste it late, with water near.`,
  'with-something-inside': ({ what }) => say`With ${joined(what)} inside.`,
  'ripened-as-a-sausage': ({ age }) => say`Ripened for ${ageWords(age)} like a cheese, by salt and time.`,
  'from-one-place': ({ region }) => say`From ${region}.`,
};

const RARE_MILKS: Readonly<Record<string, string>> = {
  buffalo: say`Made of buffalo milk, twice as rich as a cow’s.`,
  goat: say`Made of goat’s milk: white, and clean in taste.`,
};

alsoSay(pointWords);

/** The one thing to say of a good. Asked for here, so that its words are there wherever it is said. */
export const pointSentence = (point: Reason, format: Format): string => sentence(point, format);

/** A word that describes a good: a person's own as it is written, the model's in the language of the page. */
export const tastingWord = ({ text, from }: TastingWord): string =>
  from === 'model' ? (AROMA_WORDS[text as Aroma] ?? word(text)) : text;
