import type { BuildStep } from '@rotula/core';
import { useState } from 'react';
import { useWorkbench } from '../frame/context';
import { StageLayout } from '../frame/StageLayout';
import { say } from '../language/say';
import { BoardPicture } from './BoardPicture';
import { BoardFields } from './BoardFields';
import { LaySlate } from './LaySlate';
import { useLaid } from './useLaid';

/** Stage Lay: the picture of the board is the stage. */
export default function LayStage() {
  const { plan } = useWorkbench();
  const { laid: boards } = plan.boards;
  const [key, setKey] = useState<string | null>(null);
  const [focus, setFocus] = useState<string | null>(null);
  const [step, setStep] = useState<BuildStep | null>(null);
  const board = boards.find((one) => one.key === key) ?? boards[0] ?? null;
  const laid = useLaid(board);
  const on = board && { board, laid, focus, onFocus: setFocus };
  return (
    <StageLayout slate={<LaySlate on={on} building={{ step, onStep: setStep }} />}>
      <BoardFields
        laid={laid}
        shown={board}
        onShow={(next) => {
          setKey(next);
          setFocus(null);
          setStep(null);
        }}
      />
      {on && board.question && laid.layout ? (
        <BoardPicture on={on} layout={laid.layout} step={step} />
      ) : (
        <p className="mt-6 text-ink-soft" role="status">
          {laid.fault ??
            (board?.question
              ? laid.done === null
                ? say`The board is being laid …`
                : say`The board is being laid, ${Math.round(100 * laid.done)} % …`
              : plan.mains.length === 0
                ? say`Nothing is picked yet: the board is laid once there is something on it.`
                : board
                  ? say`Nothing lies on this board yet: send something here from another.`
                  : say`There is no board whose measures are known. Set one on the Counter or in the Brief, or choose the bare table there.`)}
        </p>
      )}
    </StageLayout>
  );
}
