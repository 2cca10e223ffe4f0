import type { ClockWay, CutStyleId, FoldId, Standing } from '@rotula/core';
import { useWorkbench } from '../frame/context';
import { useSearch } from '../optimiser/useSearch';
import { Button } from '../ui/Button';
import { SlateSection } from '../ui/Slate';
import { cutLabel } from '../words';
import { say } from '../language/say';

/** What can be changed where safe time and warming collide, each planned through. */
export function WaysOut({ one }: { one: Standing }) {
  const { document, shelf, house, format } = useWorkbench();
  const { order } = document;
  const felt = [order.brief, order.cuts, order.waves, order.clock, order.selection.goods];
  const { answer, working, fault } = useSearch('ways', JSON.stringify([one.key, felt]), {
    question: () => ({ order, counter: shelf, house, key: one.key }),
    lane: 'ways',
    replaces: true,
  });
  const name = ({ id, to }: ClockWay): string => {
    switch (id) {
      case 'carry it cold':
        return say`Carry it cold, at ${format.celsius(to as number)} or below`;
      case 'one car more':
        return say`${to} cars, so that all sets off at once`;
      case 'room in the cold':
        return say`Room in the cold for all ${to} boards`;
      case 'cut smaller':
        return say`Cut it: ${cutLabel(to as CutStyleId | FoldId)}`;
      case 'one more wave':
        return say`Serve it in ${to} waves`;
      case 'lower target':
        return say`Content with ${format.celsius(to as number)} at the heart`;
      case 'cooler room':
        return say`A room of ${format.celsius(to as number)}`;
      case 'later start':
        return say`Begin later, at ${format.time(to as string)}, and end as planned`;
      default:
        return say`A party of ${to} hours`;
    }
  };
  return (
    <SlateSection title={say`Ways out`} aside={say`each planned through`}>
      {working && <p className="text-chalk-soft">{say`Being worked out …`}</p>}
      {fault && <p role="status">{fault}</p>}
      {answer?.ways.length === 0 && <p>{say`No single change helps; two together may.`}</p>}
      <ul className="space-y-2" data-ways>
        {answer?.ways.map((way) => (
          <li key={`${way.id} ${way.to}`} className="flex items-center gap-3">
            <Button
              look="slate"
              className="min-w-0 text-left whitespace-normal"
              onClick={() => document.change(name(way), (now) => ({ ...now, ...way.change }))}
            >
              {name(way)}
            </Button>
            <span className={`text-sm ${way.short > 0 ? 'text-chalk-soft' : 'text-leaf-lit'}`}>
              {way.short > 0 ? say`${format.minutes(way.short)} too long` : say`fits`}
            </span>
          </li>
        ))}
      </ul>
    </SlateSection>
  );
}
