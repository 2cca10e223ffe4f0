import { vitalFigures } from '@rotula/core';
import type { ReactNode } from 'react';
import { Slate, SlateHead } from '../ui/Slate';
import { useWorkbench } from './context';
import { OrderHeader } from './OrderHeader';
import { VitalFigures } from './VitalFigures';
import { say } from '../language/say';

/** Paper on the left with the stage strip, slate on the right with the vital figures first. */
export function StageLayout({ children, slate }: { children: ReactNode; slate: ReactNode }) {
  const { plan, format, reach } = useWorkbench();
  return (
    <>
      <main className="min-w-0 px-6 pb-8 min-[1000px]:h-dvh min-[1000px]:overflow-y-auto min-[1200px]:px-8 print:h-auto print:overflow-visible print:p-0">
        <OrderHeader />
        {children}
      </main>
      <Slate label={say`What Rotula works out`}>
        <SlateHead>
          <VitalFigures figures={vitalFigures(plan)} format={format} reach={reach?.balance?.dial ?? null} />
        </SlateHead>
        {slate}
      </Slate>
    </>
  );
}
