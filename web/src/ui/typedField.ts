import { inHand } from './inHand';
import { keeping } from './keeping';
import { leftBehind, tabId } from './tab';
import { asTyped } from './typing';

/** A field is taken into its document this long after the last key. */
const TEXT_RESTS_MS = 250;
/** A number or date is half written for longer. */
export const FIGURE_RESTS_MS = 500;

/** What was read of a text; null: nothing that could be stored. */
export type ReadTyped<V> = { readonly value: V } | null;

/** What a field asks of whoever shows it. */
export interface TypedFieldOptions<V> {
  /** Which field of this page it is: its label. */
  readonly label: string;
  /** What stands in it while nobody types. */
  readonly shown: string;
  readonly read: (text: string) => ReadTyped<V>;
  readonly onCommit: (value: V) => void;
  /** Milliseconds after the last key when it is taken; 'when left': only then, for what it does is done each time it is taken. */
  readonly rests?: number | 'when left';
  /** What cannot be read stays as it was typed, or goes back to what it was (and this is said). */
  readonly onRefused?: 'stays' | ((text: string) => void);
}

/** Visits to fields, counted, so that each has a name. */
let visits = 0;

/** What is kept of a field: what was typed, and what stood there before it. */
interface Kept {
  readonly text: string;
  readonly over: readonly string[];
}

function readKept(key: string): Kept | null {
  try {
    return JSON.parse(keeping.read(key) ?? 'null') as Kept | null;
  } catch {
    return null;
  }
}

/**
 * What was typed here before the page was left, by this tab or one that was closed; from now on it is this tab's. Where something else
 * stands in the document than it was typed over, the document is younger, and what was typed is forgotten.
 */
function leftTyped(prefix: string, own: string, shown: string): string | null {
  for (const key of [own, ...leftBehind(prefix)]) {
    const kept = readKept(key);
    const isFresh = kept?.over?.includes(shown) ?? false;
    if (key !== own || !isFresh) keeping.drop(key);
    if (!isFresh) continue;
    if (key !== own) keeping.write(own, JSON.stringify(kept));
    return kept!.text;
  }
  return null;
}

/**
 * What is typed into one field: kept by the browser from the first key on, taken into its document a moment after the last, when
 * the field or the page is left, and at Enter. What was typed when a page ended stands there again when it is opened.
 */
export class TypedField<V> {
  /** What stands in the field; null: nobody types. */
  draft: string | null;
  private readonly key: string;
  private readonly prefix: string;
  private taken: string | null = null;
  private visit = '';
  private timer: ReturnType<typeof setTimeout> | undefined;
  private show: (draft: string | null) => void = () => undefined;

  constructor(private options: TypedFieldOptions<V>) {
    this.prefix = `rotula.typed.${location.pathname}|${options.label}`;
    this.key = `${this.prefix}.${tabId()}`;
    this.draft = leftTyped(this.prefix, this.key, options.shown);
  }

  /** Whoever shows it asks anew with every draw. */
  update(options: TypedFieldOptions<V>, show: (draft: string | null) => void): void {
    this.options = options;
    this.show = show;
  }

  /** It is on the page. What was found when the page was opened goes where it was going. */
  begins(): void {
    if (this.draft === null) return;
    this.focus();
    inHand.take(this.key);
    this.wait();
  }

  /** It is on the page no more. */
  ends(): void {
    this.commitAsTyped();
    inHand.letGo(this.key);
  }

  /** A visit begins: all that it changes is one step for undo. */
  focus(): void {
    this.visit = `${this.prefix}#${++visits}`;
  }

  type(text: string): void {
    this.put(text);
    const over = [this.options.shown, ...(this.taken === null ? [] : [this.taken])];
    keeping.write(this.key, JSON.stringify({ text, over } satisfies Kept));
    inHand.take(this.key);
    this.wait();
  }

  /** Take what stands there into the document. False when it cannot be read. */
  commit(): boolean {
    clearTimeout(this.timer);
    const { draft, options } = this;
    if (draft === null || draft === this.taken) return true;
    const read = options.read(draft);
    if (!read) return false;
    this.taken = draft;
    if (draft !== options.shown) asTyped(this.visit, () => options.onCommit(read.value));
    this.letGo();
    return true;
  }

  /** The page may be going: what is taken as it is typed is taken now; the rest waits in the browser. */
  commitAsTyped(): void {
    clearTimeout(this.timer);
    if (this.options.rests !== 'when left') this.commit();
  }

  leave(): void {
    const { draft, options } = this;
    const refused = !this.commit();
    if (refused && options.onRefused === 'stays') return;
    if (refused && options.onRefused !== undefined) (options.onRefused as (text: string) => void)(draft!);
    this.giveUp();
  }

  /** Forget what was typed and not taken. */
  giveUp(): void {
    clearTimeout(this.timer);
    this.letGo();
    this.taken = null;
    this.put(null);
  }

  private put(draft: string | null): void {
    this.draft = draft;
    this.show(draft);
  }

  private letGo(): void {
    inHand.letGo(this.key);
    keeping.drop(this.key);
  }

  private wait(): void {
    clearTimeout(this.timer);
    const { rests = TEXT_RESTS_MS } = this.options;
    if (rests !== 'when left') this.timer = setTimeout(() => this.commit(), rests);
  }
}
