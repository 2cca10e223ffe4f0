import { counterFile, tableOf, type Good } from '@rotula/core';
import { useState } from 'react';
import { Button } from '../ui/Button';
import { Choice } from '../ui/Choice';
import { count } from '../ui/format';
import { Sheet } from '../ui/Sheet';
import { say } from '../language/say';

/** Give the browser a file to keep. */
function keep(text: string, name: string, type: string) {
  const url = URL.createObjectURL(new Blob([text], { type }));
  const link = document.createElement('a');
  link.href = url;
  link.download = name;
  link.click();
  setTimeout(() => URL.revokeObjectURL(url), 10_000);
}

/** The counter as an open format that comes back without loss. */
export default function ExportSheet({
  goods,
  all,
  onClose,
}: {
  goods: readonly Good[];
  all: readonly Good[];
  onClose: () => void;
}) {
  const [which, setWhich] = useState<'all' | 'shown'>('all');
  const chosen = which === 'all' ? all : goods;
  const csv = async () => {
    const { default: Papa } = await import('papaparse');
    // A mark in front says to spreadsheets that the text is UTF-8.
    keep(`\uFEFF${Papa.unparse(tableOf(chosen))}`, 'rotula-counter.csv', 'text/csv;charset=utf-8');
    onClose();
  };
  const json = () => {
    keep(JSON.stringify(counterFile(chosen), null, 1), 'rotula-counter.json', 'application/json');
    onClose();
  };
  return (
    <Sheet title={say`Give the counter out`} open onClose={onClose}>
      <Choice
        label={say`Which goods`}
        className="mb-4 grid-cols-2"
        value={which}
        options={[
          { value: 'all', label: say`All ${count(all.length, 'good')}` },
          { value: 'shown', label: say`The ${count(goods.length, 'good')} shown` },
        ]}
        onChange={setWhich}
      />
      <p className="mb-4 text-ink-soft">{say`Both come back as they went. In the table a row is a good and each of its lots has a row of its own; a cell that a spreadsheet would run gets an apostrophe in front, which is taken off again on the way in.`}</p>
      <div className="flex gap-3">
        <Button look="strong" onClick={() => void csv()}>{say`CSV, for a spreadsheet`}</Button>
        <Button onClick={json}>{say`JSON, for another program`}</Button>
      </div>
    </Sheet>
  );
}
