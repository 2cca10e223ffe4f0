import {
  BUNCH,
  garnishShelf,
  lastLook,
  mayBeDivided,
  mayDecorate,
  MOST_GARNISHES,
  MOST_SPRIGS,
  reasonKey,
  type Look,
  type Reason,
} from '@rotula/core';
import clsx from 'clsx';
import { Check } from 'lucide-react';
import { Link } from 'react-router';
import { useWorkbench } from '../frame/context';
import { signed } from '../ui/format';
import { SlateSection } from '../ui/Slate';
import { sentence } from '../words';
import { PRAISE_WORDS } from '../words/lay';
import { say } from '../language/say';
import { thingName } from '../drawing/names';
import type { OnBoard } from './onBoard';

const VIOLATIONS_SHOWN = 9;
/** Less than this share of a patch without room is not worth a word. */
const SHORT = 0.05;

/** What a careful eye would mend, each with a button that does it; and what is good, briefly. */
export function LastLook({ board, laid, focus, onFocus }: OnBoard) {
  const { plan, format, document } = useWorkbench();
  if (!laid.layout) return null;
  const { layout } = laid;
  const { things } = board;
  const short = layout.patches.filter((patch) => patch.short > SHORT);
  const about = (subject: string) => focus !== null && subject.split(' ').includes(focus);
  const violations = [...layout.violations].sort(
    (a, b) => Number(about(b.reason.subject)) - Number(about(a.reason.subject)),
  );
  const { looks, praise } = lastLook(
    layout,
    things,
    board.board,
    plan.brief,
    document.order.lay.schools.colours,
  );
  return (
    <>
      <SlateSection title={say`A last look`} aside={say`points it costs`}>
        {violations.length + short.length + looks.length === 0 && (
          <p>{say`Nothing to mend: what belongs together touches, the walk runs clockwise, and nothing rolls.`}</p>
        )}
        <ul className="space-y-1.5" data-last-look>
          {short.map((patch) => {
            const thing = things.find(({ id }) => id === patch.id)!;
            return (
              <li key={patch.id} className="flex gap-3 text-wax-lit">
                <span className="w-10 shrink-0 text-right">!</span>
                <span>
                  {say`${format.grams(thing.grams * patch.short)} of ${thing.name} find no room: a dish of its own, into the refill, or back to stock`}
                </span>
              </li>
            );
          })}
          {looks.map((look) => (
            <li key={reasonKey(look.reason)} className="flex gap-3" data-look={look.by}>
              <span className="w-10 shrink-0 text-right">○</span>
              <span className="py-1">{sentence(look.reason, format)}</span>
              <Act look={look} />
            </li>
          ))}
          {violations.slice(0, VIOLATIONS_SHOWN).map(({ reason, hard }) => (
            <li
              key={reasonKey(reason)}
              className={clsx('flex gap-3', hard && 'text-wax-lit', about(reason.subject) && 'font-bold')}
              data-violation={reason.rule}
            >
              <span className="w-10 shrink-0 pt-1 text-right">{hard ? '!' : signed(reason.effect, 1)}</span>
              <button
                type="button"
                className="min-h-11 flex-1 py-1 text-left underline-offset-4 hover:underline"
                onClick={() => onFocus(reason.subject.split(' ')[0]!)}
              >
                {sentence(reason, format)}
              </button>
              <Mend board={board} laid={laid} reason={reason} />
              {reason.rule === 'strong-beside-delicate' && (
                <Cover board={board} laid={laid} reason={reason} />
              )}
              {WALLED.includes(reason.rule) && <Divide board={board} laid={laid} reason={reason} />}
            </li>
          ))}
        </ul>
        {violations.length > VIOLATIONS_SHOWN && (
          <p className="mt-1 text-sm text-chalk-soft">{say`and ${violations.length - VIOLATIONS_SHOWN} smaller`}</p>
        )}
      </SlateSection>
      {praise.length > 0 && (
        <SlateSection title={say`What is good`}>
          <ul data-praise>
            {praise.map((one) => (
              <li key={one} className="flex items-center gap-2 text-leaf-lit">
                <Check size={16} aria-hidden /> {PRAISE_WORDS[one]}
              </li>
            ))}
          </ul>
        </SlateSection>
      )}
    </>
  );
}

const ACT = 'ml-auto min-h-11 shrink-0 self-start underline underline-offset-4';

