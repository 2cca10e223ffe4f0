import {
  isHarmful,
  LIMITS,
  limitRule,
  newLimit,
  REACHES,
  reachOf,
  riskRowsOf,
  SEVERITIES,
  type Limit,
} from '@rotula/core';
import { X } from 'lucide-react';
import { Select } from '../ui/Select';
import { TypedText } from '../ui/TypedText';
import { Finder } from '../ui/Finder';
import { capital } from '../ui/format';
import { IconButton } from '../ui/IconButton';
import { Stepper } from '../ui/Stepper';
import { LIMIT_NOTES, limitLabel, NOT_BY_CARD, RISK_WORDS } from '../words';
import { say, word } from '../language/say';

const REACH_HINTS: Record<Limit['reach'], string> = {
  board: say`nothing of it on the board`,
  'own plate': say`they get their own plate`,
  card: say`the cards say it`,
};

/** Limits with severity and reach: one line each. */
export function LimitsEditor({
  limits,
  people,
  onChange,
}: {
  limits: readonly Limit[];
  people: number;
  onChange: (what: string, limits: Limit[]) => void;
}) {
  const edit = (what: string, part: Partial<Limit>) =>
    onChange(
      say`the limit “${limitLabel(what)}”`,
      limits.map((l) => (l.what === what ? { ...l, ...part } : l)),
    );
  return (
    <>
      <p className="mb-2 text-sm text-ink-soft">{say`Unknown never passes. Local codes and licensed practice decide.`}</p>
      <ul className="mb-3 divide-y divide-line border-y border-line empty:hidden">
        {limits.map((limit) => {
          const rule = limitRule(limit.what);
          return (
            <LimitRow
              key={limit.what}
              limit={limit}
              rule={rule}
              edit={edit}
              people={people}
              onChange={onChange}
              limits={limits}
            />
          );
        })}
      </ul>
      {limits.filter((limit) => reachOf(limit) === 'own plate' && limit.who === '').length > 1 && (
        <p className="mb-3 text-sm text-ink-soft">{say`Does one guest have several of these? Give their limits the same name: they share one plate that meets them all. Without a name each has a plate of its own.`}</p>
      )}
      <WhyMilk
        limits={limits}
        onAdd={(id) => onChange(say`the limit “${limitLabel(id)}”`, [...limits, newLimit(id)])}
      />
      <div className="max-w-md">
        <Finder
          label={say`Add an allergy, diet, risk or dislike`}
          placeholder={say`Add an allergy, diet, risk or dislike`}
          items={LIMITS.filter((rule) => !limits.some((l) => l.what === rule.id))}
          keyOf={(rule) => rule.id}
          textOf={(rule) => `${limitLabel(rule.id)} ${rule.group}`}
          show={(rule) => (
            <>
              {capital(limitLabel(rule.id))} <span className="text-sm text-ink-soft">{word(rule.group)}</span>
            </>
          )}
          onTake={(rule) => onChange(say`the limit “${limitLabel(rule.id)}”`, [...limits, newLimit(rule.id)])}
        />
      </div>
    </>
  );
}

