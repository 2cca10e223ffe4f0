import { reasonKey, type ProduceLine } from '@rotula/core';
import { useWorkbench } from '../frame/context';
import { ProduceDrawing } from '../drawing/ProduceDrawing';
import { capital, count } from '../ui/format';
import { produceWhen, produceWords, sentence } from '../words';
import { PanelHead } from './PanelHead';
import { say, word } from '../language/say';

/** A companion at the produce board: how it is cut, how large a piece is, how many, and when. */
export function ProducePanel({ line: { good, portion, cut } }: { line: ProduceLine }) {
  const { format } = useWorkbench();
  const { piece } = cut;
  return (
    <section aria-label={good.name} className="min-w-0">
      <PanelHead
        name={good.name}
        how={word(cut.form)}
        aside={say`${format.grams(portion.net)} to eat of ${format.grams(portion.gross)}`}
      />
      {piece ? (
        <ProduceDrawing good={good} piece={piece} format={format} />
      ) : (
        <p className="my-6 text-lg text-ink-soft">{say`It lies in a bowl; nothing is cut.`}</p>
      )}
      <ol className="mt-3 divide-y divide-line border-y border-line">
        <li className="py-1.5">{capital(produceWords(cut))}</li>
        {cut.pieces !== null && piece && (
          <li className="py-1.5">
            {say`About ${count(cut.pieces, 'piece')}`}
            {piece.grams !== null && say` of ${format.grams(piece.grams)}`}
          </li>
        )}
        <li className="py-1.5">{capital(produceWhen(cut.when))}</li>
        {cut.reasons.map((r) => (
          <li key={reasonKey(r)} className="py-1.5">
            {capital(sentence(r, format))}
          </li>
        ))}
      </ol>
    </section>
  );
}
