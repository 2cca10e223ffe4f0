import Sequencer from '@jest/test-sequencer';

/** On a new machine Jest knows no times and begins with the largest files: the longest would run last, beside an idle worker. */
const LONGEST = [
  'typed',
  'walk-lay-tasting',
  'language',
  'pick',
  'access',
  'safety',
  'book-to-papers',
  'keyboard',
];

const place = ({ path }) => {
  const found = LONGEST.findIndex((name) => path.endsWith(`/${name}.test.ts`));
  return found < 0 ? LONGEST.length : found;
};

// Its default is the class, or holds it, by how Jest was built.
export default class LongestFirst extends (Sequencer.default ?? Sequencer) {
  sort(tests) {
    return [...tests].sort((a, b) => place(a) - place(b) || (a.path < b.path ? -1 : 1));
  }
}
