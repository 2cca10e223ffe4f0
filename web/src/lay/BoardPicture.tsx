import { BUILD_SCHOOLS, stepOf, type BuildStep, type Layout, type Point, type Thing } from '@rotula/core';
import clsx from 'clsx';
import { Image as Picture } from 'lucide-react';
import { lazy, Suspense, useMemo, useRef, useState, type KeyboardEvent, type ReactNode } from 'react';
import { useWorkbench } from '../frame/context';
import { BoardDrawing, middleOf } from '../drawing/BoardDrawing';
import { Button } from '../ui/Button';
import { Choice } from '../ui/Choice';
import { say } from '../language/say';
import { signed } from '../ui/format';
import { Markers } from './Markers';
import { savePicture } from './savePicture';
import { useInHand } from './useInHand';
import { thingName } from '../drawing/names';
import { overRim } from '../drawing/overRim';
import type { OnBoard } from './onBoard';
import { VIEWS, type View } from './viewNames';

const Overlay = lazy(() => import('./Overlay'));

/** A millimetre by an arrow key, a centimetre with shift; a turn by [ and ]. */
const STEP = 1;
const BIG_STEP = 10;
const TURN = 15;
const ARROWS: Readonly<Record<string, Point>> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
};
/** Round the board, for handles that stand over. mm */
const ROOM = 40;
/** And beyond what stands over the rim. */
const EDGE = 6;
const PICTURE = 'mx-auto block h-[max(340px,calc(100dvh-400px))] w-full';

/** The board from above at scale. Things are dragged, nudged and turned by hand, and stay where they were put. */
export function BoardPicture({
  on: { board: laidBoard, laid, focus, onFocus },
  layout,
  step,
}: {
  on: OnBoard;
  layout: Layout;
  /** As far as it is built; null: all of it. */
  step: BuildStep | null;
}) {
  const { board } = laidBoard;
  const order: readonly BuildStep[] = BUILD_SCHOOLS['anchors first'];
  const things = laidBoard.things.filter(
    (thing) => step === null || order.indexOf(stepOf(thing)) <= order.indexOf(step),
  );
  const { document, plan, format } = useWorkbench();
  const [view, setView] = useState<View>('laid');
  const svg = useRef<SVGSVGElement>(null);
  const { pins } = document.order.lay;
  const placeOf = (id: string) => layout.placed.find((place) => place.id === id)!;
  const nameOf = (id: string) => thingName(laidBoard.things.find((thing) => thing.id === id)!);
  const { inHand, ...hands } = useInHand(svg, layout, laidBoard.question, (id, [dx, dy]) => {
    const { x, y, turn } = placeOf(id);
    laid.put(id, nameOf(id), x + dx, y + dy, turn);
  });
  const middles = useMemo(() => new Map(layout.placed.map(({ id }) => [id, middleOf(layout, id)])), [layout]);
  const [w, d] = [board.length, board.round ? board.length : board.width];
  const room = useMemo(() => Math.max(ROOM, overRim(board, layout, things) + EDGE), [board, layout, things]);
  const viewBox = `${-w / 2 - room} ${-d / 2 - room} ${w + 2 * room} ${d + 2 * room}`;
  const keys = (thing: Thing) => (event: KeyboardEvent) => {
    const { x, y, turn } = placeOf(thing.id);
    const arrow = ARROWS[event.key];
    const by = event.shiftKey ? BIG_STEP : STEP;
    if (arrow) laid.put(thing.id, thingName(thing), x + by * arrow[0], y + by * arrow[1], turn);
    else if (event.key === '[' || event.key === ']')
      laid.put(thing.id, thingName(thing), x, y, turn + (event.key === ']' ? TURN : -TURN));
    else if (event.key === 'Enter' || event.key === ' ')
      if (pins[thing.id]?.hand) laid.letGo(thing.id, thingName(thing));
      else laid.put(thing.id, thingName(thing), x, y, turn);
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
        opacity={inHand?.id === thing.id ? 0.15 : undefined}
        onFocus={() => onFocus(thing.id)}
        onKeyDown={keys(thing)}
        onPointerDown={(event) => {
          event.currentTarget.setPointerCapture(event.pointerId);
          onFocus(thing.id);
          hands.start(event, thing.id);
        }}
        onPointerMove={(event) => hands.move(event, thing.id)}
        onPointerUp={() => hands.drop(thing.id)}
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
  const carried = inHand && things.find(({ id }) => id === inHand.id);
  return (
    <figure className="relative">
      <svg
        ref={svg}
        viewBox={viewBox}
        className={PICTURE}
        aria-label={say`The board from above, the guest below`}
        data-board={board.id}
        data-score={layout.score.toFixed(1)}
      >
        <BoardDrawing
          board={board}
          layout={layout}
          things={things}
          wrap={wrap}
          eaten={view === 'half eaten'}
          late={step !== null}
        >
          <Markers things={things} middles={middles} steps={steps} pinned={pinned} focus={focus} wide={w} />
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
        </BoardDrawing>
      </svg>
      {inHand && carried && (
        <>
          <svg
            viewBox={viewBox}
            aria-hidden
            className={clsx(PICTURE, 'pointer-events-none absolute inset-x-0 top-0 will-change-transform')}
            style={{
              transform: `translate(${inHand.by[0] * inHand.scale}px, ${inHand.by[1] * inHand.scale}px)`,
            }}
          >
            <BoardDrawing board={board} layout={layout} things={[carried]} bare />
          </svg>
          <svg
            viewBox={viewBox}
            aria-hidden
            className={clsx(PICTURE, 'pointer-events-none absolute inset-x-0 top-0')}
          >
            {[...new Set(inHand.held?.hurt.flatMap(({ reason }) => reason.subject.split(' ')))].map((id) => {
              const at = middles.get(id);
              if (!at) return null;
              const [dx, dy] = id === inHand.id ? inHand.by : ([0, 0] as const);
              return (
                <circle
                  key={id}
                  cx={at[0] + dx}
                  cy={at[1] + dy}
                  r={w / 20}
                  fill="#a23b2a33"
                  stroke="#a23b2a"
                  strokeWidth={w / 110}
                  data-hurt={id}
                />
              );
            })}
          </svg>
        </>
      )}
      <div className="no-print mt-2 flex flex-wrap items-center gap-3">
        <Choice
          label={say`What is shown`}
          className="flex! flex-wrap"
          value={view}
          options={(Object.keys(VIEWS) as View[]).map((value) => ({ value, label: VIEWS[value] }))}
          onChange={setView}
        />
        <Button onClick={() => void savePicture(svg.current!, 'board.png')}>
          <Picture size={18} /> {say`Picture as PNG`}
        </Button>
      </div>
      <figcaption className="mt-2 text-sm text-ink-soft">
        {inHand?.held ? (
          <span data-held>
            {say`${signed(inHand.held.change, 1)} points there.`}{' '}
            {inHand.held.hurt.map(({ reason }) => inHand.words!.sentence(reason, format)).join(' · ')}
          </span>
        ) : laid.working ? (
          say`Being laid …`
        ) : (
          say`Drag a thing, or move it with the arrow keys (shift: a centimetre), turn it with [ and ]; enter pins it or lets it go. The guest stands below.`
        )}
      </figcaption>
    </figure>
  );
}
