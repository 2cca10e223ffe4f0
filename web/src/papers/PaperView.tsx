import {
  ALLERGENS,
  PAPERS,
  printed,
  type HeldBack,
  type LaidBoard,
  type Layout,
  type PaperGround,
  type PaperId,
  type PaperNeed,
  type Timing,
} from '@rotula/core';
import { lazy, Suspense, useMemo, type ComponentType, type ReactNode } from 'react';
import { useWorkbench } from '../frame/context';
import { lookForWords, ReadLabels, type Unread } from '../frame/ReadLabels';
import { useDay } from '../frame/useDay';
import { say } from '../language/say';
import { useLayout } from '../optimiser/useLayout';
import { paperBench, PaperContext } from './context';
import { SHEETS } from './sheets';
import { Held } from './Held';
import { Telling } from './Telling';

const LATE = Object.fromEntries(
  Object.entries(SHEETS).map(([id, { draw }]) => [id, lazy(draw as () => Promise<never>)]),
) as unknown as Record<PaperId, ComponentType<{ data: unknown }>>;

/** A paper of the order in hand: what it needs is searched first, and what holds it is said in its place. */
export function PaperView({ paper }: { paper: PaperId }) {
  const { needs, takes = [] } = PAPERS[paper];
  const isNeeded = (need: PaperNeed) => needs.includes(need) || takes.includes(need);
  const { plan } = useWorkbench();
  const draw = (day: Timing | null, layouts: ReadonlyMap<string, Layout>) => (
    <Drawn paper={paper} day={day} layouts={layouts} />
  );
  const laid = (day: Timing | null): ReactNode =>
    isNeeded('layouts') ? (
      <WithLayouts boards={plan.boards.laid} found={NONE_LAID}>
        {(layouts) => draw(day, layouts)}
      </WithLayouts>
    ) : (
      draw(day, NONE_LAID)
    );
  return isNeeded('day') ? <WithDay waits={needs.includes('day')}>{laid}</WithDay> : laid(null);
}

const NONE_LAID: ReadonlyMap<string, Layout> = new Map();

/** A paper with times on it waits for the searched day: a quick answer is not printed. */
function WithDay({ waits, children }: { waits: boolean; children: (day: Timing | null) => ReactNode }) {
  const { timing, fault } = useDay();
  if (timing.exact) return children(timing);
  if (!waits || timing.standing.length === 0) return children(null);
  return <p role="status">{fault ?? say`The day is being timed …`}</p>;
}

/** Each board laid, each passed on to the next. */
function WithLayouts({
  boards,
  found,
  children,
}: {
  boards: readonly LaidBoard[];
  found: ReadonlyMap<string, Layout>;
  children: (layouts: ReadonlyMap<string, Layout>) => ReactNode;
}) {
  const [board, ...rest] = boards;
  if (!board) return children(found);
  return (
    <WithLayout key={board.key} board={board}>
      {(layout) => (
        <WithLayouts boards={rest} found={layout ? new Map([...found, [board.key, layout]]) : found}>
          {children}
        </WithLayouts>
      )}
    </WithLayout>
  );
}

function WithLayout({
  board,
  children,
}: {
  board: LaidBoard;
  children: (layout: Layout | null) => ReactNode;
}) {
  const { answer, fault } = useLayout(board);
  if (!board.question) return children(null);
  if (!answer) return <p role="status">{fault ?? say`The board is being laid …`}</p>;
  return children(answer);
}

/** The label of a good of which an allergen is not known. */
function unreadOf({ good, unknown }: HeldBack): Unread[] {
  const ids = ALLERGENS.map(({ id }) => id).filter((id) => unknown.includes(id));
  return ids.length > 0 ? [{ good: good.id, name: good.name, ids, lookFor: lookForWords(ids) }] : [];
}

function Drawn({
  paper,
  day,
  layouts,
}: {
  paper: PaperId;
  day: Timing | null;
  layouts: ReadonlyMap<string, Layout>;
}) {
  const { document, plan, house, format, goods, counter, shelf } = useWorkbench();
  const { id, order } = document;
  const bench = useMemo(
    () =>
      paperBench(
        { reader: PAPERS[paper].for, orderId: id, order, plan, house, format, tools: <Telling /> },
        goods,
      ),
    [paper, id, order, plan, house, format, goods],
  );
  const made = useMemo(() => {
    const ground: PaperGround = { plan, order, house, counter, shelf, day, layouts };
    return printed(paper, ground);
  }, [paper, plan, order, house, counter, shelf, day, layouts]);
  const Draw = LATE[paper];
  return (
    <PaperContext value={bench}>
      {'held' in made ? (
        <>
          <Held paper={paper} hold={made.held} />
          {made.held.because === 'not all is known' && (
            <div className="no-print">
              <ReadLabels unread={made.held.goods.flatMap(unreadOf)} document={document} />
            </div>
          )}
        </>
      ) : (
        <Suspense fallback={null}>
          <Draw data={made.data} />
        </Suspense>
      )}
    </PaperContext>
  );
}