/** The lighter of the two finds another place, where all others stay. */
function Mend({ board, laid, reason }: Pick<OnBoard, 'board' | 'laid'> & { reason: Reason }) {
  const { document } = useWorkbench();
  const concerned = reason.subject
    .split(' ')
    .flatMap((id) => board.things.filter((thing) => thing.id === id))
    // What a hand put there is let go first, then what is lightest.
    .sort(
      (a, b) =>
        Number(document.order.lay.pins[b.id]?.hand ?? false) -
          Number(document.order.lay.pins[a.id]?.hand ?? false) || a.grams - b.grams,
    );
  const thing = concerned[0];
  if (!thing) return null;
  return (
    <button
      type="button"
      className={ACT}
      aria-label={say`Mend it: another place for ${thingName(thing)}`}
      onClick={() => laid.letGo(thing.id, thingName(thing))}
    >{say`Mend it`}</button>
  );
}

/** What smells goes under its bell, and may stay where it is. */
function Cover({ board, laid, reason }: Pick<OnBoard, 'board' | 'laid'> & { reason: Reason }) {
  const ids = reason.subject.split(' ');
  const bell = board.bells.find(({ thing }) => ids.includes(thing.id));
  if (!bell) return null;
  const { thing } = bell;
  return (
    <button
      type="button"
      className={ACT}
      aria-label={say`Under a bell: ${thingName(thing)}`}
      onClick={() => laid.cover(thing, true)}
    >{say`Under a bell`}</button>
  );
}

/** A divider round the one of the two that has no wall yet, the lighter first. */
/** What a wall between two keeps apart. */
const WALLED: readonly Reason['rule'][] = ['wet-beside-crisp', 'juice-on-pale', 'avoided-beside-suited'];

function Divide({ board, laid, reason }: Pick<OnBoard, 'board' | 'laid'> & { reason: Reason }) {
  const ids = reason.subject.split(' ');
  const [thing] = board.things
    .filter(
      (one) =>
        ids.includes(one.id) &&
        mayBeDivided(one) &&
        (reason.rule !== 'avoided-beside-suited' || one.traits.avoided),
    )
    .sort((a, b) => a.grams - b.grams);
  if (!thing) return null;
  return (
    <button
      type="button"
      className={ACT}
      aria-label={say`A divider round ${thingName(thing)}`}
      onClick={() => laid.divide(thing, true)}
    >{say`A divider`}</button>
  );
}

/** The act that mends what the eye sees: filler, something green, or a first cut. */
function Act({ look }: { look: Look }) {
  const { plan, document, counter } = useWorkbench();
  const { reason, by } = look;
  const { garnish } = document.order.lay;
  const herb = garnishShelf(counter).find((good) => mayDecorate(good, plan.brief));
  const sprigs = garnish.find(({ id }) => id === herb?.id)?.sprigs ?? 0;
  const hasRoom = sprigs + BUNCH <= MOST_SPRIGS && (sprigs > 0 || garnish.length < MOST_GARNISHES);
  if (by === 'garnish')
    return herb && hasRoom ? (
      <button
        type="button"
        className={ACT}
        aria-label={say`Lay a sprig or three of ${herb.name}`}
        onClick={() =>
          document.change(say`${herb.name} as garnish`, (order) => {
            const rest = order.lay.garnish.filter(({ id }) => id !== herb.id);
            const more = { id: herb.id, sprigs: sprigs + BUNCH };
            return { ...order, lay: { ...order.lay, garnish: [...rest, more] } };
          })
        }
      >{say`Add green`}</button>
    ) : null;
  if (by === 'fill' && reason.rule === 'gap-without-filler') {
    const { filler, fillerId, grams } = reason.figures;
    const now = plan.portions.companions.find(({ good }) => good.id === fillerId);
    return (
      <button
        type="button"
        className={ACT}
        aria-label={say`Fill it with ${filler}`}
        onClick={() =>
          document.change(say`more ${filler}`, (order) => ({
            ...order,
            portions: { ...order.portions, [fillerId]: Math.round((now?.net ?? 0) + grams) },
          }))
        }
      >{say`Fill it`}</button>
    );
  }
  // Which cut opens it is chosen where it is cut.
  return (
    <Link className={ACT} to={`/orders/${document.id}/cut`}>
      {say`Cut into it`}
    </Link>
  );
}
