import TinyQueue from 'tinyqueue';
import type { Node } from './relax.js';

export type OpenNode = Node & { readonly pivot: number };

type Aged = { readonly node: OpenNode; readonly age: number };

/** Open nodes, the highest bound first; of equal bounds the fuller selection, then the older. */
export class NodeHeap {
  private age = 0;
  private readonly queue = new TinyQueue<Aged>(
    [],
    (a, b) => b.node.bound - a.node.bound || b.node.chosen.length - a.node.chosen.length || a.age - b.age,
  );

  push(node: OpenNode) {
    this.queue.push({ node, age: this.age++ });
  }

  pop(): OpenNode | null {
    return this.queue.pop()?.node ?? null;
  }
}
