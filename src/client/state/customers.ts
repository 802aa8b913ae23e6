/** What views need of the shop's customers, without all of them. */
import { get } from '../api/client'

/** As many as one address takes. */
const AT_ONCE = 200

/** What is said of each by id: their name, or that they are not kept any more. */
export const customerNames = async (ids: Iterable<string | undefined>): Promise<Map<string, string>> => {
  const asked = [...new Set([...ids].filter((id) => id !== undefined))]
  const parts = Array.from({ length: Math.ceil(asked.length / AT_ONCE) }, (_, i) =>
    asked.slice(i * AT_ONCE, (i + 1) * AT_ONCE),
  )
  const pages = await Promise.all(
    parts.map((part) => get('/api/customers', { ids: part.join(','), most: String(AT_ONCE) })),
  )
  const found = new Map(pages.flatMap(({ rows }) => rows.map(({ customer: { id, name } }) => [id, name] as const)))
  return new Map(asked.map((id) => [id, found.get(id) ?? 'a caller who is not kept any more']))
}
