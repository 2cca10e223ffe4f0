import clsx from 'clsx';
import { useState } from 'react';
import { useWorkbench } from './context';
import { dropUnreadable } from './draft';
import { saveText } from '../ui/saveText';
import { useInHand } from '../ui/inHand';
import { say } from '../language/say';

/** How saving stands, in a word; what is wrong with it, and what to do, under the name of the order. */
export function SaveWord() {
  const { state: stored, trouble, refused, gone } = useWorkbench().document.saving;
  const inHand = useInHand();
  // What is still in a field is not saved, whatever the document says.
  const state = inHand && stored === 'saved' ? 'not saved' : stored;
  const words =
    state === 'saving'
      ? say`saving …`
      : state === 'saved'
        ? say`saved`
        : gone
          ? say`deleted elsewhere`
          : trouble
            ? say`not saved`
            : refused.length > 0
              ? say`saved but for what is marked`
              : say`not saved yet`;
  return (
    <span
      role="status"
      data-save-state={state}
      className={clsx(
        'mr-1',
        state === 'not saved' && (trouble || refused.length > 0) && 'font-bold text-wax',
      )}
    >
      {words}
    </span>
  );
}

const Line = ({ children }: { children: React.ReactNode }) => (
  <p role="alert" className="mb-2 border-l-4 border-wax bg-[#f9e3dd] px-3 py-2 text-[#5c1b12]">
    {children}
  </p>
);

const BUTTON = 'ml-2 min-h-11 font-bold underline underline-offset-4';

export function SaveTrouble() {
  const { document } = useWorkbench();
  const { trouble, refused, gone, unkept } = document.saving;
  return (
    <>
      {gone && (
        <Line>
          {say`This order was deleted elsewhere. What you see is kept here.`}
          <button
            type="button"
            className={BUTTON}
            onClick={document.takeBack}
          >{say`Take it back and save`}</button>
        </Line>
      )}
      {!gone && trouble && <Line>{trouble}</Line>}
      {refused.map(({ field, says }) => (
        <Line key={field}>
          {say`${fieldWords(field)}: ${says}. It stays here as you typed it; everything else is saved.`}
        </Line>
      ))}
      {unkept && (
        <Line>{say`This browser keeps nothing (its storage is full or forbidden): what is not saved yet does not survive this tab.`}</Line>
      )}
      <FoundDrafts />
    </>
  );
}

/** "brief.persons.0.note" as a person would say it. */
const FIELD_WORDS: Record<string, string> = {
  title: say`The name of the order`,
  customer: say`The customer`,
  note: say`What was said on the telephone`,
  'selection.goods': say`The goods of the board`,
  extras: say`What was added by hand`,
  'brief.persons': say`The guests with limits`,
  'brief.guests': say`How many guests come`,
};
function fieldWords(field: string): string {
  const known = Object.keys(FIELD_WORDS).find((key) => field === key || field.startsWith(`${key}.`));
  return known ? FIELD_WORDS[known]! : say`The ${field.replace(/^brief\./, '').split('.')[0]!}`;
}

/** Said once, when the order is opened: other tabs with unsaved changes, and drafts that cannot be read. */
function FoundDrafts() {
  const { document } = useWorkbench();
  const { elsewhere, unreadable } = document.found;
  const [open, setOpen] = useState(true);
  if (!open || (!elsewhere && !unreadable)) return null;
  return (
    <Line>
      {elsewhere && say`Another window of this browser has changes of this order that are not saved yet. `}
      {unreadable && (
        <>
          {say`Unsaved changes were kept that cannot be read any more.`}
          <button
            type="button"
            className={BUTTON}
            onClick={() => saveText('draft.json', unreadable)}
          >{say`Save them as a file`}</button>
          <button
            type="button"
            className={BUTTON}
            onClick={() => (dropUnreadable(document.id), setOpen(false))}
          >{say`Throw them away`}</button>
        </>
      )}
      {!unreadable && (
        <button type="button" className={BUTTON} onClick={() => setOpen(false)}>{say`Good`}</button>
      )}
    </Line>
  );
}
