import {
  freeId,
  goodFromName,
  GOOD_KINDS,
  idFrom,
  MILKS,
  saidOf,
  VERDICTS,
  type Good,
  type GoodKind,
} from '@rotula/core';
import { today as todayHere } from '../ui/today';
import { Button } from '../ui/Button';
import { Choice } from '../ui/Choice';
import { Select } from '../ui/Select';
import { capital, type Format } from '../ui/format';
import { NumberField } from '../ui/NumberField';
import { Sheet } from '../ui/Sheet';
import { useKept } from '../ui/useKept';
import { say, word } from '../language/say';

interface Draft {
  kind: GoodKind;
  name: string;
  style: string;
  region: string;
  milk: string;
  paid: number;
  grams: number;
  looks: string;
  smell: string;
  verdict: string;
  taster: string;
  note: string;
}
const EMPTY: Draft = {
  kind: 'cheese',
  name: '',
  style: '',
  region: '',
  milk: 'unknown',
  paid: 0,
  grams: 120,
  looks: '',
  smell: '',
  verdict: '',
  taster: '',
  note: '',
};

/** What a new good takes: a kind and a name. A trial piece: what can be seen, smelt and was paid; the rest is unknown. */
export default function NewGoodSheet({
  trial,
  counter,
  format,
  onClose,
  onMake,
}: {
  trial: boolean;
  counter: readonly Good[];
  format: Format;
  onClose: () => void;
  onMake: (good: Good) => Promise<void>;
}) {
  const [draft, setDraft, done] = useKept<Draft>(trial ? 'trial piece' : 'new good', EMPTY);
  const set = (part: Partial<Draft>) => setDraft((d) => ({ ...d, ...part }));
  const make = async () => {
    const taken = new Set(counter.map((good) => good.id));
    const id = freeId(idFrom(draft.name), (wanted) => taken.has(wanted));
    const style = draft.style.trim() || (trial ? `unknown ${draft.kind}` : '');
    const kind = trial && draft.kind === 'ware' ? 'cheese' : draft.kind;
    const blank = goodFromName(kind, draft.name.trim(), id, style);
    const good = trial ? trialOf(blank, draft) : blank;
    done();
    onClose();
    await onMake(good);
  };
  const trouble = whyNot(draft);
  const ready = trouble === null;
  return (
    <Sheet title={trial ? say`A trial piece` : say`A new good`} open onClose={onClose}>
      {trial && (
        <p className="mb-3 text-ink-soft">{say`A small end of something unknown. It is not proposed for an order, and no card or label prints, until its milk and allergens are known.`}</p>
      )}
      <form
        className="space-y-3"
        onSubmit={(e) => {
          e.preventDefault();
          if (ready) void make();
        }}
      >
        <Choice
          label={say`Kind of good`}
          className={trial ? 'grid-cols-2' : 'grid-cols-3 min-[700px]:grid-cols-5'}
          value={draft.kind}
          options={(trial ? (['cheese', 'meat'] as const) : GOOD_KINDS).map((kind) => ({
            value: kind,
            label: capital(word(kind)),
          }))}
          onChange={(kind: GoodKind) => set({ kind })}
        />
        <div className="grid gap-3 min-[700px]:grid-cols-2">
          <Text label={say`Name`} value={draft.name} onChange={(name) => set({ name })} />
          <Text
            label={trial ? say`What it might be` : say`Style`}
            value={draft.style}
            onChange={(style) => set({ style })}
          />
          {trial && <TrialFields draft={draft} set={set} format={format} />}
        </div>
        {trial && (
          <Text label={say`What was made of it`} value={draft.note} onChange={(note) => set({ note })} />
        )}
        {trouble && draft.name.trim() !== '' && (
          <p role="alert" className="text-wax">
            {trouble}
          </p>
        )}
        <Button look="strong" type="submit" disabled={!ready} title={trouble ?? undefined}>
          {trial ? say`Keep the trial` : say`Put it on the counter`}
        </Button>
      </form>
    </Sheet>
  );
}

