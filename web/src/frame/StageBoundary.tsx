import { Component, type ReactNode } from 'react';
import { Button } from '../ui/Button';
import { say } from '../language/say';

/** The code of a screen that could not be had: the server is away, or was brought up to date since this page was opened. */
const IS_LOADING = /dynamically imported module|module script failed|Loading chunk|preload CSS/i;

const faultWords = (fault: unknown): string => {
  const message = fault instanceof Error ? fault.message : String(fault);
  return IS_LOADING.test(message)
    ? say`This screen could not be loaded: the server is away, or was brought up to date since this page was opened.`
    : message;
};

/** Catches what breaks in one screen, so that the others go on; `name` is the screen, and another one starts afresh. */
export class StageBoundary extends Component<
  { name: string; children: ReactNode },
  { fault: unknown; of: string }
> {
  override state = { fault: null as unknown, of: this.props.name };

  static getDerivedStateFromError(fault: unknown) {
    return { fault };
  }

  static getDerivedStateFromProps({ name }: { name: string }, state: { of: string }) {
    return name === state.of ? null : { fault: null, of: name };
  }

  override render() {
    const { fault } = this.state;
    if (fault === null) return this.props.children;
    return (
      <main className="max-w-xl p-10">
        <h1 className="mb-3 text-3xl">{say`This screen did not open`}</h1>
        <p className="mb-2" role="alert">
          {faultWords(fault)}
        </p>
        <p className="mb-6 text-ink-soft">{say`What you changed is kept, and saved when the server answers. The other stages work on.`}</p>
        <Button look="strong" onClick={() => window.location.reload()}>{say`Load the page anew`}</Button>
      </main>
    );
  }
}
