import { BUILD_SCHOOLS, stepOf, type BuildStep, type Layout, type Point, type Thing } from '@rotula/core';
import { Image as Picture } from 'lucide-react';
import {
  lazy,
  Suspense,
  useMemo,
  useRef,
  useState,
  type KeyboardEvent,
  type PointerEvent,
  type ReactNode,
} from 'react';
import { useWorkbench } from '../frame/context';
import { BoardDrawing, middleOf } from '../drawing/BoardDrawing';
import { Button } from '../ui/Button';
import { Choice } from '../ui/Choice';
import { say } from '../language/say';
import { signed } from '../ui/format';
import { savePicture } from './savePicture';
import { thingName } from '../drawing/names';
import type { OnBoard } from './onBoard';
import { VIEWS, type View } from './viewNames';

const Overlay = lazy(() => import('./Overlay'));
/** What weighs a thing in the hand comes with the first touch. */
type Judging = typeof import('./judging');

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
/** Shorter than this a press is a touch, not a drag, mm. */
const TOUCH = 4;

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
  const [drag, setDrag] = useState<{ id: string; from: Point; by: Point } | null>(null);
  const { pins } = document.order.lay;
  const { question } = laidBoard;
  const [judging, setJudging] = useState<Judging | null>(null);
  /** While a hand holds a thing: what its rules would say of it there, and what it costs. */
  const held = useMemo(() => {
    if (!drag || !question || !judging || Math.hypot(...drag.by) <= TOUCH) return null;
    const { told, score } = judging.judge(
      question,
      layout.placed.map((place) =>
        place.id === drag.id ? { ...place, x: place.x + drag.by[0], y: place.y + drag.by[1] } : place,
      ),
    );
    const hurt = told.filter(({ reason, hard }) => hard && reason.subject.split(' ').includes(drag.id));
    return { hurt, change: score - layout.score };
  }, [drag, question, layout, judging]);
  const [w, d] = [board.length, board.round ? board.length : board.width];
  const room = 26;
  const toMm = (event: PointerEvent): Point => {
    const box = svg.current!.getBoundingClientRect();
    const scale = (w + 2 * room) / box.width;
    return [
      (event.clientX - box.left) * scale - w / 2 - room,
      (event.clientY - box.top) * scale - d / 2 - room,
    ];
  };
  const placeOf = (id: string) => layout.placed.find((place) => place.id === id)!;
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
    const moved = drag?.id === thing.id ? drag.by : null;
    const { x, y } = placeOf(thing.id);
    return (
      <g
        role="button"
        tabIndex={0}
        data-thing={thing.id}
        aria-pressed={pins[thing.id]?.hand ?? false}
        aria-label={say`${thingName(thing)}, ${format.mm(Math.abs(x))} ${x < 0 ? say`left` : say`right`} and ${format.mm(Math.abs(y))} ${y < 0 ? say`up` : say`down`} of the middle${pins[thing.id]?.hand ? say`, put there by hand` : ''}`}
        className="cursor-grab touch-none focus-visible:outline-3 focus-visible:outline-annatto-text"
        transform={moved ? `translate(${moved[0]} ${moved[1]})` : undefined}
        opacity={moved ? 0.8 : undefined}
        onFocus={() => onFocus(thing.id)}
        onKeyDown={keys(thing)}
        onPointerDown={(event) => {
          event.currentTarget.setPointerCapture(event.pointerId);
          onFocus(thing.id);
          if (!judging) void import('./judging').then((it) => setJudging(it));
          setDrag({ id: thing.id, from: toMm(event), by: [0, 0] });
        }}
        onPointerMove={(event) => {
          if (drag?.id !== thing.id) return;
          const [px, py] = toMm(event);
          setDrag({ ...drag, by: [px - drag.from[0], py - drag.from[1]] });
        }}
        onPointerUp={() => {
          if (drag?.id !== thing.id) return;
          const [bx, by] = drag.by;
          setDrag(null);
          const { x: px, y: py, turn } = placeOf(thing.id);
          if (Math.hypot(bx, by) > TOUCH) laid.put(thing.id, thingName(thing), px + bx, py + by, turn);
        }}
        onPointerCancel={() => setDrag(null)}
      >
        {drawn}
      </g>
    );
  };
  const number = (id: string) => plan.walk.steps.find(({ main }) => main.id === id)?.number ?? null;
  return (
    <figure className="relative">
      <svg
        ref={svg}
        viewBox={`${-w / 2 - room} ${-d / 2 - room} ${w + 2 * room} ${d + 2 * room}`}
        className="mx-auto block h-[max(340px,calc(100dvh-400px))] w-full"
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
          {things.map((thing) => {
            const place = number(thing.id);
            if (!layout.placed.some(({ id }) => id === thing.id)) return null;
            const [x, y] = middleOf(layout, thing.id);
            const by = drag?.id === thing.id ? drag.by : ([0, 0] as const);
            return (
              <g key={thing.id} transform={`translate(${x + by[0]} ${y + by[1]})`} pointerEvents="none">
                {held?.hurt.some(({ reason }) => reason.subject.split(' ').includes(thing.id)) && (
                  <circle
                    r={w / 20}
                    fill="#a23b2a33"
                    stroke="#a23b2a"
                    strokeWidth={w / 110}
                    data-hurt={thing.id}
                  />
                )}
                {focus === thing.id && (
                  <circle r={w / 26} fill="none" stroke="#8f4a0e" strokeWidth={w / 160} />
                )}
                {place !== null && (
                  <>
                    <circle r={w / 46} fill="#f7f1e4" stroke="#2a2520" strokeWidth={w / 420} />
                    <text y={w / 120} textAnchor="middle" fontSize={w / 38} fontWeight={700} fill="#2a2520">
                      {place}
                    </text>
                  </>
                )}
                {pins[thing.id]?.hand && (
                  <circle
                    cx={w / 40}
                    cy={-w / 40}
                    r={w / 110}
                    fill="#a23b2a"
                    stroke="#f7f1e4"
                    strokeWidth={w / 500}
                  />
                )}
              </g>
            );
          })}
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
        {held ? (
          <span data-held>
            {say`${signed(held.change, 1)} points there.`}{' '}
            {held.hurt.map(({ reason }) => judging!.sentence(reason, format)).join(' · ')}
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
