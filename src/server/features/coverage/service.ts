/** The coverage of the catalogue as it is now, kept between requests and moved along with each write. */
import { Coverage } from '#core/coverage/coverage'
import type { RowChange } from '#core/coverage/affected'
import { resourceList } from '#shared/api/resources'
import type { Snapshot } from '../catalogue/snapshot'

/** Beyond this many changed rows it is quicker to decide anew. */
const MOST_CHANGES = 500

export class CoverageService {
  private cached: { snapshot: Snapshot; coverage: Coverage } | undefined

  /** Whether it stands at this very snapshot. */
  isOf(snapshot: Snapshot): boolean {
    return this.cached?.snapshot.revision === snapshot.revision
  }

  at(snapshot: Snapshot): Coverage {
    if (!this.cached) this.cached = { snapshot, coverage: new Coverage(snapshot) }
    else if (this.cached.snapshot.revision !== snapshot.revision) {
      const changes = changesBetween(this.cached.snapshot, snapshot)
      this.cached.coverage.update(snapshot, changes.length > MOST_CHANGES ? undefined : changes)
      this.cached = { snapshot, coverage: this.cached.coverage }
    }
    return this.cached.coverage
  }
}

/** Rows whose version moved, appeared or went. */
const changesBetween = (before: Snapshot, after: Snapshot): RowChange[] =>
  resourceList.flatMap((resource) => {
    const [was, is] = [before.rows[resource], after.rows[resource]]
    if (was === is) return []
    const changes: RowChange[] = []
    for (const [key, stored] of is) {
      const old = was.get(key)
      if (old?.version !== stored.version) changes.push({ row: stored.key, before: old?.value, after: stored.value })
    }
    for (const [key, old] of was) if (!is.has(key)) changes.push({ row: old.key, before: old.value, after: undefined })
    return changes
  })
