import type { House, StoredHouse } from '@rotula/core';
import { lazy, Suspense, useEffect, useState, type ReactNode } from 'react';
import toast from 'react-hot-toast';
import { useHouse } from '../api/shop';
import { Brand } from '../frame/Brand';
import { useFindKey } from '../frame/FindBox';
import { Trouble } from '../frame/Trouble';
import { Button } from '../ui/Button';
import { Choice } from '../ui/Choice';
import { Select } from '../ui/Select';
import { capital, formatFor, type Format } from '../ui/format';
import { Slate, SlateSection, Vital } from '../ui/Slate';
import { TypedText } from '../ui/TypedText';
import { saveHouse, type HouseClash } from '../api/saveHouse';
import { SCHOOLS, schoolWords } from '../words';
import { Copies } from './Copies';
import { GuestFields } from './GuestFields';
import { PairFields } from './PairFields';
import { SafeFields } from './SafeFields';
import { WorkFields } from './WorkFields';
import { say, word } from '../language/say';

/** The figures need the computation, to say which orders feel them: they come a moment later. */
const Figures = lazy(() => import('./Figures'));

/** Where the shop may be; the words stay English, the form of dates and times is the country's. */
const COUNTRIES = [
  'IE',
  'GB',
  'US',
  'CA',
  'AU',
  'NZ',
  'ZA',
  'DE',
  'FR',
  'NL',
  'BE',
  'IT',
  'ES',
  'CH',
  'AT',
  'SE',
  'NO',
  'DK',
  'JP',
];
const countryName = new Intl.DisplayNames('en', { type: 'region' });

const CURRENCIES = ['EUR', 'GBP', 'USD', 'CAD', 'AUD', 'CHF', 'SEK', 'NOK', 'DKK', 'JPY'];

/** The shop's settings; saved as they are chosen. */
export default function HousePage() {
  const house = useHouse();
  useFindKey();
  useEffect(() => {
    document.title = say`House · Rotula`;
  }, []);
  if (house.error && !house.data) return <Trouble error={house.error} />;
  if (!house.data) return <main className="p-8" />;
  return <Settings house={house.data} />;
}

function Settings({ house }: { house: StoredHouse }) {
  const [clash, setClash] = useState<HouseClash | null>(null);
  const format = formatFor(house);
  const set = async (part: Partial<House>) => {
    try {
      const met = await saveHouse(clash?.current ?? house, part);
      setClash(met);
      if (!met) toast.success(say`Saved`);
    } catch (error) {
      toast.error(error instanceof Error ? error.message : String(error));
    }
  };
  const [weight, unit] = format.weight(1500);
  return (
    <>
      <main className="min-w-0 px-6 pb-8 min-[1000px]:h-dvh min-[1000px]:overflow-y-auto min-[1200px]:px-8">
        <Brand />
        <h1 className="mb-4 text-[2.1rem]">{say`The house`}</h1>
        {house.unreadable && <Unreadable why={house.unreadable} />}
        {clash && <Clash clash={clash} set={set} onTheirs={() => setClash(null)} />}
        <div className="max-w-3xl space-y-7">
          <label className="block">
            <h2 className="mb-2 text-xl">{say`Name of the shop`}</h2>
            <TypedText
              className="field w-full text-lg"
              label={say`Name of the shop`}
              value={house.name}
              needed
              onCommit={(name) => name.trim() !== house.name && void set({ name: name.trim() })}
            />
          </label>
          <Setting title={say`Units`}>
            <Choice
              label={say`Units`}
              className="grid-cols-2"
              value={house.units}
              options={[
                { value: 'metric', label: say`Metric`, hint: say`grams, millimetres` },
                { value: 'US customary', label: say`US customary`, hint: say`ounces, pounds, inches` },
              ]}
              onChange={(units) => void set({ units })}
            />
          </Setting>
          <MoneyAndCountry house={house} set={set} format={format} />
          {SCHOOLS.map((school) => (
            <Setting key={school} title={schoolWords(school, format).question}>
              <Choice
                label={schoolWords(school, format).question}
                className="grid-cols-2"
                value={house[school]}
                options={Object.entries(schoolWords(school, format).options).map(([value, { for: why }]) => ({
                  value: value as House[typeof school],
                  label: capital(word(value)),
                  hint: why,
                }))}
                onChange={(value) => void set({ [school]: value })}
              />
            </Setting>
          ))}
          <Copies format={format} />
          <PairFields house={house} format={format} onSet={(part) => void set(part)} />
          <GuestFields house={house} onSet={(part) => void set(part)} />
          <SafeFields house={house} format={format} onSet={(part) => void set(part)} />
          <WorkFields house={house} format={format} onSet={(part) => void set(part)} />
          <Suspense fallback={null}>
            <Figures house={house} format={format} onSet={(practice) => void set({ practice })} />
          </Suspense>
        </div>
      </main>
      <Slate label={say`How it will read`}>
        <div className="flex gap-4">
          <Vital label={say`net weight`} figure={weight} unit={unit} />
          <Vital label={say`cost`} figure={format.amount(18000)} below={format.money(18000)} />
        </div>
        <SlateSection title={say`The other side`}>
          <p className="mb-3 text-chalk-soft">{say`Where practitioners disagree, both schools stand here. What speaks against the one you follow:`}</p>
          <ul className="space-y-3">
            {SCHOOLS.map((school) => {
              const { options } = schoolWords(school, format);
              return (
                <li key={school}>
                  <strong>{capital(word(house[school]))}.</strong> {options[house[school]]!.against}
                </li>
              );
            })}
          </ul>
        </SlateSection>
      </Slate>
    </>
  );
}

