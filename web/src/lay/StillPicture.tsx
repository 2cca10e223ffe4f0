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
import type { Format } from '../ui/format';

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

/** Where an arrow or a bracket puts a thing; null: the key moves nothing. */
function movedByKey({ x, y, turn }: Layout['placed'][number], { key, shiftKey }: KeyboardEvent) {
  const arrow = ARROWS[key];
  const by = shiftKey ? BIG_STEP : STEP;
  if (arrow) return { x: x + by * arrow[0], y: y + by * arrow[1], turn };
  if (key === '[' || key === ']') return { x, y, turn: turn + (key === ']' ? KEY_TURN : -KEY_TURN) };
  return null;
}

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
    const { x, y, turn } = placeOf(thing.id);
    if (by) laid.put(thing.id, thingName(thing), x + by[0], y + by[1], turn);
  };
  const keys = (thing: Thing) => (event: KeyboardEvent) => {
    const place = placeOf(thing.id);
    const name = thingName(thing);
    const moved = movedByKey(place, event);
    if (moved) laid.put(thing.id, name, moved.x, moved.y, moved.turn);
    else if (event.key === 'Enter' || event.key === ' ')
      if (pins[thing.id]?.hand) laid.letGo(thing.id, name);
      else laid.put(thing.id, name, place.x, place.y, place.turn);
    else if (event.key === 'm') globalThis.document.querySelector<HTMLElement>(MORE)?.focus();
    else return;
    event.preventDefault();
    event.stopPropagation();
  };
  const wrap = (thing: Thing, drawn: ReactNode) => (
    <InHand
      thing={thing}
      isPinned={pins[thing.id]?.hand ?? false}
      format={format}
      at={placeOf(thing.id)}
      carried={carried}
      onFocus={onFocus}
      keys={keys}
      hands={hands}
      drop={drop}
      drawn={drawn}
    />
  );
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

/** A thing that hands can take: with the mouse, a finger, or the keys. */
function InHand({
  thing,
  isPinned,
  format,
  at: { x, y },
  carried,
  onFocus,
  keys,
  hands,
  drop,
  drawn,
}: {
  thing: Thing;
  isPinned: boolean;
  format: Format;
  at: Layout['placed'][number];
  carried: string | null;
  onFocus: (id: string) => void;
  keys: (thing: Thing) => (event: KeyboardEvent) => void;
  hands: Hands;
  drop: (thing: Thing) => void;
  drawn: ReactNode;
}) {
  return (
    <g
      role="button"
      tabIndex={0}
      data-thing={thing.id}
      aria-pressed={isPinned}
      aria-label={say`${thingName(thing)}, ${format.mm(Math.abs(x))} ${x < 0 ? say`left` : say`right`} and ${format.mm(Math.abs(y))} ${y < 0 ? say`up` : say`down`} of the middle${isPinned ? say`, put there by hand` : ''}`}
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
}
