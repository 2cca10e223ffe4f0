import { COVERS, CURVE_NODE_LIMIT } from '@rotula/core';
import { useWorkbench } from '../frame/context';
import { pickQuestion, questionKey } from '../optimiser/question';
import { useSearch } from '../optimiser/useSearch';
import { Button } from '../ui/Button';
import { signed } from '../ui/format';
import { Callout } from '../ui/Slate';
import { say } from '../language/say';

/** A school that the count cannot meet, and what one more kind would cost. Nothing where it can. */
export function SchoolShort() {
  const { plan } = useWorkbench();
  const cover = plan.brief.schools.cover ?? 'free';
  const places = COVERS[cover];
  const kinds = plan.targets.cheeses.kinds;
  return kinds > 0 && kinds < places.length ? <Short cover={cover} places={places.map((p) => p.id)} /> : null;
}

function Short({ cover, places }: { cover: string; places: readonly string[] }) {
  const { plan, document, stock, house, format } = useWorkbench();
  const { order } = document;
  const kinds = plan.targets.cheeses.kinds;
  const { answer } = useSearch('more', questionKey(order, house, stock), {
    question: () => pickQuestion(order, stock, house, CURVE_NODE_LIMIT),
    lane: 'choices',
    beside: true,
  });
  const more = answer?.more.find((m) => m.kind === 'cheese');
  return (
    <Callout tone="advice">
      <p>
        {say`${kinds} cheeses cannot fill the ${places.length} places of “${cover}”: ${places.join(', ')}. Each cheese fills one.`}
        {more &&
          say` One more would bring ${signed(more.raw, 1)} raw balance for ${format.signedAmount(Math.round(more.cost))} ${format.currency}.`}
      </p>
      <Button
        look="slate"
        className="mt-2"
        onClick={() =>
          document.change(say`${kinds + 1} cheeses`, (o) => ({
            ...o,
            brief: { ...o.brief, kinds: { ...o.brief.kinds, cheeses: kinds + 1 } },
          }))
        }
      >
        {say`${kinds + 1} cheeses`}
      </Button>
    </Callout>
  );
}
