import { vitalFigures } from '@rotula/core';
import { useDeferredValue, type ReactNode } from 'react';
import { Slate, SlateHead } from '../ui/Slate';
import { useWorkbench, WorkbenchContext } from './context';
import { OrderHeader } from './OrderHeader';
import { VitalFigures } from './VitalFigures';
import { say } from '../language/say';

/**
 * Paper on the left with the stage strip, slate on the right with the vital figures first. What was done and the vital figures
 * are painted at once; the rest of the slate, which says why, comes with the next frame.
 */
export function StageLayout({ children, slate }: { children: ReactNode; slate: ReactNode }) {
  const bench = useWorkbench();
  const { plan, format, reach } = bench;
  const laterBench = useDeferredValue(bench);
  const laterSlate = useDeferredValue(slate);
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
        <WorkbenchContext value={laterBench}>{laterSlate}</WorkbenchContext>
      </Slate>
    </>
  );
}
