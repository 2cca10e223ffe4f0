import { checkedDocument, faultWords } from '@rotula/core';
import { Upload } from 'lucide-react';
import { useRef } from 'react';
import toast from 'react-hot-toast';
import type { z } from 'zod';
import { Button } from '../ui/Button';
import { say } from '../language/say';

/** A button that takes a document out of a JSON file; what is wrong with the file is said, and nothing is taken. */
export function TakeFile<S extends z.ZodType>({
  label,
  name,
  notJson,
  schema,
  onTake,
}: {
  label: string;
  name: string;
  notJson: (file: string) => string;
  /** It comes when a file does: the page itself needs none. */
  schema: () => Promise<S>;
  onTake: (document: z.infer<S>) => Promise<void>;
}) {
  const input = useRef<HTMLInputElement>(null);
  const take = async (file: File) => {
    let data: unknown;
    try {
      data = JSON.parse(await file.text());
    } catch {
      toast.error(notJson(file.name));
      return;
    }
    const checked = checkedDocument<z.infer<S>>((await schema()) as z.ZodType<z.infer<S>>, data);
    if ('faults' in checked) {
      toast.error(say`${file.name} was not taken. ${faultWords(checked.faults[0], 'file')}`);
      return;
    }
    try {
      await onTake(checked.document);
    } catch (error) {
      toast.error(error instanceof Error ? error.message : String(error));
    }
  };
  return (
    <>
      <input
        ref={input}
        type="file"
        accept="application/json,.json"
        className="sr-only"
        tabIndex={-1}
        aria-label={label}
        onChange={(event) => {
          const file = event.target.files?.[0];
          event.target.value = '';
          if (file) void take(file);
        }}
      />
      <Button look="quiet" onClick={() => input.current?.click()}>
        <Upload size={18} /> {name}
      </Button>
    </>
  );
}
