import { verdictOn, VERDICTS, type Good, type Lot } from '@rotula/core';
import { useState } from 'react';
import { Choice } from '../../ui/Choice';
import { capital, type Format } from '../../ui/format';
import { keeping } from '../../ui/keeping';
import { say, word } from '../../language/say';

/** Thumb on the rind, a taste with the iron: the verdict, by whom and when. */
export function Tasting({
  good,
  lot,
  format,
  today,
  onEdit,
}: {
  good: Good;
  lot: Lot;
  format: Format;
  today: string;
  onEdit: (what: string, part: Partial<Lot>) => void;
}) {
  const [taster, setTaster] = useState(lot.verdict?.taster ?? keeping.read('rotula.taster') ?? '');
  const [note, setNote] = useState(lot.verdict?.note ?? '');
  const [words, setWords] = useState(lot.verdict?.words.join(', ') ?? '');
  const carried = verdictOn(good, lot, today);
  const taste = (says: NonNullable<Lot['verdict']>['says']) => {
    const name = taster.trim() || 'the counter';
    keeping.write('rotula.taster', name);
    onEdit(say`tasted: ${says}`, { verdict: { says, taster: name, on: today, note, words: listed(words) } });
  };
  const keepWords = () => {
    if (!lot.verdict) return;
    const next = {
      ...lot.verdict,
      note,
      taster: taster.trim() || lot.verdict.taster,
      words: listed(words),
    };
    if (JSON.stringify(next) !== JSON.stringify(lot.verdict))
      onEdit(say`the tasting note`, { verdict: next });
  };
  return (
    <div className="mt-3 border-t border-line pt-3">
      <p className="mb-2">
        {carried ? (
          <>
            <strong>{capital(word(carried.says))}</strong>
            {carried.carried && say` today; ${word(carried.tasted.says)} when tasted`}{' '}
            <span className="text-ink-soft">
              ({carried.tasted.taster}, {format.day(carried.tasted.on)})
            </span>
          </>
        ) : (
          <span className="text-ink-soft">{say`Not tasted. How is it today?`}</span>
        )}
      </p>
      <Choice
        label={say`Verdict on ${lot.id}`}
        className="grid-cols-3 min-[700px]:grid-cols-5"
        value={(lot.verdict?.on === today ? lot.verdict.says : '') as (typeof VERDICTS)[number]}
        options={VERDICTS.map((v) => ({ value: v, label: word(v) }))}
        onChange={taste}
      />
      <div className="mt-2 grid gap-3 min-[700px]:grid-cols-[180px_1fr]">
        <input
          className="field"
          aria-label={say`Taster`}
          placeholder={say`Taster`}
          value={taster}
          maxLength={120}
          onChange={(e) => setTaster(e.target.value)}
          onBlur={keepWords}
        />
        <input
          className="field"
          aria-label={say`Tasting note`}
          placeholder={say`A note: chalky heart, runs at the edge …`}
          value={note}
          maxLength={500}
          onChange={(e) => setNote(e.target.value)}
          onBlur={keepWords}
        />
        <input
          className="field min-[700px]:col-span-2"
          aria-label={say`How it tastes, in own words`}
          placeholder={say`How it tastes, in own words: nutty, sweet, long …`}
          value={words}
          maxLength={300}
          onChange={(e) => setWords(e.target.value)}
          onBlur={keepWords}
        />
      </div>
      <p className="mt-1 text-sm text-ink-soft">{say`Own words stand first on menu and cards.`}</p>
    </div>
  );
}

/** Words with commas between them; no more than a lot keeps. */
const listed = (text: string): string[] =>
  text
    .split(',')
    .map((word) => word.trim())
    .filter(Boolean)
    .slice(0, 6);
