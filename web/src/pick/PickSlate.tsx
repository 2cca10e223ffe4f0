import { homeOf, reasonKey, type Cheese, type Texture } from '@rotula/core';
import { lazy, useDeferredValue, useMemo } from 'react';
import { AdviceList } from '../frame/AdviceList';
import { GuestCautions } from '../frame/Cautions';
import { useWorkbench } from '../frame/context';
import { Callout } from '../ui/Slate';
import { Tabs } from '../ui/Tabs';
import { sentence } from '../words';
import { BalanceBars } from './BalanceBars';
import { TroublePanel } from './TroublePanel';
import { WhyAndSwaps } from './WhyAndSwaps';
import { say } from '../language/say';

// Views that are opened by a touch come with it.
const Others = lazy(() => import('./Others').then((of) => ({ default: of.Others })));
const Money = lazy(() => import('./Money').then((of) => ({ default: of.Money })));
const Lenses = lazy(() => import('./Lenses').then((of) => ({ default: of.Lenses })));

/** What Rotula works out of a selection: its balance, what collides, advice, and why each good is there. */
export function PickSlate({
  families,
  onGhost,
}: {
  families: ReadonlySet<Texture>;
  onGhost: (cheese: Cheese | null) => void;
}) {
  const { document, plan, counter, reach, proposal, focus, format } = useWorkbench();
  const { order } = document;
  const home = useMemo(() => homeOf(counter), [counter]);
  // The why of the focus may come a moment later than the change itself.
  const now = useMemo(() => ({ main: focus, plan, order }), [focus, plan, order]);
  const why = useDeferredValue(now, null);
  return (
    <>
      <BalanceBars
        balance={plan.balance}
        families={families}
        reach={reach?.balance ?? null}
        mains={plan.mains}
        on={order.brief.servingAt}
        home={home}
      />
      {proposal.trouble && (
        <TroublePanel trouble={proposal.trouble} onTake={(way) => void proposal.takeWayOut(way)} />
      )}
      {proposal.hitches.map((hitch) => (
        <Callout key={reasonKey(hitch)} tone="stop">
          {sentence(hitch, format)}
        </Callout>
      ))}
      {proposal.fault && <Callout tone="stop">{proposal.fault}</Callout>}
      <GuestCautions />
      <AdviceList at="pick" />
      <Tabs
        label={say`About this selection`}
        tabs={[
          {
            name: say`Why`,
            view: () =>
              why?.main && (
                <WhyAndSwaps main={why.main} plan={why.plan} order={why.order} onGhost={onGhost} />
              ),
          },
          { name: say`Others`, view: () => <Others /> },
          { name: say`Money`, view: () => <Money /> },
          { name: say`Lenses`, view: () => <Lenses /> },
        ]}
      />
    </>
  );
}
