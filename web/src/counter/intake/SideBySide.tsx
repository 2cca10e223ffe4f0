import useSWR from 'swr';
import type { Format } from '../../ui/format';
import { Callout, SlateSection } from '../../ui/Slate';
import { allergenLabel } from '../../words';
import { fieldLabel } from '../edit/fields';
import type { ShownRow } from './intake.worker';
import type { SideBySideAnswer } from './useIntake';
import { say } from '../../language/say';

/** Fields that are amounts of money in the smallest unit. */
const MONEY = ['price.amount', 'trial.paid'];

/** What would be stored of one row, beside what is there. */
export function SideBySide({
  row,
  index,
  of,
  ask,
  format,
}: {
  row: ShownRow;
  index: number;
  /** Which reading of which file it is a row of. */
  of: string;
  ask: (index: number) => Promise<SideBySideAnswer>;
  format: Format;
}) {
  const { data } = useSWR(['side by side', of, index], () => ask(index), {
    revalidateOnFocus: false,
    revalidateIfStale: false,
    keepPreviousData: false,
  });
  if (!data) return null;
  const { isNew, changes } = data;
  const shown = (field: string, text: string) =>
    text !== '' && MONEY.includes(field) ? format.money(Number(text)) : text || say`nothing`;
  return (
    <SlateSection title={row.name} aside={say`line ${row.line}`}>
      {row.unsettled.length > 0 && (
        <Callout tone="stop">
          <p>{say`Its words say more than the file declares. It counts so until somebody settles it on its page:`}</p>
          <ul>
            {row.unsettled.map(({ id, word: found, from }) => (
              <li key={`${id} ${found}`}>
                {from === 'ingredients'
                  ? say`${allergenLabel(id)}: in it, by “${found}” among its ingredients`
                  : say`${allergenLabel(id)}: not known, by “${found}” in its name`}
              </li>
            ))}
          </ul>
        </Callout>
      )}
      <table className="w-full text-left" data-side-by-side={row.id}>
        <thead className="text-sm text-chalk-soft">
          <tr>
            <th className="pr-2 font-normal">{say`field`}</th>
            {!isNew && <th className="pr-2 font-normal">{say`is now`}</th>}
            <th className="font-normal">{say`will be stored`}</th>
          </tr>
        </thead>
        <tbody>
          {changes.map(({ field, was, is }) => (
            <tr key={field} className="align-top [overflow-wrap:anywhere]">
              <td className="w-2/5 pr-2 text-chalk-soft [overflow-wrap:normal]">{fieldLabel(field)}</td>
              {!isNew && <td className="pr-2">{shown(field, was)}</td>}
              <td className="font-bold">{shown(field, is)}</td>
            </tr>
          ))}
        </tbody>
      </table>
      {changes.length === 0 && <p className="text-chalk-soft">{say`Nothing changes.`}</p>}
    </SlateSection>
  );
}