/** What is known of a piece that was bought to try. */
function TrialFields({
  draft,
  set,
  format,
}: {
  draft: Draft;
  set: (part: Partial<Draft>) => void;
  format: Format;
}) {
  return (
    <>
      <Text
        label={say`Where from, as far as known`}
        value={draft.region}
        onChange={(region) => set({ region })}
      />
      {draft.kind === 'cheese' && (
        <label className="block">
          <span className="mb-1 block">{say`Milk`}</span>
          <Select
            label={say`Milk`}
            className="w-full"
            value={draft.milk}
            options={['unknown', ...MILKS].map((m) => ({ value: m, label: m }))}
            onChange={(milk) => set({ milk })}
          />
        </label>
      )}
      <Text label={say`How it looks, its rind`} value={draft.looks} onChange={(looks) => set({ looks })} />
      <Text label={say`How it smells`} value={draft.smell} onChange={(smell) => set({ smell })} />
      <label className="block">
        <span className="mb-1 block">{say`Paid for it, ${format.currency}`}</span>
        <NumberField
          label={say`Paid for it`}
          className="field w-full"
          value={draft.paid / format.minorPerUnit}
          onCommit={(n) => set({ paid: Math.round(n * format.minorPerUnit) })}
        />
      </label>
      <label className="block">
        <span className="mb-1 block">{say`Weight, ${format.small.name}`}</span>
        <NumberField
          label={say`Weight`}
          className="field w-full"
          value={Math.round((draft.grams / format.small.grams) * 10) / 10}
          onCommit={(n) => set({ grams: n * format.small.grams })}
        />
      </label>
      <label className="block">
        <span className="mb-1 block">{say`Verdict`}</span>
        <Select
          label={say`Verdict`}
          className="w-full"
          value={draft.verdict}
          options={[
            { value: '', label: say`not tasted yet` },
            ...VERDICTS.map((v) => ({ value: v, label: word(v) })),
          ]}
          onChange={(verdict) => set({ verdict })}
        />
      </label>
      <Text label={say`Tasted by`} value={draft.taster} onChange={(taster) => set({ taster })} />
    </>
  );
}

const MOST_LETTERS = 120;

/** Why this cannot be put on the counter yet, or null when it can. */
function whyNot({ name, style, region }: Draft): string | null {
  if (name.trim() === '') return say`A good needs a name.`;
  const long = Object.entries({ name, style, region }).find(([, text]) => text.trim().length > MOST_LETTERS);
  if (!long) return null;
  return say`The ${long[0]} has ${long[1].trim().length} letters; ${MOST_LETTERS} is the most that fits.`;
}

function trialOf(blank: Good, draft: Draft): Good {
  const { kind, region, milk, paid, grams, looks, smell, verdict, taster, note } = draft;
  const lot = {
    id: `${blank.id}-end`,
    grams,
    pieces: 0,
    madeOn: null,
    receivedOn: todayHere(),
    opened: true,
    treatment: null,
    price: null,
    bestFrom: null,
    bestUntil: null,
    arrival: null,
    verdict:
      verdict && taster.trim() ? { says: verdict, taster: taster.trim(), on: todayHere(), note } : null,
  };
  const isKnown = kind === 'cheese' && milk !== 'unknown';
  return {
    ...(isKnown ? saidOf(blank, 'animal') : blank),
    ...(isKnown && { milk: [{ animal: milk, share: 1 }] }),
    origin: { region, country: '' },
    note,
    trial: { paid, grams, smell, looks, decision: 'undecided' },
    lots: [lot],
  } as Good;
}

function Text({
  label,
  value,
  onChange,
}: {
  label: string;
  value: string;
  onChange: (value: string) => void;
}) {
  return (
    <label className="block">
      <span className="mb-1 block">{label}</span>
      <input className="field w-full" value={value} onChange={(e) => onChange(e.target.value)} />
    </label>
  );
}
