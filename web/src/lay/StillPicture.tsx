import { type Layout, type Point, type Thing } from '@rotula/core';
import { lazy, memo, Suspense, useMemo, type KeyboardEvent, type ReactNode } from 'react';
import { useWorkbench } from '../frame/context';
import { BoardDrawing } from '../drawing/BoardDrawing';
import { thingName } from '../drawing/names';
import { say } from '../language/say';
import { Markers } from './Markers';
import type { OnBoard } from './onBoard';
import type { Hands } from './useInHand';
import { ON_NUMBERS, type View } from './viewNames';

const Overlay = lazy(() => import('./Overlay'));

/** A millimetre by an arrow key, a centimetre with shift; a turn by [ and ]. */
const STEP = 1;
const BIG_STEP = 10;
const KEY_TURN = 15;
/** What else hands may do with what is touched: the slate shows it, and one key goes there. */
const MORE = '[data-touched] button';
const ARROWS: Readonly<Record<string, Point>> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
};

/** The board as it lies, whose things hands take. It stays as it is while one of them is carried: hundreds of pieces are not asked again at every move. */
export const StillPicture = memo(function StillPicture({
  on: { board: laidBoard, laid, focus, onFocus },
  layout,
  things,
  middles,
  view,
  late,
  carried,
  hands,
}: {
  on: OnBoard;
  layout: Layout;
  things: readonly Thing[];
  middles: ReadonlyMap<string, Point>;
  view: View;
  /** What comes last is outlined: it is built step by step. */
  late: boolean;
  /** In the hand now. */
  carried: string | null;
  hands: Hands;
}) {
  const { board } = laidBoard;
  const { document, plan, format } = useWorkbench();
  const { pins } = document.order.lay;
  const placeOf = (id: string) => layout.placed.find((place) => place.id === id)!;
  const drop = (thing: Thing) => {
    const by = hands.drop(thing.id);
    if (!by) return;
    const { x, y, turn } = placeOf(thing.id);
    laid.put(thing.id, thingName(thing), x + by[0], y + by[1], turn);
  };
  const keys = (thing: Thing) => (event: KeyboardEvent) => {
    const { x, y, turn } = placeOf(thing.id);
    const arrow = ARROWS[event.key];
    const by = event.shiftKey ? BIG_STEP : STEP;
    if (arrow) laid.put(thing.id, thingName(thing), x + by * arrow[0], y + by * arrow[1], turn);
    else if (event.key === '[' || event.key === ']')
      laid.put(thing.id, thingName(thing), x, y, turn + (event.key === ']' ? KEY_TURN : -KEY_TURN));
    else if (event.key === 'Enter' || event.key === ' ')
      if (pins[thing.id]?.hand) laid.letGo(thing.id, thingName(thing));
      else laid.put(thing.id, thingName(thing), x, y, turn);
    else if (event.key === 'm') globalThis.document.querySelector<HTMLElement>(MORE)?.focus();
    else return;
    event.preventDefault();
    event.stopPropagation();
  };
  const wrap = (thing: Thing, drawn: ReactNode) => {
    const { x, y } = placeOf(thing.id);
    return (
      <g
        role="button"
        tabIndex={0}
        data-thing={thing.id}
        aria-pressed={pins[thing.id]?.hand ?? false}
        aria-label={say`${thingName(thing)}, ${format.mm(Math.abs(x))} ${x < 0 ? say`left` : say`right`} and ${format.mm(Math.abs(y))} ${y < 0 ? say`up` : say`down`} of the middle${pins[thing.id]?.hand ? say`, put there by hand` : ''}`}
        className="cursor-grab touch-none focus-visible:outline-3 focus-visible:outline-annatto-text"
        // What is carried is drawn over the picture, so that the picture itself need not be painted anew.
        opacity={carried === thing.id ? 0.15 : undefined}
        onFocus={() => onFocus(thing.id)}
        onKeyDown={keys(thing)}
        onPointerDown={(event) => {
          event.currentTarget.setPointerCapture(event.pointerId);
          onFocus(thing.id);
          hands.start(event, thing.id);
        }}
        onPointerMove={(event) => hands.move(event, thing.id)}
        onPointerUp={() => drop(thing)}
        onPointerCancel={hands.cancel}
      >
        {drawn}
      </g>
    );
  };
  const steps = useMemo(
    () => new Map(plan.walk.steps.map(({ main, number }) => [main.id, number])),
    [plan.walk],
  );
  const pinned = useMemo(() => new Set(Object.keys(pins).filter((id) => pins[id]!.hand)), [pins]);
  const over = (
    <Suspense fallback={null}>
      <Overlay
        view={view}
        layout={layout}
        things={things}
        board={board}
        sides={laidBoard.question?.sides ?? 2}
        mm={format.mm}
      />
    </Suspense>
  );
  const onNumbers = ON_NUMBERS.includes(view);
  return (
    <BoardDrawing
      board={board}
      layout={layout}
      things={things}
      wrap={wrap}
      eaten={view === 'half eaten'}
      late={late}
    >
      {!onNumbers && over}
      <Markers
        things={things}
        middles={middles}
        steps={steps}
        pinned={pinned}
        focus={focus}
        wide={board.length}
      />
      {onNumbers && over}
    </BoardDrawing>
  );
});
