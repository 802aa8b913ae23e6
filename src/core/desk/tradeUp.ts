/** A customer's old machine against a new one, for what they sew: what works, what carries over, what to buy. */
import type { AnswerContext } from '../answer/explain'
import type { Reason } from '../answer/reasons'
import type { Verdict } from '../answer/types'
import { withContents } from '../catalogue/index'
import type { Id, Model } from '../catalogue/types'
import { decide } from '../coverage/decide'
import { carry, hadThings, type Carried } from '../translate/carry'

/** A technique that somebody was seen to sew, in a fabric, so often. */
export interface UsedTechnique {
  technique: Id
  fabric: Id
  times: number
}

export interface TradeUp {
  rows: (UsedTechnique & { from: Side; to: Side })[]
  /** What they have beside the machine, and what came with the old one. */
  items: Carried[]
  /** To do on the new machine all that can be done on it. */
  buy: Id[]
  /** Minor units; of what has a price. */
  cost: number
  unpriced: Id[]
  /** What works on the old machine and not on the new one. */
  lost: Id[]
}

interface Side {
  verdict: Verdict
  toGet: Id[]
  reason?: Reason | undefined
}

/** Most often first. `visits`: a technique with its fabric for each time it was sewn, taught or asked. */
export const usedIn = (visits: readonly { technique?: Id | undefined; fabric?: Id | undefined }[]): UsedTechnique[] => {
  const count = new Map<string, UsedTechnique>()
  for (const { technique, fabric } of visits) {
    if (technique === undefined || fabric === undefined) continue
    const known = count.get(`${technique} ${fabric}`) ?? { technique, fabric, times: 0 }
    count.set(`${technique} ${fabric}`, { ...known, times: known.times + 1 })
  }
  return [...count.values()].sort(
    (a, b) => b.times - a.times || a.technique.localeCompare(b.technique) || a.fabric.localeCompare(b.fabric),
  )
}

export const tradeUp = (
  answering: AnswerContext,
  from: Model,
  to: Model,
  owned: readonly Id[],
  used: readonly UsedTechnique[],
): TradeUp => {
  const { index } = answering
  const side = (model: Model, { technique, fabric }: UsedTechnique, has: readonly Id[]): Side => {
    const { verdict, toGet, reason } = decide(answering, { technique, fabric, model: model.id, owned: [...has] })
    return { verdict, toGet, reason }
  }
  /** What was bought for one technique serves the next. */
  const buy: Id[] = []
  const rows = used.map((one) => {
    const after = side(to, one, [...owned, ...buy])
    buy.push(...after.toGet.filter((id) => !buy.includes(id)))
    return { ...one, from: side(from, one, owned), to: side(to, one, owned) }
  })
  const prices = buy.map((id) => ({ id, price: index.items.get(id)?.price }))
  const works = ({ verdict }: Side) => verdict === 'ready' || verdict === 'otherRoute'
  return {
    rows,
    items: hadThings(index, withContents([...from.supplied, ...owned], index.items))
      .filter(({ what }) => what !== 'plate')
      .map((item) => carry(answering, item, to)),
    buy,
    cost: prices.reduce((sum, { price = 0 }) => sum + price, 0),
    unpriced: prices.flatMap(({ id, price }) => (price === undefined ? [id] : [])),
    lost: [
      ...new Set(
        rows.filter((row) => works(row.from) && row.to.verdict === 'notOnThisModel').map(({ technique }) => technique),
      ),
    ],
  }
}
