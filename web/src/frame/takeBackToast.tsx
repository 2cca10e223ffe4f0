import toast from 'react-hot-toast';
import { say } from '../language/say';

/** Says what was deleted; a touch takes it back, under its own id and as it was. */
export function takeBackToast(says: string, takeBack: () => Promise<void>): void {
  const back = async (id: string) => {
    toast.dismiss(id);
    try {
      await takeBack();
    } catch (error) {
      toast.error(error instanceof Error ? error.message : String(error));
    }
  };
  toast(
    (t) => (
      <span className="flex items-center gap-4">
        {says}
        <button
          type="button"
          className="min-h-11 font-bold underline underline-offset-4"
          onClick={() => void back(t.id)}
        >{say`Take it back`}</button>
      </span>
    ),
    { duration: 12_000 },
  );
}
