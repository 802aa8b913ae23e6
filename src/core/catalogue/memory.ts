/**
 * What is remembered of a catalogue, kept with its index and gone with it. Whoever remembers something bounds it, and
 * makes it by a function of a module, which is also its key.
 */
export class Memory {
  private readonly own = new Map<() => unknown, unknown>()
  private readonly shared: Map<() => unknown, unknown>

  /** `before`: of the catalogue that this one was made from by a change. */
  constructor(before?: Memory) {
    this.shared = before?.shared ?? new Map()
  }

  /** What holds for this catalogue alone. */
  of<Remembered>(make: () => Remembered): Remembered {
    return remembered(this.own, make)
  }

  /** What does not depend on the catalogue: it outlives changes. */
  lasting<Remembered>(make: () => Remembered): Remembered {
    return remembered(this.shared, make)
  }
}

const remembered = <Remembered>(kept: Map<() => unknown, unknown>, make: () => Remembered): Remembered => {
  if (!kept.has(make)) kept.set(make, make())
  return kept.get(make) as Remembered
}
