import type { Decimal, Doubt } from '@rotula/core';
import { Button } from '../../ui/Button';
import { dividerName } from './tableText';
import { say } from '../../language/say';

/** Questions that a file leaves open; nothing is guessed where two answers would do. */

export function DividerQuestion({
  by,
  onSay,
}: {
  by: readonly { readonly sign: string; readonly first: readonly string[] }[];
  onSay: (sign: string) => void;
}) {
  return (
    <div className="rounded-xl bg-paper-lit p-6" role="group" aria-label={say`What divides the columns?`}>
      <p className="mb-4 text-lg">{say`The columns of this file could be divided in more than one way. Which is right?`}</p>
      <div className="grid gap-3">
        {by.map(({ sign, first }) => (
          <Button key={sign} className="justify-start" onClick={() => onSay(sign)}>
            {say`by ${dividerName(sign)}: ${first.map((heading) => `“${heading}”`).join(', ')}`}
          </Button>
        ))}
      </div>
    </div>
  );
}

export function DecimalQuestion({ doubt, onSay }: { doubt: Doubt; onSay: (decimal: Decimal) => void }) {
  const { text, line, heading, sign, asDecimal, asThousands } = doubt;
  const other: Decimal = sign === '.' ? ',' : '.';
  return (
    <div className="rounded-xl bg-paper-lit p-6" role="group" aria-label={say`Which sign is the decimal?`}>
      <p className="mb-4 text-lg">{say`“${text}” in line ${line}, ${heading}: nothing else in this file says whether that is ${asDecimal} or ${asThousands.toLocaleString('en')}. Which is it?`}</p>
      <div className="flex flex-wrap gap-3">
        <Button look="strong" onClick={() => onSay(sign)}>
          {say`${asDecimal}: the ${sign === '.' ? say`dot` : say`comma`} is the decimal`}
        </Button>
        <Button look="strong" onClick={() => onSay(other)}>
          {say`${asThousands.toLocaleString('en')}: it divides thousands`}
        </Button>
      </div>
    </div>
  );
}
