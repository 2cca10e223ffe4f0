import { lazy, Suspense, useState } from 'react';
import { useWorkbench } from '../frame/context';
import { Button } from '../ui/Button';
import { SlateSection } from '../ui/Slate';
import { say } from '../language/say';

// It plans each way out.
const RepairWays = lazy(() => import('./RepairWays'));

/** Over the budget: the ways back, cheapest loss first, each a button that says what it does to balance and money. */
export function Repairs() {
  const { plan } = useWorkbench();
  const [open, setOpen] = useState(false);
  const over = -(plan.sum.remaining ?? 0);
  if (over <= 0) return null;
  return (
    <SlateSection title={say`Back into the budget`} aside={<Over />}>
      {open ? (
        <Suspense fallback={null}>
          <RepairWays />
        </Suspense>
      ) : (
        <Button look="slate" onClick={() => setOpen(true)}>{say`Show the ways`}</Button>
      )}
    </SlateSection>
  );
}

function Over() {
  const { plan, format } = useWorkbench();
  return <>{say`${format.money(-(plan.sum.remaining ?? 0))} over`}</>;
}
