import {
  groundOf,
  onCounter,
  withLots,
  type Good,
  type House,
  type Order,
  type WrittenPlan,
} from '@rotula/core';
import { lazy, Suspense, use, useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { Navigate, useNavigate, useParams } from 'react-router';
import { useCounter, useHouse, useOrder, useSentPlan, useTakings, useWhatIsLeft } from '../api/shop';
import { isKept } from '../frame/draft';
import { useFindBox } from '../frame/FindBox';
import { schema } from '../frame/schema';
import { StageBoundary } from '../frame/StageBoundary';
import { Trouble } from '../frame/Trouble';
import { useProposal } from '../optimiser/useProposal';
import { useReach } from '../optimiser/useReach';
import { formatFor } from '../ui/format';
import { aheadOfTime } from '../ui/aheadOfTime';
import { useLateCode } from '../ui/lateCode';
import { undoKeys } from '../ui/UndoRedo';
import { useKeys } from '../ui/useKeys';
import { WorkbenchContext } from '../frame/context';
import { TABS } from '../frame/stages';
import { useOrderDocument, type OrderDocument } from '../frame/useOrderDocument';
import { useLeftOutAhead, usePlan } from '../frame/usePlan';
import { planner } from '../frame/planner';
import { say } from '../language/say';
import { STAGE_SCREENS } from './stageScreens';

const conflictSheet = () => import('../frame/ConflictSheet');
const ConflictSheet = lazy(conflictSheet);
const KeysSheet = lazy(() => import('../frame/KeysSheet'));

export default function OrderPage() {
  const { id = '' } = useParams();
  const order = useOrder(id);
  const counter = useCounter();
  const house = useHouse();
  const takings = useTakings();
  // A draft is another document than the server planned.
  const sent = useSentPlan(planner.code() || isKept(id) ? null : id);
  const error = order.error ?? counter.error ?? house.error ?? takings.error;
  const isHere = order.data && counter.data && house.data && takings.data;
  if (error && !isHere) return <Trouble error={error} />;
  if (!isHere || order.data!.id !== id || sent.isLoading) return null;
  if (isKept(id) && schema.code() === null) use(schema.come());
  return (
    <OpenOrder
      key={id}
      loaded={order.data!}
      counter={counter.data!}
      house={house.data!}
      sent={sent.data ?? null}
    />
  );
}

function OpenOrder({
  loaded,
  counter: loadedShelf,
  house,
  sent,
}: {
  loaded: Order;
  counter: readonly Good[];
  house: House;
  sent: WrittenPlan | null;
}) {
  const { stage } = useParams();
  useLateCode(schema);
  const late = useLateCode(planner);
  const document = useOrderDocument(loaded, loadedShelf, house, late.is === 'ready' ? late.code : null);
  const [focusId, setFocus] = useState<string | null>(null);
  const [keysShown, setKeysShown] = useState(false);
  const { order } = document;
  const { conflict } = document.saving;
  const onShelf = useWhatIsLeft(loadedShelf, order.cutting.entries);
  const shelf = useMemo(
    () => onCounter(order.brief, onShelf, order.selection.goods ?? []).counter,
    [order.brief, onShelf, order.selection.goods],
  );
  const { counter, goods } = useMemo(() => groundOf(order, shelf, house), [order, shelf, house]);
  const stock = useMemo(() => withLots(shelf, order.selection.lots), [shelf, order.selection.lots]);
  // The plan takes the whole shelf: it knows which lots the order takes, and what it keeps of goods that left.
  // Of the document as it was opened: what is saved since has another version, and a draft.
  const [first] = useState({ sent, version: loaded.version });
  const planning = usePlan(order, shelf, house, late, first);
  const { plan } = planning;
  useLeftOutAhead(
    planning.is === 'ready' ? planning.plans : null,
    order,
    loadedShelf,
    house,
    stage === 'pick',
  );
  const format = useMemo(() => formatFor(house), [house]);
  const reach = useReach(order.brief, stock, house);
  const proposal = useProposal({ document, counter: stock, house });
  useFirstProposal(order.selection.goods === null, proposal.askFirst);
  const showKeys = useCallback(() => setKeysShown(true), []);
  useOrderKeys(document, showKeys);
  useEffect(() => {
    window.document.title = say`${order.title} · Rotula`;
  }, [order.title]);

  useEffect(
    () => aheadOfTime([...Object.values(STAGE_SCREENS).map(({ comes }) => comes), conflictSheet]),
    [],
  );

  const screen = TABS.find(({ path }) => path === stage);
  if (!screen) return <Navigate to={`/orders/${document.id}/pick`} replace />;
  const Screen = STAGE_SCREENS[screen.path]!;
  const focus = plan.mains.find((main) => main.id === focusId) ?? plan.walk.steps[0]?.main ?? null;
  return (
    <WorkbenchContext
      value={{
        document,
        plan,
        counter,
        shelf,
        stock,
        goods,
        house,
        format,
        reach,
        proposal,
        focus,
        setFocus,
      }}
    >
      <StageBoundary name={screen.path}>
        <Suspense fallback={<main className="p-8" />}>
          {/* The page can be read without what plans; what is changed could not be shown. */}
          {planning.is === 'gone' && document.steps > 0 ? <Fault of={planning.why} /> : <Screen />}
        </Suspense>
      </StageBoundary>
      <Suspense fallback={null}>
        {conflict && <ConflictSheet key={conflict.theirs.version} conflict={conflict} />}
        {keysShown && <KeysSheet onClose={() => setKeysShown(false)} />}
      </Suspense>
    </WorkbenchContext>
  );
}

/** The keys of an open order: its stages, undo, a new order, the find box, and the list of them all. */
function useOrderKeys(document: OrderDocument, showKeys: () => void) {
  const navigate = useNavigate();
  const find = useFindBox();
  const actions = useMemo(
    () => [
      ...TABS.map(({ path, label }) => ({
        name: say`Open ${label}`,
        does: () => void navigate(`/orders/${document.id}/${path}`),
      })),
      { name: say`Show the keys`, does: showKeys },
    ],
    [document.id, navigate, showKeys],
  );
  useKeys({
    ...Object.fromEntries(
      TABS.map(({ path, key }) => [key, () => void navigate(`/orders/${document.id}/${path}`)]),
    ),
    ...undoKeys(document),
    n: () => void navigate('/?new'),
    '?': showKeys,
    '/': () => find(actions),
  });
}

/** Breaks, for the boundary to say why. */
function Fault({ of }: { of: unknown }): never {
  throw of;
}

/** A new order gets its first proposal by itself, once. */
function useFirstProposal(wanted: boolean, proposeNow: () => Promise<void>) {
  const isAsked = useRef(false);
  useEffect(() => {
    if (!wanted || isAsked.current) return;
    isAsked.current = true;
    void proposeNow();
  });
}
