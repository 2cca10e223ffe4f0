import { isDrink, probesFor, SessionBody, type Drink, type Good } from '@rotula/core';
import { lightFormat } from 'date-fns';
import { Plus } from 'lucide-react';
import { useState } from 'react';
import toast from 'react-hot-toast';
import { useNavigate } from 'react-router';
import { mutate } from 'swr';
import { api } from '../api/client';
import { Button } from '../ui/Button';
import { Finder } from '../ui/Finder';
import { GoodPicture } from '../ui/picture/GoodPicture';
import { keeping } from '../ui/keeping';
import { useKept } from '../ui/useKept';
import { PROBE_WORDS } from '../words/tasting';
import { say } from '../language/say';

const TASTERS = 'rotula.tasters';
const withoutLots = <G extends Good>(good: G): G => ({ ...good, lots: [] });

/** A drink and who tastes it; the probes are the fixed set out of what the counter has. */
export function NewSession({ counter }: { counter: readonly Good[] }) {
  const navigate = useNavigate();
  const [drinkId, setDrinkId] = useState<string | null>(null);
  const [names, setNames, done] = useKept('tasters', () => keeping.read(TASTERS) ?? '');
  const [making, setMaking] = useState(false);
  const drinks = counter.filter(isDrink);
  const drink = drinks.find(({ id }) => id === drinkId) ?? null;
  const probes = drink ? probesFor(drink, counter) : [];
  const tasters = [
    ...new Set(
      names
        .split(',')
        .map((name) => name.trim())
        .filter(Boolean),
    ),
  ];
  const make = async () => {
    if (!drink) return void toast.error(say`Choose the drink first.`);
    if (tasters.length === 0) return void toast.error(say`Say who tastes, with commas between.`);
    if (tasters.length > 8) return void toast.error(say`At most eight taste together: make two sessions.`);
    setMaking(true);
    keeping.write(TASTERS, names);
    try {
      const goods = [
        ...new Map(
          [drink, ...probes.map(({ good }) => good)].map((good) => [good.id, withoutLots(good)]),
        ).values(),
      ];
      const made = await api.createTasting(
        SessionBody.parse({
          drink: drink.id,
          startedAt: lightFormat(new Date(), "yyyy-MM-dd'T'HH:mm"),
          tasters,
          probes: probes.map(({ role, good }) => ({ role, goodId: good.id })),
          goods,
        }),
      );
      done();
      await mutate('tastings');
      void navigate(`/tastings/${made.id}`);
    } catch (error) {
      toast.error(error instanceof Error ? error.message : String(error));
      setMaking(false);
    }
  };
  return (
    <form
      className="mt-3 rounded-xl border-[1.5px] border-line bg-paper-lit px-4 py-3"
      onSubmit={(event) => {
        event.preventDefault();
        void make();
      }}
    >
      <div className="flex flex-wrap items-end gap-3">
        <ChooseDrink drink={drink} setDrinkId={setDrinkId} drinks={drinks} />
        <label className="min-w-52 flex-1">
          <span className="block text-sm text-ink-soft">{say`Who tastes`}</span>
          <input
            className="field w-full text-lg"
            value={names}
            maxLength={400}
            placeholder={say`Ines, Tomas`}
            onChange={(event) => setNames(event.target.value)}
          />
        </label>
        <Button look="strong" type="submit" disabled={making}>
          <Plus size={18} /> {say`New session`}
        </Button>
      </div>
      {drink && (
        <p className="mt-2 text-ink-soft" data-probes>
          {probes.length === 0
            ? say`The counter has nothing to taste it with.`
            : say`With, in this order: ${probes.map(({ role, good }) => `${good.name} (${PROBE_WORDS[role]})`).join(', ')}.`}
        </p>
      )}
    </form>
  );
}

/** The drink that is tasted; a touch on it chooses another. */
function ChooseDrink({
  drink,
  setDrinkId,
  drinks,
}: {
  drink: Drink | null;
  setDrinkId: (id: string | null) => void;
  drinks: readonly Drink[];
}) {
  return (
    <div className="min-w-60 flex-1">
      <span className="block text-sm text-ink-soft">{say`Drink`}</span>
      {drink ? (
        <button
          type="button"
          className="field flex w-full items-center gap-2 text-left"
          aria-label={say`${drink.name}: choose another drink`}
          onClick={() => setDrinkId(null)}
        >
          <GoodPicture good={drink} size={26} /> {drink.name}
        </button>
      ) : (
        <Finder
          label={say`Drink to taste`}
          placeholder={say`${drinks.length} drinks`}
          items={drinks}
          keyOf={({ id }) => id}
          textOf={({ name, style }) => `${name} ${style}`}
          show={(good) => (
            <span className="flex items-center gap-3">
              <GoodPicture good={good} size={30} />
              <span>
                {good.name} <span className="text-sm text-ink-soft">{good.style}</span>
              </span>
            </span>
          )}
          onTake={({ id }) => setDrinkId(id)}
        />
      )}
    </div>
  );
}
