import { reasonKey } from '@rotula/core';
import { lazy, Suspense } from 'react';
import { AdviceList } from '../frame/AdviceList';
import { Cautions } from '../frame/Cautions';
import { useWorkbench } from '../frame/context';
import { OwnPlates } from '../frame/OwnPlates';
import { StageLayout } from '../frame/StageLayout';
import { SlateSection } from '../ui/Slate';
import { sentence } from '../words';
import { say } from '../language/say';
import { OverList } from './OverList';
import { PortionTable } from './PortionTable';
import { Repairs } from './Repairs';
import { SumTable } from './SumTable';
import { WaveFields } from './WaveFields';

/** Under the fold, and with a choice of its own: it comes a moment later. */
const DrinkTable = lazy(() => import('./DrinkTable'));

/** Net and gross grams of every good, how it is bought, what goes out when, and what it costs. */
export default function PortionStage() {
  const { plan, format } = useWorkbench();
  const { portions, targets } = plan;
  const inWalk = plan.walk.steps.map((step) => portions.mains.find((p) => p.good.id === step.main.id)!);
  return (
    <StageLayout
      slate={
        <>
          <SumTable />
          <Repairs />
          <OverList />
          <AdviceList at="portion" />
          <SlateSection title={say`Why so much`}>
            <ul className="space-y-1.5">
              {targets.reasons.map((r) => (
                <li key={reasonKey(r)}>{sentence(r, format)}</li>
              ))}
            </ul>
          </SlateSection>
          <OwnPlates />
          <Cautions />
        </>
      }
    >
      <WaveFields />
      <PortionTable caption={say`Cheeses and meats`} portions={inWalk} />
      <PortionTable caption={say`Companions`} portions={portions.companions} />
      <Suspense fallback={null}>
        <DrinkTable />
      </Suspense>
    </StageLayout>
  );
}
