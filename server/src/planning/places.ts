/** The queue is full. */
export class Full extends Error {}

/**
 * Places to work in and a queue before them, first come first served. (The pool's own queue loses its threads when a question is
 * withdrawn while another waits.)
 */
export class Places {
  private free: number;
  private readonly waiting: (() => void)[] = [];

  constructor(
    places: number,
    private readonly mostWaiting: number,
  ) {
    this.free = places;
  }

  /**
   * Resolves to what gives the place back, once there is one.
   * @throws Full when too many wait already; the signal's reason when it is withdrawn while it waits
   */
  take(withdrawn: AbortSignal): Promise<() => void> {
    if (withdrawn.aborted) return Promise.reject(withdrawn.reason as Error);
    if (this.free > 0) {
      this.free--;
      return Promise.resolve(() => this.giveBack());
    }
    if (this.waiting.length >= this.mostWaiting) return Promise.reject(new Full());
    return new Promise((resolve, reject) => {
      const leave = () => {
        this.waiting.splice(this.waiting.indexOf(mine), 1);
        reject(withdrawn.reason as Error);
      };
      const mine = () => {
        withdrawn.removeEventListener('abort', leave);
        resolve(() => this.giveBack());
      };
      withdrawn.addEventListener('abort', leave, { once: true });
      this.waiting.push(mine);
    });
  }

  private giveBack() {
    const next = this.waiting.shift();
    if (next) next();
    else this.free++;
  }
}
