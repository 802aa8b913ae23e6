/** A gap in words, and where it is closed. */
import type { Gap } from '#core/coverage/gaps'
import type { Speech } from '#shared/messages/en'
import { settleText } from '#shared/messages/fit'

type Query = Record<string, unknown>

export const gapText = ({ closer }: Pick<Gap, 'closer'>, say: Speech): string =>
  closer.closes === 'buy'
    ? `Get ${say.item(closer.item)}`
    : closer.closes === 'chart'
      ? `Read a stitch chart of ${say.model(closer.model)}`
      : settleText(closer.fact, say)

export const gapPlace = <Picks extends Query>({ closer }: Pick<Gap, 'closer'>, query: Picks) =>
  closer.closes === 'buy'
    ? { path: '/shelf/fit', query: { ...query, m: undefined, item: closer.item } }
    : closer.closes === 'chart'
      ? { path: `/shelf/models/${closer.model}/chart`, query }
      : closer.fact.of === 'model'
        ? { path: `/shelf/models/${closer.fact.id}`, query }
        : { path: '/shelf/fit', query: { ...query, item: closer.fact.id } }

export const techniquesOnMachines = (count: number): string =>
  count === 1 ? 'a technique on a machine' : `${count} techniques on machines`

export const gapCounts = ({ cells, partly, machines, seats }: Gap): string =>
  [
    cells.length > 0 && techniquesOnMachines(cells.length),
    partly > 0 && `part of ${partly} more`,
    machines > 0 && (machines === 1 ? '1 customer’s machine' : `${machines} customers’ machines`),
    seats > 0 && `${seats} booked ${seats === 1 ? 'seat' : 'seats'}`,
  ]
    .filter(Boolean)
    .join(', ')
