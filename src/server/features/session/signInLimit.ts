/** Guessing made slow: what went wrong at signing in is counted in the database, by account and address. */
import { setTimeout as pause } from 'node:timers/promises'
import { LessThan, LessThanOrEqual, MoreThan, type DataSource } from 'typeorm'
import { SignInFailureRow } from '../../database/entities/index'
import { Problem } from '../../http/problems'
import { digest } from '../../http/token'

const WINDOW_MS = 5 * 60_000
/** Of one account from one address: nobody mistypes more often. */
const MOST_OF_PAIR = 10
/** Of one address: a shop behind one address is many people, and never locked out by one of them. */
const MOST_OF_ADDRESS = 200
/** An account alone is only slowed, so that nobody is locked out from afar: ms for each failure
 * beyond those of one pair, and at most. */
const SLOWED_MS = 100
const SLOWEST_MS = 3000

export class TooManyTries extends Problem {
  constructor() {
    super(429, 'Too many tries. Please wait five minutes and try again.')
  }
}

export class SignInLimit {
  constructor(
    private readonly database: DataSource,
    private readonly now: () => Date,
    private readonly wait: (ms: number) => Promise<unknown> = pause,
  ) {}

  /**
   * A try of `enter`, counted before it is made, so that a hundred at once are a hundred. Throws `TooManyTries` without
   * making it; what went well is not counted, and forgives what went wrong before.
   */
  async guard<Result>(account: string, address: string, enter: () => Promise<Result>): Promise<Result> {
    const of = { account: digest(account), address: address.slice(0, 60) }
    const failures = this.database.getRepository(SignInFailureRow)
    const at = this.now()
    const since = new Date(at.getTime() - WINDOW_MS)
    await failures.delete({ at: LessThan(since) })
    const { id } = await failures.save({ ...of, at })
    const upTo = LessThanOrEqual(id)
    const [ofPair, ofAddress, ofAccount] = await Promise.all([
      failures.countBy({ ...of, at: MoreThan(since), id: upTo }),
      failures.countBy({ address: of.address, at: MoreThan(since), id: upTo }),
      failures.countBy({ account: of.account, at: MoreThan(since) }),
    ])
    if (ofPair > MOST_OF_PAIR || ofAddress > MOST_OF_ADDRESS) {
      await failures.delete({ id })
      throw new TooManyTries()
    }
    const beyond = ofAccount - MOST_OF_PAIR
    if (beyond > 0) await this.wait(Math.min(SLOWEST_MS, beyond * SLOWED_MS))
    const result = await enter()
    await failures.delete(of)
    return result
  }
}
