import { Upload } from 'lucide-react';
import { useRef } from 'react';
import toast from 'react-hot-toast';
import { useNavigate } from 'react-router';
import { mutate } from 'swr';
import { api } from '../api/client';
import { Button } from '../ui/Button';
import { say } from '../language/say';

/** Bring an order in from its JSON file. */
export function ImportOrder() {
  const input = useRef<HTMLInputElement>(null);
  const navigate = useNavigate();
  const take = async (file: File) => {
    let data: unknown;
    try {
      data = JSON.parse(await file.text());
    } catch {
      toast.error(say`${file.name} is not JSON. Choose an order file that Rotula saved.`);
      return;
    }
    // The schema of an order comes when a file does: the book itself needs none.
    const { OrderFile } = await import('./orderFile');
    const parsed = OrderFile.safeParse(data);
    if (!parsed.success) {
      const issue = parsed.error.issues[0]!;
      toast.error(say`${file.name} was not taken. ${issue.path.join('.') || 'file'}: ${issue.message}`);
      return;
    }
    try {
      const order = await api.create(parsed.data.order);
      await mutate('orders');
      void navigate(`/orders/${order.id}/pick`);
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
        aria-label={say`Order file`}
        onChange={(e) => {
          const file = e.target.files?.[0];
          e.target.value = '';
          if (file) void take(file);
        }}
      />
      <Button look="quiet" onClick={() => input.current?.click()}>
        <Upload size={18} /> {say`Bring in an order file`}
      </Button>
    </>
  );
}
