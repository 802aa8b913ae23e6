/** How long a request waits for the database before anything is done for it, and how many may wait at once. */
import { Unavailable } from './problems'

const MOST_MS = 5000
const MOST_WAITING = 500

export class Door {
  private waiting = 0

  constructor(
    private readonly ms = MOST_MS,
    private readonly most = MOST_WAITING,
  ) {}

  /** What `ask` gives. Throws `Unavailable` where it takes too long, and at once where too many wait already. */
  async within<Result>(ask: () => Promise<Result>): Promise<Result> {
    if (this.waiting >= this.most) throw new Unavailable()
    this.waiting++
    let bell: NodeJS.Timeout | undefined
    try {
      const late = new Promise<never>((_, refuse) => {
        bell = setTimeout(() => refuse(new Unavailable()), this.ms)
      })
      return await Promise.race([ask(), late])
    } finally {
      clearTimeout(bell)
      this.waiting--
    }
  }
}
