import type { PaperData } from '@rotula/core';
import { useContext, type ReactNode } from 'react';
import { say } from '../../language/say';
import { PAGE_SIZES, PageSize } from '../page';
import { Bites, MenuFoot, MenuHead, MenuStep } from './parts';

/** A sheet on its side, printed on both and folded in the middle: cover and back outside, the tasting inside. */
export function FoldedMenu({ menu }: { menu: PaperData<'tasting-menu'> }) {
  const size = useContext(PageSize);
  const { steps } = menu;
  const half = Math.ceil(steps.length / 2);
  if (half > MOST_A_PAGE)
    return (
      <p className="text-ink">
        {say`${steps.length} steps are too many for a folded menu that can be read: print it on one sheet.`}
      </p>
    );
  const scale = Math.min(1, ROOMY_FOLDED / half);
  return (
    <>
      <style>{`@page { size: ${PAGE_SIZES[size]} landscape; margin: 10mm; }`}</style>
      <p className="no-print mb-3 text-ink-soft">{say`Print on both sides, turned over the short edge, and fold along the dashes.`}</p>
      <div data-turned>
        <Side
          name={say`outside`}
          left={
            <>
              <Bites bites={menu.bites} />
              <MenuFoot menu={menu} />
            </>
          }
          right={<MenuHead />}
        />
        <Side
          name={say`inside`}
          left={<Steps menu={menu} steps={steps.slice(0, half)} scale={scale} />}
          right={<Steps menu={menu} steps={steps.slice(half)} scale={scale} />}
        />
      </div>
    </>
  );
}

/** This many steps stand on a page as they are; more are set smaller, up to what can still be read. */
const ROOMY_FOLDED = 3.2;
const MOST_A_PAGE = 5;

const Steps = ({
  steps,
  menu: { cleanser },
  scale,
}: {
  steps: PaperData<'tasting-menu'>['steps'];
  menu: PaperData<'tasting-menu'>;
  scale: number;
}) => (
  <ol className="space-y-[4mm]" style={{ zoom: scale }}>
    {steps.map((step) => (
      <MenuStep key={step.card.good.id} step={step} cleanser={cleanser} />
    ))}
  </ol>
);

const Side = ({ name, left, right }: { name: string; left: ReactNode; right: ReactNode }) => (
  <section className="fold-sheet grid grid-cols-2 text-center" aria-label={name}>
    <div className="flex flex-col justify-center border-r border-dashed border-black/60 px-[8mm]">{left}</div>
    <div className="flex flex-col justify-center px-[8mm]">{right}</div>
  </section>
);
