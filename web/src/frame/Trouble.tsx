import { Button } from '../ui/Button';
import { say } from '../language/say';

/** What is shown when something breaks: what happened, and that nothing is lost. */
export function Trouble({ error }: { error: unknown }) {
  return (
    <main className="mx-auto max-w-xl p-10">
      <h1 className="mb-3 text-3xl">{say`This did not work`}</h1>
      <p className="mb-2">{error instanceof Error ? error.message : say`Something went wrong here.`}</p>
      <p className="mb-6 text-ink-soft">{say`What you changed is kept in this browser and is saved when the page is back.`}</p>
      <Button look="strong" onClick={() => window.location.reload()}>{say`Try again`}</Button>
    </main>
  );
}
