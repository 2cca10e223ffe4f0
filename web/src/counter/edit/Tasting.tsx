import { verdictOn, VERDICTS, type Good, type Lot } from '@rotula/core';
import { Choice } from '../../ui/Choice';
import { capital, type Format } from '../../ui/format';
import { keeping } from '../../ui/keeping';
import { TypedText } from '../../ui/TypedText';
import { useKept } from '../../ui/useKept';
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
  // Written before or after the verdict: until there is one the browser keeps it.
  const [written, setWritten] = useKept(`tasting ${lot.id}`, () => ({
    taster: lot.verdict?.taster ?? keeping.read('rotula.taster') ?? '',
    note: lot.verdict?.note ?? '',
    words: lot.verdict?.words.join(', ') ?? '',
  }));
  const { taster, note, words } = written;
  const carried = verdictOn(good, lot, today);
  const taste = (says: NonNullable<Lot['verdict']>['says']) => {
    const name = taster.trim() || 'the counter';
    keeping.write('rotula.taster', name);
    onEdit(say`tasted: ${says}`, { verdict: { says, taster: name, on: today, note, words: listed(words) } });
  };
  const write = (part: Partial<typeof written>) => {
    const all = { ...written, ...part };
    setWritten(all);
    if (!lot.verdict) return;
    const next = {
      ...lot.verdict,
      note: all.note,
      taster: all.taster.trim() || lot.verdict.taster,
      words: listed(all.words),
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
        <TypedText
          className="field"
          label={say`Taster`}
          placeholder={say`Taster`}
          value={taster}
          maxLength={120}
          onCommit={(text) => write({ taster: text })}
        />
        <TypedText
          className="field"
          label={say`Tasting note`}
          placeholder={say`A note: chalky heart, runs at the edge …`}
          value={note}
          maxLength={500}
          onCommit={(text) => write({ note: text })}
        />
        <TypedText
          className="field min-[700px]:col-span-2"
          label={say`How it tastes, in own words`}
          placeholder={say`How it tastes, in own words: nutty, sweet, long …`}
          value={words}
          maxLength={300}
          onCommit={(text) => write({ words: text })}
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
