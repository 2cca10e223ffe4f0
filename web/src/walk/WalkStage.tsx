import { StageLayout } from '../frame/StageLayout';
import { WalkList } from './WalkList';
import { WalkSlate } from './WalkSlate';

/** Stage Walk: the order on paper, the palate on slate. */
export default function WalkStage() {
  return (
    <StageLayout slate={<WalkSlate />}>
      <WalkList />
    </StageLayout>
  );
}
