/** Entries by each of their keys, in the order of the list. */
export const grouped = <T>(list: readonly T[], keysOf: (entry: T) => Iterable<string>): Map<string, T[]> => {
  const groups = new Map<string, T[]>()
  for (const entry of list) {
    for (const key of keysOf(entry)) {
      const group = groups.get(key)
      if (group) group.push(entry)
      else groups.set(key, [entry])
    }
  }
  return groups
}
