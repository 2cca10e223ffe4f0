import type { AxisScore, Cheese, Texture } from '@rotula/core';
import { useId } from 'react';
import { say } from '../language/say';
import { WheelTable } from './WheelTable';
import { milkArcs, sectorsOf, SIZE, tokensOf } from './wheelLayout';
import { FamilySector, Ghost, MilkArc, Patterns, StrengthRings, WayThrough, WheelToken } from './wheelParts';

interface Props {
  cheeses: readonly Cheese[];
  axes: readonly AxisScore[];
  /** Families that some allowed cheese of the counter could fill. */
  families: ReadonlySet<Texture>;
  servingAt: string;
  /** Number in the walk, by good id. */
  numbers?: ReadonlyMap<string, number>;
  focus?: string | null;
  /** A good that a swap would bring, shown where it would stand. */
  ghost?: Cheese | null;
  onFocus?: (id: string) => void;
  className?: string;
}

/**
 * The signature picture: angle is texture, distance from the hub is intensity, the ring around a token its age, arcs on
 * the rim the milks. The table after it says the same to screen readers.
 */
export function BalanceWheel({
  cheeses,
  axes,
  families,
  servingAt,
  numbers,
  focus,
  ghost,
  onFocus,
  className,
}: Props) {
  const id = useId();
  const sectors = sectorsOf(axes, families);
  const tokens = tokensOf(cheeses, servingAt);
  const inOrder = numbers
    ? [...tokens].sort((a, b) => (numbers.get(a.cheese.id) ?? 0) - (numbers.get(b.cheese.id) ?? 0))
    : [];
  const ghostToken = ghost ? tokensOf([ghost], servingAt)[0]! : null;
  const step = (by: number) => {
    const ids = (inOrder.length > 0 ? inOrder : tokens).map((t) => t.cheese.id);
    const next = ids[(ids.indexOf(focus ?? '') + by + ids.length) % ids.length];
    if (next) onFocus?.(next);
  };
  return (
    <div className={className}>
      <svg
        viewBox={`0 0 ${SIZE} ${SIZE}`}
        className="block w-full"
        role="group"
        aria-label={say`Balance wheel: texture around, strength from the hub out. Arrow keys walk it.`}
        tabIndex={onFocus ? 0 : undefined}
        onKeyDown={(e) => {
          if (['ArrowRight', 'ArrowDown'].includes(e.key)) step(1);
          else if (['ArrowLeft', 'ArrowUp'].includes(e.key)) step(-1);
          else return;
          e.preventDefault();
        }}
      >
        <Patterns id={id} sectors={sectors} />
        {sectors.map((sector) => (
          <FamilySector key={sector.texture} sector={sector} id={id} />
        ))}
        <StrengthRings />
        {milkArcs(cheeses).map((arc) => (
          <MilkArc key={arc.milk} {...arc} id={id} />
        ))}
        {inOrder.length > 1 && <WayThrough inOrder={inOrder} />}
        {tokens.map((token) => (
          <WheelToken
            key={token.cheese.id}
            token={token}
            number={numbers?.get(token.cheese.id)}
            focused={focus === token.cheese.id}
            onFocus={onFocus && (() => onFocus(token.cheese.id))}
          />
        ))}
        {ghostToken && <Ghost token={ghostToken} />}
      </svg>
      <WheelTable cheeses={cheeses} servingAt={servingAt} numbers={numbers} />
    </div>
  );
}
