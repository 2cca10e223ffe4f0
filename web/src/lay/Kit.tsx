import { baseOf, isBoxed, plateKit, toolKit, type Plan, type Thing, type ToolLine } from '@rotula/core';
import { useWorkbench } from '../frame/context';
import { SlateSection } from '../ui/Slate';
import { plateKitWords, SURFACE_WORDS, VESSEL_FROM } from '../words/lay';
import { say, word } from '../language/say';
import { nameOf, thingName, vesselName } from '../drawing/names';
import type { Format } from '../ui/format';
import type { OnBoard } from './onBoard';

type Fill = NonNullable<NonNullable<Plan['boards']['choice']>['fill']>;

/** Boards, vessels and tools: what is there, what stands in for what is missing, and what is hired. */
export function Kit({ board, laid }: OnBoard) {
  const { plan, format, house, document } = useWorkbench();
  const price = house.kitHire > 0 ? say`, ${format.money(house.kitHire)} each` : '';
  const { choice, apart, between } = plan.boards;
  const fill = choice?.fill;
  const { things, bells, facts, weight } = board;
  const vessels = things.filter(({ vessel }) => vessel !== null);
  const tools = toolKit(plan);
  return (
    <>
      <SlateSection title={say`The board`} aside={say`${format.weight(weight).join(' ')} loaded`}>
        <p>{say`${choice?.many ?? 1} × ${nameOf(board.board)}`}</p>
        <ul className="mt-1 list-disc pl-5 text-sm text-chalk-soft">
          {facts.map((fact) => (
            <li key={fact}>{SURFACE_WORDS[fact]}</li>
          ))}
        </ul>
      </SlateSection>
      {fill && <FeedAndFill fill={fill} format={format} />}
      <SlateSection
        title={say`Vessels and tools`}
        aside={choice && choice.many > 1 ? say`for each board` : undefined}
      >
        <KitList vessels={vessels} tools={tools} price={price} />
        {bells.map(({ thing, ware, needs }) => {
          const under = document.order.lay.bells.includes(baseOf(thing));
          return (
            <p key={thing.id} className="mt-2" data-bell={thing.id}>
              {ware
                ? say`${ware.name} over ${thing.name}: its smell overstates its taste, and something delicate lies beside.`
                : say`A bell of ${format.mm(needs)} over ${thing.name}, to hire${price}: its smell overstates its taste, and something delicate lies beside.`}{' '}
              <button
                type="button"
                className="min-h-11 underline underline-offset-4"
                aria-pressed={under}
                onClick={() => laid.cover(thing, !under)}
              >
                {under ? say`Without the bell` : say`Lay it under the bell`}
              </button>
            </p>
          );
        })}
        {things
          .filter(({ divided }) => divided)
          .map((thing) => (
            <p key={thing.id} className="mt-2" data-divider={thing.id}>
              {say`A divider round ${thingName(thing)}: a strip of wood, or stiff paper that is fit for food.`}{' '}
              <button
                type="button"
                className="min-h-11 underline underline-offset-4"
                onClick={() => laid.divide(thing, false)}
              >
                {say`Without the divider`}
              </button>
            </p>
          ))}
        {apart.length > 0 && (
          <p className="mt-2">{say`At a station of their own: ${apart.map(({ name }) => name).join(', ')}.`}</p>
        )}
        {between.length > 0 && (
          <p className="mt-2">{say`Between the boards, hot from the oven, on wood: ${between.map(({ name }) => name).join(', ')}.`}</p>
        )}
      </SlateSection>
      {plan.ownPlates.length > 0 && (
        <SlateSection title={say`Own plates`} aside={say`laid apart`}>
          <ul className="space-y-1" data-own-plates>
            {plateKit(plan.ownPlates, isBoxed(plan.brief)).map((kit, i) => (
              <li key={i}>{plateKitWords(kit, plan.ownPlates[i]!, format)}</li>
            ))}
          </ul>
          <p className="mt-1 text-sm text-chalk-soft">{say`Laid first, with clean tools, and away from the board; each has its card.`}</p>
        </SlateSection>
      )}
    </>
  );
}

/** What feeds them, and what fills the board. */
function FeedAndFill({ fill, format }: { fill: Fill; format: Format }) {
  return (
    <SlateSection title={say`Feed and fill`} aside={say`first wave, all boards`}>
      <p data-fill>
        {fill.filler
          ? say`${format.grams(fill.feed)} feeds them. To look as full as this manner asks it wants ${format.grams(fill.filler.grams)} more of ${fill.filler.good.name}, ${format.money(fill.filler.price)}: a smaller board or more air costs nothing.`
          : say`${format.grams(fill.feed)} feeds them, and looks as full as this manner asks.`}
      </p>
    </SlateSection>
  );
}

/** Vessels and tools: whose they are, or what stands in. */
function KitList({ vessels, tools, price }: { vessels: Thing[]; tools: ToolLine[]; price: string }) {
  return (
    <ul className="space-y-1" data-kit>
      {vessels.map(({ id, name, vessel }) => (
        <li key={id}>
          {name}: {vesselName(vessel!)}{' '}
          <span className="text-sm text-chalk-soft">
            {VESSEL_FROM[vessel!.from]}
            {vessel!.tool !== 'none' && say`, with its ${word(vessel!.tool)}`}
          </span>
        </li>
      ))}
      {tools.map(({ id, goods, kit, standIn, picks }, i) => (
        <li key={`${id} ${i}`}>
          {word(id)}: {goods.join(', ')}{' '}
          <span className="text-sm text-chalk-soft">
            {kit
              ? kit.whose === 'shop'
                ? say`of the shop`
                : say`the customer’s`
              : standIn
                ? say`missing: ${word(standIn)} will do`
                : say`missing, to hire${price}`}
            {picks !== null && say`; ${picks} go out, count ${picks} in again`}
          </span>
        </li>
      ))}
    </ul>
  );
}