/** One limit: how hard, how far, how many, whose. */
function LimitRow({
  limit,
  rule,
  edit,
  people,
  onChange,
  limits,
}: {
  limit: Limit;
  rule: ReturnType<typeof limitRule>;
  edit: (what: string, part: Partial<Limit>) => void;
  people: number;
  onChange: (what: string, limits: Limit[]) => void;
  limits: readonly Limit[];
}) {
  return (
    <li className="flex flex-wrap items-center gap-x-3 gap-y-2 py-2">
      <div className="min-w-48 flex-1">
        <strong>{capital(limitLabel(rule.id))}</strong>
        {LIMIT_NOTES[rule.id] && <span className="block text-sm text-ink-soft">{LIMIT_NOTES[rule.id]}</span>}
        {riskRowsOf(limit.what).map((row) => (
          <span key={row.id} className="block text-sm text-ink-soft">
            {capital(RISK_WORDS[row.id])}: {word(row.source)} ({word(row.country)})
          </span>
        ))}
      </div>
      <Select
        label={say`How hard: ${limitLabel(rule.id)}`}
        className="w-32"
        value={limit.severity}
        options={SEVERITIES.map((s) => ({ value: s, label: word(s) }))}
        onChange={(severity) => edit(limit.what, { severity })}
      />
      <Select
        label={say`How far: ${limitLabel(rule.id)}`}
        className="w-36"
        value={limit.reach}
        options={REACHES.map((r) => ({
          value: r,
          label: r === 'board' ? say`whole board` : word(r),
          hint: r === 'card' && isHarmful(limit) ? say`for dislikes only` : REACH_HINTS[r],
        }))}
        onChange={(reach) => edit(limit.what, { reach })}
      />
      <Stepper
        label={say`guests`}
        value={limit.guests}
        min={1}
        max={Math.max(1, people)}
        onChange={(guests) => edit(limit.what, { guests })}
      />
      {reachOf(limit) === 'own plate' && (
        <label className="flex items-center gap-2">
          <span className="text-sm text-ink-soft">{say`whose`}</span>
          <TypedText
            className="field w-28"
            label={say`Whose limit: ${limitLabel(rule.id)}`}
            placeholder={say`a name`}
            value={limit.who}
            maxLength={60}
            onCommit={(who) => who.trim() !== limit.who && edit(limit.what, { who: who.trim() })}
          />
        </label>
      )}
      <span className="ml-auto">
        <IconButton
          label={say`Take away the limit: ${limitLabel(rule.id)}`}
          onClick={() =>
            onChange(
              say`no limit “${limitLabel(rule.id)}”`,
              limits.filter((l) => l.what !== limit.what),
            )
          }
        >
          <X size={18} />
        </IconButton>
      </span>
      {limit.reach === 'card' && isHarmful(limit) && (
        <p role="alert" className="w-full border-l-4 border-wax bg-[#f9e3dd] px-3 py-2 text-[#5c1b12]">
          {say`${NOT_BY_CARD} Rotula lays this guest their own plate.`}
        </p>
      )}
    </li>
  );
}

const MILK_REASONS = [
  {
    id: 'allergen:milk',
    label: say`An allergy`,
    hint: say`no milk of any animal, no butter, no milk powder`,
  },
  { id: 'diet:lactose', label: say`Lactose`, hint: say`by ripening, not by animal` },
  { id: 'milk:cow', label: say`No cow’s, by taste`, hint: say`never the route for an allergy` },
  { id: 'milk:goat', label: say`No goat’s, by taste`, hint: say`a blend counts too` },
  { id: 'milk:sheep', label: say`No sheep’s, by taste`, hint: say`a blend counts too` },
] as const;

/** Somebody avoids milk: the one question that must be asked, why. */
function WhyMilk({ limits, onAdd }: { limits: readonly Limit[]; onAdd: (id: string) => void }) {
  const open = MILK_REASONS.filter(({ id }) => !limits.some((l) => l.what === id));
  if (open.length === 0) return null;
  return (
    <div className="mb-3" role="group" aria-label={say`Somebody avoids milk: why?`}>
      <span className="mb-1 block">{say`Somebody avoids milk? Ask why:`}</span>
      <div className="flex flex-wrap gap-2">
        {open.map(({ id, label, hint }) => (
          <button
            key={id}
            type="button"
            className="min-h-11 rounded-lg border-[1.5px] border-line bg-paper-lit px-3 py-1 text-left hover:border-ink-soft"
            onClick={() => onAdd(id)}
          >
            <span className="block font-bold">{label}</span>
            <span className="block text-sm text-ink-soft">{hint}</span>
          </button>
        ))}
      </div>
    </div>
  );
}
