import { useNavigate } from 'react-router';
import { mutate } from 'swr';
import { api } from '../api/client';
import { TakeFile } from '../frame/TakeFile';
import { say } from '../language/say';

/** Bring an order in from its JSON file. */
export function ImportOrder() {
  const navigate = useNavigate();
  return (
    <TakeFile
      label={say`Order file`}
      name={say`Bring in an order file`}
      notJson={(name) => say`${name} is not JSON. Choose an order file that Rotula saved.`}
      schema={async () => (await import('./orderFile')).OrderFile}
      onTake={async ({ order: taken }) => {
        const order = await api.create(taken);
        await mutate('orders');
        void navigate(`/orders/${order.id}/pick`);
      }}
    />
  );
}
