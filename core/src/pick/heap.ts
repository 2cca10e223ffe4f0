import type { Node } from './relax.js';

export type OpenNode = Node & { readonly pivot: number };

/** Open nodes, the highest bound first; of equal bounds the fuller selection, then the older. */
export class NodeHeap {
  private readonly items: { node: OpenNode; age: number }[] = [];
  private age = 0;

  push(node: OpenNode) {
    const { items } = this;
    items.push({ node, age: this.age++ });
    for (let i = items.length - 1; i > 0;) {
      const up = (i - 1) >> 1;
      if (!this.before(i, up)) break;
      [items[i], items[up]] = [items[up]!, items[i]!];
      i = up;
    }
  }

  pop(): OpenNode | null {
    const { items } = this;
    const top = items[0];
    const last = items.pop();
    if (!top || !last) return null;
    if (items.length > 0) {
      items[0] = last;
      for (let i = 0; ;) {
        const [l, r] = [2 * i + 1, 2 * i + 2];
        let first = i;
        if (l < items.length && this.before(l, first)) first = l;
        if (r < items.length && this.before(r, first)) first = r;
        if (first === i) break;
        [items[i], items[first]] = [items[first]!, items[i]!];
        i = first;
      }
    }
    return top.node;
  }

  private before(a: number, b: number): boolean {
    const [x, y] = [this.items[a]!, this.items[b]!];
    return (
      x.node.bound > y.node.bound ||
      (x.node.bound === y.node.bound &&
        (x.node.chosen.length > y.node.chosen.length ||
          (x.node.chosen.length === y.node.chosen.length && x.age < y.age)))
    );
  }
}
