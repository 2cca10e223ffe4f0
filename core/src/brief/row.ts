import { row } from '../stage/index.js';
import { heads } from './heads.js';

export const briefRow = row({
  id: 'brief',
  place: 1,
  reads: [],
  fields: ['brief'],
  summary: ({ brief }) => ({
    goods: [],
    words: [],
    servingAt: brief.servingAt,
    guests: heads(brief),
    limits: brief.persons.length,
  }),
});
