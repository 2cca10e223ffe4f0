import { Link } from 'react-router';
import { type House } from '@rotula/core';
import { Choice } from '../ui/Choice';
import { NumberField } from '../ui/NumberField';
import type { Format } from '../ui/format';
import { SAYING_WORDS } from '../words';
import { say } from '../language/say';

/** What a point of the pairing is worth, whether drinks are sold, and the pairs that the house speaks for itself. */
export function PairFields({
  house,
  format,
  onSet,
}: {
  house: House;
  format: Format;
  onSet: (part: Partial<House>) => void;
}) {
  return (
    <section aria-label={say`Pairing`}>
      <h2 className="mb-2 text-xl">{say`Pairing`}</h2>
      <div className="grid gap-x-8 gap-y-3 sm:grid-cols-2">
        <label className="block">
          <span className="mb-1 block">{say`A point of pairing is worth, a guest, ${format.currency}`}</span>
          <NumberField
            label={say`A point of pairing is worth, a guest`}
            className="field w-32"
            value={house.pairPoint / format.minorPerUnit}
            min={1 / format.minorPerUnit}
            max={100}
            onCommit={(n) => onSet({ pairPoint: Math.max(1, Math.round(n * format.minorPerUnit)) as never })}
          />
          <span className="mt-1 block text-sm text-ink-soft">{say`The more, the more jars and the dearer bottles come onto a board.`}</span>
        </label>
        <div>
          <span className="mb-1 block">{say`Drinks with alcohol`}</span>
          <Choice
            label={say`Drinks with alcohol`}
            className="grid-cols-2"
            value={house.licensed ? 'sold' : 'named'}
            options={[
              { value: 'sold', label: say`Sold`, hint: say`the shop has a licence` },
              { value: 'named', label: say`Named only`, hint: say`styles, without a price` },
            ]}
            onChange={(value) => onSet({ licensed: value === 'sold' })}
          />
        </div>
      </div>
      <p className="mt-4" data-learnt>
        {house.learnt
          ? say`Drinks are weighed by ${house.learnt.sessions.length} tasting sessions of the house, ${house.learnt.notes} notes.`
          : say`Drinks are weighed by the usual figures; the house’s own tastings may teach it others.`}{' '}
        <Link to="/tastings" className="font-bold underline underline-offset-4">{say`Tastings`}</Link>
        {house.learnt && (
          <button
            type="button"
            className="ml-4 min-h-11 underline underline-offset-4"
            onClick={() => onSet({ learnt: null })}
          >{say`Set it back`}</button>
        )}
      </p>
      <h3 className="mt-4 mb-1 font-bold">{say`Pairs of the house`}</h3>
      {house.pairWords.length === 0 && (
        <p className="text-ink-soft">{say`None yet. On the stage Pair, say of any two goods what the house always sells, never serves or calls its own; it stands above the model in every order.`}</p>
      )}
      <ul>
        {house.pairWords.map((word) => (
          <li
            key={`${word.good} ${word.beside}`}
            className="flex items-center gap-3 border-b border-line py-1"
          >
            <span className="flex-1">
              <strong>{word.beside}</strong> {say`with`} <strong>{word.good}</strong>:{' '}
              {SAYING_WORDS[word.says]}
              {word.why && <span className="text-ink-soft"> · {word.why}</span>}
            </span>
            <button
              type="button"
              className="min-h-11 px-2 underline underline-offset-4"
              onClick={() => onSet({ pairWords: house.pairWords.filter((other) => other !== word) })}
            >{say`Take away`}</button>
          </li>
        ))}
      </ul>
    </section>
  );
}
