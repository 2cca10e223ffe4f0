import {
  freeHeads,
  HEAD_KINDS,
  LIMITS,
  limitRule,
  newLimit,
  riskRowsOf,
  SEVERITIES,
  type Brief,
  type Person,
  type PersonLimit,
} from '@rotula/core';
import clsx from 'clsx';
import { X } from 'lucide-react';
import { Finder } from '../ui/Finder';
import { capital } from '../ui/format';
import { IconButton } from '../ui/IconButton';
import { Select } from '../ui/Select';
import { Stepper } from '../ui/Stepper';
import { TypedText } from '../ui/TypedText';
import { HEAD_WORDS, LIMIT_NOTES, limitLabel, RISK_WORDS } from '../words';
import { say, word } from '../language/say';
import { ReachOf } from './ReachOf';

interface Row {
  readonly at: number;
  readonly person: Person;
  readonly brief: Brief;
  readonly edit: (what: string, part: Partial<Person>) => void;
}

/** A guest, or several who share just these limits: who, what, how far. */
export function GuestRow({ at, person, brief, edit, remove }: Row & { readonly remove: () => void }) {
  const name = person.who || say`guest ${at + 1}`;
  const undecided = person.limits.length > 0 && person.reach === 'undecided';
  const most = freeHeads({ ...brief, persons: brief.persons.filter((_, i) => i !== at) }, person.head);
  return (
    <li
      data-guest={at}
      className={clsx(
        'rounded-lg border-[1.5px] bg-paper-lit px-3 py-2.5',
        undecided ? 'border-wax' : 'border-line',
      )}
    >
      <div className="flex flex-wrap items-center gap-x-3 gap-y-2">
        <TypedText
          className="field w-44"
          label={say`Name of guest ${at + 1}`}
          placeholder={say`name, or none`}
          value={person.who}
          maxLength={60}
          onCommit={(who) => who.trim() !== person.who && edit(say`the guest’s name`, { who: who.trim() })}
        />
        <TypedText
          className="field w-24"
          label={say`Seat of ${name}`}
          placeholder={say`seat`}
          value={person.seat}
          maxLength={20}
          onCommit={(seat) =>
            seat.trim() !== person.seat && edit(say`the guest’s seat`, { seat: seat.trim() })
          }
        />
        <Stepper
          label={say`how many`}
          value={person.count}
          min={1}
          max={Math.max(1, Number.isFinite(most) ? most : 10_000)}
          onChange={(count) => edit(say`how many share these limits`, { count })}
        />
        <Select
          label={say`Kind of guest: ${name}`}
          className="w-40"
          value={person.head}
          options={HEAD_KINDS.filter((kind) => kind === person.head || freeHeads(brief, kind) > 0).map(
            (kind) => ({ value: kind, label: HEAD_WORDS[kind] }),
          )}
          onChange={(head) => edit(say`what kind of guest it is`, { head })}
        />
        <span className="ml-auto">
          <IconButton label={say`Take away the limits of ${name}`} onClick={remove}>
            <X size={18} />
          </IconButton>
        </span>
      </div>
      <Limits at={at} person={person} brief={brief} edit={edit} />
      <TypedText
        className="field mt-2 w-full"
        label={say`Note about ${name}`}
        placeholder={say`What nothing can check, in words: “no nightshades”. It stands on the papers as written.`}
        value={person.note}
        maxLength={500}
        onCommit={(note) => note !== person.note && edit(say`the note about a guest`, { note })}
      />
      {person.limits.length > 0 && <ReachOf at={at} person={person} edit={edit} />}
    </li>
  );
}

/** The limits of a guest, each with how hard it is; and one more. */
function Limits({ at, person, edit }: Row) {
  const put = (what: string, limits: PersonLimit[]) => edit(what, { limits });
  const { limits } = person;
  return (
    <>
      <ul className="mt-2 space-y-1.5 empty:hidden">
        {limits.map((limit) => (
          <li key={limit.what} className="flex flex-wrap items-center gap-x-3 gap-y-1">
            <div className="min-w-40 flex-1">
              <strong>{capital(limitLabel(limit.what))}</strong>
              <UsuallyTold what={limit.what} />
            </div>
            <Select
              label={say`How hard: ${limitLabel(limit.what)}`}
              className="w-32"
              value={limit.severity}
              options={SEVERITIES.map((s) => ({ value: s, label: word(s) }))}
              onChange={(severity) =>
                put(
                  say`the limit “${limitLabel(limit.what)}”`,
                  limits.map((one) => (one === limit ? { ...one, severity } : one)),
                )
              }
            />
            <IconButton
              label={say`Take away the limit: ${limitLabel(limit.what)}`}
              onClick={() =>
                put(
                  say`no limit “${limitLabel(limit.what)}”`,
                  limits.filter((one) => one !== limit),
                )
              }
            >
              <X size={18} />
            </IconButton>
          </li>
        ))}
      </ul>
      <div className="mt-2 max-w-sm">
        <Finder
          label={say`Also for ${person.who || say`guest ${at + 1}`}`}
          placeholder={limits.length > 0 ? say`Also for this guest` : say`A limit of the list`}
          items={LIMITS.filter((rule) => !limits.some(({ what }) => what === rule.id))}
          keyOf={(rule) => rule.id}
          textOf={(rule) => `${limitLabel(rule.id)} ${rule.group}`}
          show={(rule) => <>{capital(limitLabel(rule.id))}</>}
          onTake={(rule) => put(say`the limit “${limitLabel(rule.id)}”`, [...limits, newLimit(rule.id)])}
        />
      </div>
    </>
  );
}

/** What has to be known beside a limit; of a guest at risk what they are usually told, with its sources once. */
function UsuallyTold({ what }: { what: string }) {
  const rows = riskRowsOf(what);
  const note = LIMIT_NOTES[limitRule(what).id];
  const unique = (all: readonly string[]) => [...new Set(all)].join('; ');
  return (
    <>
      {note && <span className="block text-sm text-ink-soft">{note}</span>}
      {rows.length > 0 && (
        <span className="block text-sm text-ink-soft">
          {say`Usually told to leave alone: ${rows.map(({ id }) => RISK_WORDS[id]).join('; ')}.`}{' '}
          {unique(rows.flatMap(({ source }) => source.split('; ')).map(word))} (
          {unique(rows.flatMap(({ country }) => country.split(', ')))}).
        </span>
      )}
    </>
  );
}
