import { BUILD_SCHOOLS, stepOf, type BuildStep, type Layout, type Thing } from '@rotula/core';
import clsx from 'clsx';
import { Image as Picture } from 'lucide-react';
import { memo, useMemo, useRef, useState, type RefObject } from 'react';
import { useWorkbench } from '../frame/context';
import { BoardDrawing, middleOf } from '../drawing/BoardDrawing';
import { Button } from '../ui/Button';
import { Choice } from '../ui/Choice';
import { say } from '../language/say';
import { signed } from '../ui/format';
import { savePicture } from './savePicture';
import { StillPicture } from './StillPicture';
import { useInHand } from './useInHand';
import { viewOf } from '../drawing/viewOf';
import type { OnBoard } from './onBoard';
import { VIEWS, type View } from './viewNames';

const PICTURE = 'mx-auto block h-[max(340px,calc(100dvh-400px))] w-full overflow-visible';

/** What stands there once this step is done; null: all of it. */
function builtSoFar(things: readonly Thing[], step: BuildStep | null): readonly Thing[] {
  const order: readonly BuildStep[] = BUILD_SCHOOLS['anchors first'];
  if (step === null) return things;
  return things.filter((thing) => order.indexOf(stepOf(thing)) <= order.indexOf(step));
}

/** The board from above at scale. Things are dragged, nudged and turned by hand, and stay where they were put. */
export function BoardPicture({
  on,
  layout,
  step,
}: {
  on: OnBoard;
  layout: Layout;
  /** As far as it is built; null: all of it. */
  step: BuildStep | null;
}) {
  const { board: laidBoard, laid } = on;
  const { board } = laidBoard;
  const things = useMemo(() => builtSoFar(laidBoard.things, step), [laidBoard.things, step]);
  const { format } = useWorkbench();
  const [view, setView] = useState<View>('laid');
  const svg = useRef<SVGSVGElement>(null);
  const { inHand, hands } = useInHand(svg, layout, laidBoard.question);
  const middles = useMemo(() => new Map(layout.placed.map(({ id }) => [id, middleOf(layout, id)])), [layout]);
  const w = board.length;
  const viewBox = useMemo(() => viewOf(board, layout, laidBoard.things), [board, layout, laidBoard.things]);
  const carried = inHand && things.find(({ id }) => id === inHand.id);
  return (
    <figure className="relative">
      <svg
        ref={svg}
        viewBox={viewBox}
        className={clsx(PICTURE, inHand && 'will-change-transform')}
        aria-label={say`The board from above, the guest below`}
        data-board={board.id}
        data-score={layout.score.toFixed(1)}
      >
        <StillPicture
          on={on}
          layout={layout}
          things={things}
          middles={middles}
          view={view}
          late={step !== null}
          carried={inHand?.id ?? null}
          hands={hands}
        />
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
            className={clsx(PICTURE, 'pointer-events-none absolute inset-x-0 top-0 will-change-transform')}
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
      <ViewBar view={view} onView={setView} svg={svg} />
      <figcaption className={clsx('mt-2 text-sm text-ink-soft', inHand && 'will-change-transform')}>
        {inHand?.held ? (
          <span data-held>
            {say`${signed(inHand.held.change, 1)} points there.`}{' '}
            {inHand.held.hurt.map(({ reason }) => inHand.words!.sentence(reason, format)).join(' · ')}
          </span>
        ) : laid.working ? (
          laid.done === null ? (
            say`Being laid …`
          ) : (
            say`Being laid, ${Math.round(100 * laid.done)} % …`
          )
        ) : (
          say`Drag a thing, or move it with the arrow keys (shift: a centimetre), turn it with [ and ]; enter pins it or lets it go, m goes to what else it can do. The guest stands below.`
        )}
      </figcaption>
    </figure>
  );
}

/** What of the board is shown, and the picture as a file. */
const ViewBar = memo(function ViewBar({
  view,
  onView,
  svg,
}: {
  view: View;
  onView: (view: View) => void;
  svg: RefObject<SVGSVGElement | null>;
}) {
  return (
    <div className="no-print mt-2 flex flex-wrap items-center gap-3">
      <Choice
        label={say`What is shown`}
        className="flex! flex-wrap"
        value={view}
        options={(Object.keys(VIEWS) as View[]).map((value) => ({ value, label: VIEWS[value] }))}
        onChange={onView}
      />
      <Button onClick={() => void savePicture(svg.current!, 'board.png')}>
        <Picture size={18} /> {say`Picture as PNG`}
      </Button>
    </div>
  );
});
