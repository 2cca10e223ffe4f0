import type { Reason } from '@rotula/core';
import { Sparkles, Square } from 'lucide-react';
import { useWorkbench } from '../frame/context';
import { Button } from '../ui/Button';
import type { Format } from '../ui/format';
import { sentence } from '../words';
import { say } from '../language/say';

/** Ask for the best selection, stop it, and hear how sure it is. */
export function ProposeBox() {
  const { document, plan, reach, proposal, format } = useWorkbench();
  const { order } = document;
  // The reach of the counter is worked out with nothing locked or left out: only then is it to be compared.
  const isFree = order.selection.locked.length === 0 && order.selection.leftOut.length === 0;
  return (
    <div className="max-w-60 min-w-0 space-y-2">
      {proposal.working ? (
        <Button onClick={proposal.stop}>
          <Square size={16} /> {proposal.soFar ? say`Stop, take the best so far` : say`Stop`}
        </Button>
      ) : (
        <Button look="strong" onClick={() => void proposal.propose()}>
          <Sparkles size={18} /> {say`Propose the best`}
        </Button>
      )}
      <p className="text-sm text-ink-soft" role="status">
        {proposal.working
          ? proposal.soFar
            ? say`Best so far ${proposal.soFar.value.toFixed(1)} points; still proving …`
            : say`Looking through the counter …`
          : plan.briefChanged
            ? say`The brief has changed since this was proposed.`
            : (proofWords(proposal.proof, format) ??
              (isFree && plan.mains.length > 0
                ? betterWords(plan.balance.value, reach?.balance?.value ?? null)
                : null) ??
              lockWords(order.selection.locked.length))}
      </p>
    </div>
  );
}

/** Said when the counter holds a selection that is clearly better than the one on the board, and nothing is locked. */
const BETTER_POINTS = 1;
const betterWords = (now: number, best: number | null) =>
  best !== null && best - now >= BETTER_POINTS
    ? say`The counter holds a better one, by ${(best - now).toFixed(1)} points.`
    : null;

const proofWords = (proof: Reason | 'stopped' | null, format: Format): string | null =>
  proof === 'stopped'
    ? say`the best found before it was stopped; not proven`
    : proof && sentence(proof, format);

const lockWords = (locks: number) =>
  locks === 0
    ? say`Nothing is locked.`
    : say`A new proposal keeps the ${locks === 1 ? say`locked good` : say`${locks} locked goods`}.`;
