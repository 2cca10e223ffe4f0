import { SCHOOLS, type House } from '@rotula/core';
import { useEffect, useState } from 'react';
import toast from 'react-hot-toast';
import { mutate } from 'swr';
import { api } from '../api/client';
import { useHouse } from '../api/shop';
import { Brand } from '../app/Brand';
import { useFindKey } from '../app/FindBox';
import { Trouble } from '../app/Trouble';
import { Choice, Select } from '../ui/Choice';
import { capital, formatFor } from '../ui/format';
import { Slate, SlateSection, Vital } from '../ui/Slate';

const CURRENCIES = ['EUR', 'GBP', 'USD', 'CAD', 'AUD', 'CHF', 'SEK', 'NOK', 'DKK', 'JPY'];

/** The shop's settings; saved as they are chosen. */
export default function HousePage() {
  const house = useHouse();
  useFindKey();
  useEffect(() => {
    document.title = 'House · Rotula';
  }, []);
  if (house.error && !house.data) return <Trouble error={house.error} />;
  if (!house.data) return <main className="p-8" />;
  return <Settings house={house.data} />;
}

function Settings({ house }: { house: House }) {
  const [name, setName] = useState(house.name);
  const set = async (part: Partial<House>) => {
    const next = { ...house, ...part };
    await mutate('house', next, { revalidate: false });
    try {
      await api.saveHouse(next);
      toast.success('Saved');
    } catch (error) {
      toast.error(error instanceof Error ? error.message : String(error));
      await mutate('house');
    }
  };
  const format = formatFor(house);
  const [weight, unit] = format.weight(1500);
  return (
    <>
      <main className="min-w-0 px-6 pb-8 min-[1000px]:h-dvh min-[1000px]:overflow-y-auto min-[1200px]:px-8">
        <Brand />
        <h1 className="mb-4 text-[2.1rem]">The house</h1>
        <div className="max-w-3xl space-y-7">
          <label className="block">
            <h2 className="mb-2 text-xl">Name of the shop</h2>
            <input
              className="field w-full text-lg"
              value={name}
              maxLength={120}
              onChange={(e) => setName(e.target.value)}
              onBlur={() =>
                name.trim() ? name !== house.name && void set({ name: name.trim() }) : setName(house.name)
              }
            />
          </label>
          <section>
            <h2 className="mb-2 text-xl">Units</h2>
            <Choice
              label="Units"
              className="grid-cols-2"
              value={house.units}
              options={[
                { value: 'metric', label: 'Metric', hint: 'grams, millimetres' },
                { value: 'US customary', label: 'US customary', hint: 'ounces, pounds, inches' },
              ]}
              onChange={(units) => void set({ units })}
            />
          </section>
          <div className="grid gap-7 sm:grid-cols-2">
            <section>
              <h2 className="mb-2 text-xl">Currency</h2>
              <Select
                label="Currency"
                className="w-full"
                value={house.currency}
                options={[...new Set([house.currency, ...CURRENCIES])].map((c) => ({ value: c, label: c }))}
                onChange={(currency) => void set({ currency })}
              />
            </section>
            <section>
              <h2 className="mb-2 text-xl">Paper</h2>
              <Choice
                label="Paper"
                className="grid-cols-2"
                value={house.paper}
                options={[
                  { value: 'A4', label: 'A4' },
                  { value: 'US Letter', label: 'US Letter' },
                ]}
                onChange={(paper) => void set({ paper })}
              />
            </section>
          </div>
          {(Object.keys(SCHOOLS) as (keyof typeof SCHOOLS)[]).map((school) => (
            <section key={school}>
              <h2 className="mb-2 text-xl">{SCHOOLS[school].question}</h2>
              <Choice
                label={SCHOOLS[school].question}
                className="grid-cols-2"
                value={house[school]}
                options={Object.entries(SCHOOLS[school].options).map(([value, { for: why }]) => ({
                  value: value as House[typeof school],
                  label: capital(value),
                  hint: why,
                }))}
                onChange={(value) => void set({ [school]: value })}
              />
            </section>
          ))}
        </div>
      </main>
      <Slate label="How it will read">
        <div className="flex gap-4">
          <Vital label="net weight" figure={weight} unit={unit} />
          <Vital label="cost" figure={format.amount(18000)} below={format.money(18000)} />
        </div>
        <SlateSection title="The other side">
          <p className="mb-3 text-chalk-soft">
            Where practitioners disagree, both schools stand here. What speaks against the one you follow:
          </p>
          <ul className="space-y-3">
            {(Object.keys(SCHOOLS) as (keyof typeof SCHOOLS)[]).map((school) => {
              const options = SCHOOLS[school].options as Record<string, { against: string }>;
              return (
                <li key={school}>
                  <strong>{capital(house[school])}.</strong> {options[house[school]]!.against}
                </li>
              );
            })}
          </ul>
        </SlateSection>
      </Slate>
    </>
  );
}
