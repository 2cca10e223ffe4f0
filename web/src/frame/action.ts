/** Something that can be done from the find box. */
export interface Action {
  readonly name: string;
  readonly does: () => void;
}
