import type { GuestCard, PaperData } from '@rotula/core';
import { useState, type ComponentType } from 'react';
import { Choice } from '../../ui/Choice';
import { say } from '../../language/say';
import { plateLabel } from '../../words';
import { usePaper, usePlateName } from '../context';
import { OwnPlateCard } from './OwnPlateCard';
import { BottleStrip, Flag, FullCard, SlateCard, Tent } from './shapes';

interface Shape {
  readonly label: string;
  readonly grid: string;
  readonly Draw: ComponentType<{ card: GuestCard; steps: PaperData<'cards'>['steps'] }>;
  /** Only for what is poured. */
  readonly bottles?: true;
}

/** The shapes of card: full ones, tents that stand, flags on a pick, slates to copy from, and strips round a bottle. */
const SHAPES = {
  card: { label: say`Cards`, grid: 'grid-cols-2', Draw: FullCard },
  tent: { label: say`Tents`, grid: 'grid-cols-2', Draw: Tent },
  flag: { label: say`Flags`, grid: 'grid-cols-3', Draw: Flag },
  slate: { label: say`Slates`, grid: 'grid-cols-2', Draw: SlateCard },
  strip: { label: say`Bottle strips`, grid: 'grid-cols-1', Draw: BottleStrip, bottles: true },
} satisfies Record<string, Shape>;
type ShapeId = keyof typeof SHAPES;

/** Cards to stand beside each good and bottle and on each own plate: short enough to read standing. */
export default function GuestCards({ data: { cards: all, plates, steps } }: { data: PaperData<'cards'> }) {
  const { tools } = usePaper();
  const named = usePlateName(true);
  const [id, setId] = useState<ShapeId>('card');
  const { Draw, grid, bottles }: Shape = SHAPES[id];
  const cards = all.filter(({ good }) => !bottles || good.kind === 'drink');
  return (
    <>
      <div className="no-print mb-6">
        <Choice
          label={say`Shape of the cards`}
          className="flex! flex-wrap text-ink"
          value={id}
          options={(Object.keys(SHAPES) as ShapeId[]).map((value) => ({ value, label: SHAPES[value].label }))}
          onChange={setId}
        />
      </div>
      {tools}
      <div className={`paper-grid grid gap-[8mm] p-[4mm] ${grid}`}>
        {cards.map((card) => (
          <div key={card.good.id} className="paper-card cut-marks" data-card={card.good.id}>
            <Draw card={card} steps={steps} />
          </div>
        ))}
        {!bottles &&
          plates.map((card, i) => (
            <div key={i} className="paper-card cut-marks" data-plate-card={plateLabel(named(card.plate))}>
              <OwnPlateCard card={card} />
            </div>
          ))}
      </div>
      {cards.length === 0 && <p>{say`Nothing is poured with this order.`}</p>}
    </>
  );
}
