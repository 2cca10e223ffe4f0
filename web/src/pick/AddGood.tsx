import { addByHand, barsOf, bringBack, companyOf, isMain, MOST_MAINS, type Main } from '@rotula/core';
import { useWorkbench } from '../frame/context';
import { Finder } from '../ui/Finder';
import { GoodPicture } from '../ui/picture/GoodPicture';
import { limitLabel, lineOf } from '../words';
import { say } from '../language/say';

/** Picking by hand: any good of the counter, and those that were left out. */
export function AddGood() {
  const { document, plan, counter, goods, setFocus } = useWorkbench();
  const { order, change } = document;
  const isFull = (order.selection.goods?.length ?? 0) >= MOST_MAINS;
  const addable = counter.filter(isMain).filter((main) => !plan.mains.some((m) => m.id === main.id));
  const company = companyOf(plan.brief);
  const refused = (main: Main) => barsOf(main, company);
  return (
    <div className="mt-3 space-y-3">
      <Finder
        id="find-good"
        label={say`Add a good by hand`}
        placeholder={
          isFull ? say`${MOST_MAINS} goods are on this board; leave one out first` : say`Add a good by hand`
        }
        disabled={isFull}
        items={addable}
        keyOf={(m) => m.id}
        textOf={(m) => `${m.name} ${m.style} ${m.kind}`}
        show={(m) => (
          <span className="flex items-center gap-3">
            <GoodPicture good={m} size={34} />
            <span>
              <span className="block font-bold">{m.name}</span>
              <span className="block text-sm text-ink-soft">
                {refused(m).length > 0 ? (
                  <strong className="text-wax">
                    {say`against a guest’s limit: ${limitLabel(refused(m)[0]!.limit.what)}`}
                  </strong>
                ) : (
                  lineOf(m, order.brief.servingAt)
                )}
              </span>
            </span>
          </span>
        )}
        onTake={(m) => {
          change(say`add ${m.name}`, (o) => addByHand(o, m.id, refused(m).length > 0));
          setFocus(m.id);
        }}
      />
      {order.selection.leftOut.length > 0 && (
        <p className="text-sm text-ink-soft">
          {say`Left out:`}{' '}
          {order.selection.leftOut.map((id) => (
            <button
              key={id}
              type="button"
              className="mr-2 inline-flex min-h-8 items-center underline decoration-line underline-offset-4 hover:text-ink"
              onClick={() => change(say`allow ${goods.get(id)?.name ?? id} again`, (o) => bringBack(o, id))}
              title={say`Allow it again`}
            >
              {goods.get(id)?.name ?? id}
            </button>
          ))}
        </p>
      )}
    </div>
  );
}
