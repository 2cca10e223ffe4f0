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
  const laid = useLaid();
  const [focus, setFocus] = useState<string | null>(null);
  const { choice, question } = plan.boards;
  return (
    <StageLayout slate={<LaySlate laid={laid} focus={focus} onFocus={setFocus} />}>
      <BoardFields laid={laid} />
      {choice && question && laid.layout ? (
        <BoardPicture
          board={choice.board}
          layout={laid.layout}
          things={question.things}
          laid={laid}
          focus={focus}
          onFocus={setFocus}
        />
      ) : (
        <p className="mt-6 text-ink-soft" role="status">
          {laid.fault ??
            (question
              ? say`The board is being laid …`
              : plan.mains.length === 0
                ? say`Nothing is picked yet: the board is laid once there is something on it.`
                : say`There is no board whose measures are known. Set one on the Counter or in the Brief, or choose the bare table there.`)}
        </p>
      )}
    </StageLayout>
  );
}
