import { inSeasonOn, reasonKey } from '@rotula/core';
import { useMemo } from 'react';
import { AdviceList } from '../frame/AdviceList';
import { Cautions } from '../frame/Cautions';
import { useWorkbench } from '../frame/context';
import { OwnPlates } from '../frame/OwnPlates';
import { SmallChildren } from '../frame/SmallChildren';
import { Callout, SlateSection } from '../ui/Slate';
import { SchoolShort } from './SchoolShort';
import { becauseWords, sentence } from '../words';
import { say } from '../language/say';

/** More than this nobody reads. */
const SEASON_SHOWN = 12;

/** What follows from the brief: targets, own plates, cautions, and what is left out for whom. */
export function BriefSlate() {
  const { plan, goods, format } = useWorkbench();
  const { targets } = plan;
  return (
    <>
      <SlateSection title={say`What follows`}>
        <ul className="space-y-1.5">
          {targets.reasons.map((r) => (
            <li key={reasonKey(r)}>{sentence(r, format)}</li>
          ))}
        </ul>
        <p className="mt-2 text-chalk-soft">{say`In all ${format.grams(targets.cheeses.total)} of cheese and ${format.grams(targets.meats.total)} of meat to eat.`}</p>
      </SlateSection>
      <AdviceList at="brief" />
      <SchoolShort />
      <OwnPlates />
      <SmallChildren />
      <Cautions />
      <InSeason />
      {targets.excluded.length > 0 && (
        <SlateSection
          title={say`Left out, and for whom`}
          aside={say`${targets.excluded.length} of ${goods.size}`}
        >
          <ul className="space-y-1">
            {targets.excluded.slice(0, 40).map(({ goodId, because }) => (
              <li key={goodId}>
                <strong>{goods.get(goodId)?.name ?? goodId}</strong>{' '}
                <span className="text-chalk-soft">{becauseWords(because, format)}</span>
              </li>
            ))}
          </ul>
        </SlateSection>
      )}
      {targets.heads === 0 && (
        <Callout tone="advice">{say`Say how many come, and everything follows.`}</Callout>
      )}
    </>
  );
}

/** What of the counter is at its best on the day; the southern half has its own year. */
function InSeason() {
  const { plan, counter, format } = useWorkbench();
  const { brief } = plan;
  const goods = useMemo(() => inSeasonOn(counter, brief), [counter, brief]);
  if (goods.length === 0) return null;
  return (
    <SlateSection title={say`In season on the day`} aside={goods.length}>
      <p className="text-chalk-soft" data-in-season>
        {format.list(goods.slice(0, SEASON_SHOWN).map((good) => good.name))}
        {goods.length > SEASON_SHOWN && say`, and ${goods.length - SEASON_SHOWN} more`}.{' '}
        {!brief.season && say`The brief does not ask for it.`}
      </p>
    </SlateSection>
  );
}
