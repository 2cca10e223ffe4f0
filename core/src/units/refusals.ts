import { z } from 'zod';

type RawIssue = z.core.$ZodRawIssue<z.core.$ZodIssue>;

const kindOf: Record<string, string> = {
  string: 'text',
  number: 'a number',
  int: 'a whole number',
  boolean: 'true or false',
  array: 'a list',
  object: 'a group of fields',
  record: 'a group of fields',
};

const figure = new Intl.NumberFormat('en', { maximumFractionDigits: 3 });

/** What a bound counts, by what it bounds. */
const COUNTED: Record<string, string> = { string: ' characters', array: ' entries', set: ' entries' };

/** A refusal in plain words; undefined leaves it to the schema library. */
function wordsOf(issue: RawIssue): string | undefined {
  switch (issue.code) {
    case 'too_big':
      return `at most ${figure.format(Number(issue.maximum))}${COUNTED[issue.origin] ?? ''}${issue.inclusive === false ? ', and less than that' : ''}`;
    case 'too_small':
      if (Number(issue.minimum) === 1 && COUNTED[issue.origin]) return 'is empty';
      return issue.inclusive === false
        ? `more than ${figure.format(Number(issue.minimum))}`
        : `at least ${figure.format(Number(issue.minimum))}${COUNTED[issue.origin] ?? ''}`;
    case 'invalid_type':
      if (issue.input === undefined) return 'is missing';
      return kindOf[issue.expected] && `must be ${kindOf[issue.expected]}`;
    case 'invalid_value':
      return `must be one of: ${issue.values.map(String).join(', ')}`.slice(0, 400);
    case 'unrecognized_keys':
      return `there is no field ${issue.keys.join(', ')} here`.slice(0, 200);
    default:
      return undefined;
  }
}

/** From now on the refusals of every schema are plain words, where the schema does not word its own. Said once, at a start. */
export function refuseInWords(): void {
  z.config({ customError: (issue) => wordsOf(issue as RawIssue) });
}
