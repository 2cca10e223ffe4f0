import type { Layout, LayQuestion, Point } from '@rotula/core';
import { useMemo, useRef, useState, type PointerEvent, type RefObject } from 'react';

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
  readonly held: { readonly hurt: Layout['violations']; readonly change: number } | null;
  readonly words: Judging | null;
}

type Drag = Pick<InHand, 'id' | 'from' | 'by' | 'scale'>;

/** What hands do to a thing; always the same functions, so that what they are given to need not be drawn again. */
export interface Hands {
  readonly start: (event: PointerEvent, thing: string) => void;
  readonly move: (event: PointerEvent, thing: string) => void;
  /** How far it was carried; null: it was only touched. */
  readonly drop: (thing: string) => Point | null;
  readonly cancel: () => void;
}

/** Dragging things over a board drawn in mm. */
export function useInHand(
  svg: RefObject<SVGSVGElement | null>,
  layout: Layout,
  question: LayQuestion | null,
): { readonly inHand: InHand | null; readonly hands: Hands } {
  const [drag, setDrag] = useState<Drag | null>(null);
  const [judging, setJudging] = useState<Judging | null>(null);
  const now = useRef<Drag | null>(null);
  const id = drag?.id;
  const watched = useMemo(
    () => (id && question && judging ? judging.holding(question, layout.placed, id) : null),
    [id, question, judging, layout],
  );
  const held = useMemo(() => {
    const place = layout.placed.find((one) => one.id === drag?.id);
    if (!drag || !watched || !place || Math.hypot(...drag.by) <= TOUCH) return null;
    const { violations, change } = watched(place.x + drag.by[0], place.y + drag.by[1]);
    return { hurt: violations.filter(({ hard }) => hard), change };
  }, [drag, watched, layout]);
  const hands = useMemo((): Hands => {
    const at = (event: PointerEvent): Point => {
      const { x, y } = new DOMPoint(event.clientX, event.clientY).matrixTransform(
        svg.current!.getScreenCTM()!.inverse(),
      );
      return [x, y];
    };
    const hold = (next: Drag | null) => {
      now.current = next;
      setDrag(next);
    };
    return {
      start: (event, thing) => {
        void import('./judging').then(({ JUDGING }) => setJudging(JUDGING));
        hold({ id: thing, from: at(event), by: [0, 0], scale: svg.current!.getScreenCTM()!.a });
      },
      move: (event, thing) => {
        const one = now.current;
        if (one?.id !== thing) return;
        const [x, y] = at(event);
        hold({ ...one, by: [x - one.from[0], y - one.from[1]] });
      },
      drop: (thing) => {
        const one = now.current;
        if (one?.id !== thing) return null;
        hold(null);
        return Math.hypot(...one.by) > TOUCH ? one.by : null;
      },
      cancel: () => hold(null),
    };
  }, [svg]);
  return { inHand: drag && { ...drag, held, words: judging }, hands };
}
