/**
 * Rules are named by slugs since version 13 of an order; before, they were named by words of their sentences. Frozen: what was left
 * under the old name is left under the slug. Whoever renames a rule after this adds a version.
 */

/** The slug of a rule's old name: strong-beside-delicate for "strong beside delicate". */
const slugAt13 = (rule: string): string => rule.replaceAll('’', '').replace(/[^a-z0-9]+/g, '-');

/** Old names of the rules of laying that the subject of "kept board breaks" lists. */
const LAYING_AT_13 = [
  'strong beside delicate',
  'wet beside crisp',
  'hot beside cold',
  'juice on pale',
  'avoided beside suited',
  'over the rim',
  'rolls near the rim',
  'bowl at the rim',
  'leans on nothing',
  'no room for the knife',
];

function subjectAt13(rule: string, subject: string): string {
  if (rule !== 'kept board breaks') return subject;
  return subject
    .split(', ')
    .map((part) => {
      const was = LAYING_AT_13.find((name) => part.startsWith(`${name} `));
      return was ? slugAt13(was) + part.slice(was.length) : part;
    })
    .join(', ');
}

interface Left {
  readonly rule: string;
  readonly subject: string;
}

export const to13 = ({ adviceLeft, ...order }: { adviceLeft?: readonly Left[] }): unknown => ({
  ...order,
  adviceLeft: (adviceLeft ?? []).map(({ rule, subject }) => ({
    rule: slugAt13(rule),
    subject: subjectAt13(rule, subject),
  })),
});
