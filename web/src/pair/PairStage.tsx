import type { Slot } from '@rotula/core';
import clsx from 'clsx';
import { useState } from 'react';
import { ShortMark } from '../frame/ShortMark';
import { useWorkbench } from '../frame/context';
import { StageLayout } from '../frame/StageLayout';
import { GoodPicture } from '../ui/picture/GoodPicture';
import { SAYING_WORDS, sentence } from '../words';
import { PairMatrix, type Cell } from './PairMatrix';
import { PairSlate } from './PairSlate';
import { say, word } from '../language/say';

/** For each good something sweet, briny, crunchy, a bread, a drink and one without alcohol. */
export default function PairStage() {
  const { plan, focus, setFocus, format } = useWorkbench();
  const [slot, setSlot] = useState<Slot>('sweet');
  const [turned, setTurned] = useState<string | null>(null);
  const [cell, setCell] = useState<Cell | null>(null);
  return (
    <StageLayout
      slate={
        <PairSlate
          main={focus}
          slot={slot}
          cell={cell}
          turned={turned}
          onTurn={setTurned}
          onSlot={(other) => {
            setSlot(other);
            setCell(null);
          }}
        />
      }
    >
      <PairMatrix
        cell={cell}
        turned={turned}
        onCell={(main, entry) => {
          setFocus(main.id);
          setSlot(entry.slot);
          setCell({ main: main.id, beside: entry.beside.id });
          setTurned(null);
        }}
        onTurn={(beside) => setTurned(turned === beside ? null : beside)}
      />
      <div className="space-y-3">
        {plan.walk.steps.map(({ number, main }) => (
          <section
            key={main.id}
            aria-label={main.name}
            className="grid grid-cols-[186px_1fr] gap-3 border-b border-line pb-3 max-[700px]:grid-cols-1"
          >
            <div className="flex items-start gap-2">
              <GoodPicture good={main} size={44} />
              <div>
                <span className="text-sm text-ink-soft">{number}</span>
                <h2 className="font-sans text-lg leading-5 font-bold [overflow-wrap:anywhere]">
                  {main.name}
                </h2>
                <ShortMark good={main.id} />
              </div>
            </div>
            <ul className="grid grid-cols-3 gap-2">
              {plan.pairs.byGood.get(main.id)!.map((pair) => {
                const chosen = focus?.id === main.id && slot === pair.slot;
                return (
                  <li key={pair.slot}>
                    <button
                      type="button"
                      aria-pressed={chosen}
                      data-slot={pair.slot}
                      className={clsx(
                        'flex h-full w-full items-center gap-2 rounded-lg border-[1.5px] px-2 py-1 text-left hover:border-ink-soft',
                        chosen ? 'border-annatto bg-paper-lit' : 'border-line',
                      )}
                      onClick={() => {
                        setFocus(main.id);
                        setSlot(pair.slot);
                        setTurned(null);
                        setCell(null);
                      }}
                    >
                      {pair.match && <GoodPicture good={pair.match.beside} size={30} />}
                      <span className="min-w-0">
                        <span className="block leading-5 font-bold">
                          <span className="sr-only">{say`${word(pair.slot)} beside ${main.name}:`} </span>
                          {pair.match?.beside.name ?? 'nothing'}
                        </span>
                        <span
                          className={clsx(
                            'block text-sm leading-4',
                            pair.why && pair.why.effect < 0 ? 'text-annatto-text' : 'text-ink-soft',
                          )}
                        >
                          {pair.why && pair.why.effect < 0 && <span aria-label={say`against it:`}>✕ </span>}
                          {pair.word && say`house: ${SAYING_WORDS[pair.word.says]} · `}
                          {pair.match
                            ? pair.why && sentence(pair.why, format)
                            : say`no ${word(pair.slot)} allowed`}
                        </span>
                      </span>
                    </button>
                  </li>
                );
              })}
            </ul>
          </section>
        ))}
      </div>
    </StageLayout>
  );
}
