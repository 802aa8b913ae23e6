/** A class and the rows it is kept in: its own, a row a seat, a row a loan. */
import { In, type EntityManager } from 'typeorm'
import { ClassWrite } from '#shared/api/classes'
import { ClassLoanRow, ClassSeatRow, CustomerRow, SewingClassRow } from '../../database/entities/index'
import { Invalid } from '../../http/problems'

type Seat = ClassWrite['seats'][number]

export interface StoredClass {
  id: string
  version: number
  content: ClassWrite
}

/** In the order in which `rows` come. */
export const withRows = async (manager: EntityManager, rows: readonly SewingClassRow[]): Promise<StoredClass[]> => {
  if (rows.length === 0) return []
  const of = In(rows.map(({ id }) => id))
  const [seats, loans] = await Promise.all([
    manager.find(ClassSeatRow, { where: { of }, order: { of: 'ASC', place: 'ASC' } }),
    manager.find(ClassLoanRow, { where: { of }, order: { of: 'ASC', place: 'ASC' } }),
  ])
  const [seatsOf, loansOf] = [byClass(seats), byClass(loans)]
  return rows.map(({ id, version, content }) => ({
    id,
    version,
    content: ClassWrite.parse({
      ...(content as object),
      seats: (seatsOf.get(id) ?? []).map(toSeat),
      loans: (loansOf.get(id) ?? []).map(toLoan),
    }),
  }))
}

const byClass = <Row extends { of: string }>(rows: readonly Row[]): Map<string, Row[]> => {
  const groups = new Map<string, Row[]>()
  for (const row of rows) groups.set(row.of, [...(groups.get(row.of) ?? []), row])
  return groups
}

/** Throws `Invalid` where somebody sits in it who is no customer. */
export const writeRows = async (
  manager: EntityManager,
  { id, version, content: { seats, loans, ...content } }: StoredClass,
  isNew: boolean,
): Promise<void> => {
  await checkSeats(manager, seats)
  const columns = { version, starts: content.starts, content }
  if (isNew) await manager.insert(SewingClassRow, { id, ...columns })
  else {
    await manager.update(SewingClassRow, { id }, columns)
    await manager.delete(ClassSeatRow, { of: id })
    await manager.delete(ClassLoanRow, { of: id })
  }
  if (seats.length > 0)
    await manager.insert(
      ClassSeatRow,
      seats.map((seat, place) => ({ of: id, place, ...seatColumns(seat) })),
    )
  if (loans.length > 0)
    await manager.insert(
      ClassLoanRow,
      loans.map(({ item = null, model = null, pieces }, place) => ({ of: id, place, item, model, pieces })),
    )
}

const checkSeats = async (manager: EntityManager, seats: readonly Seat[]): Promise<void> => {
  const ids = [...new Set(seats.flatMap(({ customer }) => customer ?? []))]
  if (ids.length === 0) return
  const known = new Set((await manager.findBy(CustomerRow, { id: In(ids) })).map(({ id }) => id))
  const issues = seats.flatMap(({ customer }, s) =>
    customer === undefined || known.has(customer)
      ? []
      : [{ path: ['seats', s, 'customer'], message: `there is no customer “${customer}”` }],
  )
  if (issues.length > 0) throw new Invalid('The class does not hold together.', issues)
}

const seatColumns = ({
  name,
  customer = null,
  model = null,
  ...content
}: Omit<Seat, 'customer' | 'model'> & {
  customer?: string | null | undefined
  model?: string | null | undefined
}) => ({ name, customer, model, content })

const toSeat = ({ name, customer, model, content }: ClassSeatRow): unknown => ({
  name,
  ...(customer === null ? {} : { customer }),
  ...(model === null ? {} : { model }),
  ...(content as object),
})

const toLoan = ({ item, model, pieces }: ClassLoanRow): unknown => ({
  ...(item === null ? {} : { item }),
  ...(model === null ? {} : { model }),
  pieces,
})