/** One setting under its heading. */
function Setting({ title, children }: { title: string; children: ReactNode }) {
  return (
    <section>
      <h2 className="mb-2 text-xl">{title}</h2>
      {children}
    </section>
  );
}

/** Settings that are stored and cannot be read. */
function Unreadable({ why }: { why: string }) {
  return (
    <p role="alert" className="mb-4 max-w-3xl border-l-4 border-wax bg-[#f9e3dd] px-3 py-2 text-[#5c1b12]">
      {say`The settings are stored, but cannot be read: ${why}. The usual ones stand in; saving writes over what is stored.`}{' '}
      <a
        className="font-bold underline underline-offset-4"
        href="/api/house/stored"
        download="house.json"
      >{say`Save it as a file first`}</a>
    </p>
  );
}

/** What was changed elsewhere meanwhile: whose stands is chosen here. */
function Clash({
  clash,
  set,
  onTheirs,
}: {
  clash: HouseClash;
  set: (part: Partial<House>) => Promise<void>;
  onTheirs: () => void;
}) {
  return (
    <div role="alert" className="mb-4 max-w-3xl border-l-4 border-wax bg-[#f9e3dd] px-3 py-2 text-[#5c1b12]">
      {clash.fields.map((field) => (
        <p key={field}>
          {say`${capital(word(field))} was changed elsewhere to “${String(clash.current[field])}”; you chose “${String(clash.mine[field])}”. Which shall stand?`}
        </p>
      ))}
      <div className="mt-1 flex gap-3">
        <Button onClick={() => void set(clash.mine)}>{say`Mine`}</Button>
        <Button onClick={onTheirs}>{say`The other`}</Button>
      </div>
    </div>
  );
}

/** Currency, country and paper. */
function MoneyAndCountry({
  house,
  set,
  format,
}: {
  house: StoredHouse;
  set: (part: Partial<House>) => Promise<void>;
  format: Format;
}) {
  return (
    <div className="grid gap-7 sm:grid-cols-2">
      <Setting title={say`Currency`}>
        <Select
          label={say`Currency`}
          className="w-full"
          value={house.currency}
          options={[...new Set([house.currency, ...CURRENCIES])].map((c) => ({ value: c, label: c }))}
          onChange={(currency) => void set({ currency })}
        />
      </Setting>
      <Setting title={say`Country`}>
        <Select
          label={say`Country`}
          className="w-full"
          value={house.country}
          options={[...new Set(['', house.country, ...COUNTRIES])].map((c) => ({
            value: c,
            label: c === '' ? say`not said` : word(countryName.of(c) ?? c),
          }))}
          onChange={(country) => void set({ country })}
        />
        {house.country === '' && (
          <p className="mt-1">{say`Until it is said, the strictest rule of safe time holds.`}</p>
        )}
        <p className="mt-1 text-sm text-ink-soft">{say`Days and times are written and typed as they are there: ${format.dayYear('2027-02-12')}, ${format.time('2027-02-12T18:30')}.`}</p>
      </Setting>
      <Setting title={say`Paper`}>
        <Choice
          label={say`Paper`}
          className="grid-cols-2"
          value={house.paper}
          options={[
            { value: 'A4', label: 'A4' },
            { value: 'US Letter', label: say`US Letter` },
          ]}
          onChange={(paper) => void set({ paper })}
        />
      </Setting>
    </div>
  );
}
