import type { Layout, LayQuestion, Point } from '@rotula/core';
import { useMemo, useState, type PointerEvent, type RefObject } from 'react';

/** What weighs a thing in the hand comes with the first touch. */
type Judging = (typeof import('./judging'))['JUDGING'];
/** Shorter than this a press is a touch, not a drag, mm. */
const TOUCH = 4;

/** A thing in the hand: which, from where, and how far it was carried. mm, and pixels to a mm. */
export interface InHand {
  readonly id: string;
  readonly from: Point;
  readonly by: Point;
  readonly scale: number;
  /** What its rules would say of it there, and by how many points the board would change; null: not known yet, or hardly moved. */
  readonly held: { readonly hurt: Layout['told']; readonly change: number } | null;
  readonly words: Judging | null;
}

/** Dragging things over a board drawn in mm; what is dropped further than a touch away is told. */
export function useInHand(
  svg: RefObject<SVGSVGElement | null>,
  layout: Layout,
  question: LayQuestion | null,
  onDrop: (id: string, by: Point) => void,
) {
  const [drag, setDrag] = useState<Pick<InHand, 'id' | 'from' | 'by' | 'scale'> | null>(null);
  const [judging, setJudging] = useState<Judging | null>(null);
  const id = drag?.id;
  const watched = useMemo(
    () => (id && question && judging ? judging.holding(question, layout.placed, id) : null),
    [id, question, judging, layout],
  );
  const held = useMemo(() => {
    const place = layout.placed.find((one) => one.id === drag?.id);
    if (!drag || !watched || !place || Math.hypot(...drag.by) <= TOUCH) return null;
    const { told, change } = watched(place.x + drag.by[0], place.y + drag.by[1]);
    return { hurt: told.filter(({ hard }) => hard), change };
  }, [drag, watched, layout]);
  const at = (event: PointerEvent): Point => {
    const { x, y } = new DOMPoint(event.clientX, event.clientY).matrixTransform(
      svg.current!.getScreenCTM()!.inverse(),
    );
    return [x, y];
  };
  const inHand: InHand | null = drag && { ...drag, held, words: judging };
  return {
    inHand,
    start: (event: PointerEvent, thing: string) => {
      if (!judging) void import('./judging').then(({ JUDGING }) => setJudging(JUDGING));
      setDrag({ id: thing, from: at(event), by: [0, 0], scale: svg.current!.getScreenCTM()!.a });
    },
    move: (event: PointerEvent, thing: string) => {
      if (drag?.id !== thing) return;
      const [x, y] = at(event);
      setDrag({ ...drag, by: [x - drag.from[0], y - drag.from[1]] });
    },
    drop: (thing: string) => {
      if (drag?.id !== thing) return;
      setDrag(null);
      if (Math.hypot(...drag.by) > TOUCH) onDrop(thing, drag.by);
    },
    cancel: () => setDrag(null),
  };
}
