import type { CatalogueIndex } from '../../catalogue/index'
import type { FitStatement, Id, Item, Model } from '../../catalogue/types'
import type { Reason, StatementScope } from '../reasons'

export interface StatementDecision {
  fits: boolean
  evidence: 'book' | 'bench'
  /** Where it fits: every chain that a deciding statement names. */
  chains: Id[][]
  reasons: Reason[]
}

interface Statement {
  id: Id
  fits: boolean
  chain: Id[]
  evidence: 'book' | 'bench'
  about: StatementScope
  where: string
}

/**
 * Bench over book, then about the model over about a group; among equals that disagree "does not fit" wins.
 * Undefined where nothing is stated. `supplied` holds what comes with the model, packs opened.
 */
export const decideByStatements = (
  index: CatalogueIndex,
  item: Item,
  model: Model,
  supplied: ReadonlySet<Id>,
): StatementDecision | undefined => {
  const statements = [...writtenStatements(index, item, model), ...impliedStatements(item, model, supplied)]
  if (statements.length === 0) return undefined
  const { deciding, fits, highest } = deciders(statements)
  const spokesman = deciding.find((statement) => statement.fits === fits) as Statement
  const { evidence, about, where } = spokesman
  const reasons: Reason[] = [{ code: fits ? 'fitStated' : 'doesNotFitStated', item: item.id, evidence, about, where }]
  if (!fits && deciding.some((statement) => statement.fits)) {
    reasons.push({ code: 'fitConflict', item: item.id, statements: deciding.map(({ id }) => id) })
  }
  const overruled = statements.filter((statement) => standing(statement) < highest && statement.fits !== fits)
  if (overruled.length > 0) {
    reasons.push({ code: 'fitOverruled', item: item.id, statements: overruled.map(({ id }) => id) })
  }
  return { fits, evidence, chains: fits ? deciding.map(({ chain }) => chain) : [], reasons }
}

export type Standing = 'decides' | 'agrees' | 'overruled' | 'contested'

/** Every statement about an item on a model, written or implied, strongest first, with what it counts for. */
export const weighedStatements = (index: CatalogueIndex, item: Item, model: Model, supplied: ReadonlySet<Id>) => {
  const statements = [...writtenStatements(index, item, model), ...impliedStatements(item, model, supplied)]
  const { deciding, fits } = deciders(statements)
  const contested = deciding.some((statement) => statement.fits !== deciding[0]?.fits)
  return statements
    .sort((a, b) => standing(b) - standing(a))
    .map((statement) => {
      const own: Standing = contested ? 'contested' : 'decides'
      const below: Standing = statement.fits === fits ? 'agrees' : 'overruled'
      return { ...statement, standing: deciding.includes(statement) ? own : below }
    })
}

/** The strongest statements, and what they come to: among equals that disagree "does not fit" wins. */
const deciders = (statements: readonly Statement[]): { deciding: Statement[]; fits: boolean; highest: number } => {
  const highest = Math.max(...statements.map(standing))
  const deciding = statements.filter((statement) => standing(statement) === highest)
  return { deciding, fits: deciding.every((statement) => statement.fits), highest }
}

const standing = ({ evidence, about }: Statement): number =>
  (evidence === 'bench' ? 2 : 0) + (about === 'model' || about === 'supplied' ? 1 : 0)

const writtenStatements = (index: CatalogueIndex, item: Item, model: Model): Statement[] =>
  (index.statements.get(item.id) ?? [])
    .filter((statement) => speaksOf(statement, model))
    .map(({ id, fits, chain, evidence, where, model: about }) => ({
      id,
      fits,
      chain: chain ?? [],
      evidence,
      about: about === undefined ? ('group' as const) : ('model' as const),
      where,
    }))

const speaksOf = (statement: FitStatement, model: Model): boolean =>
  statement.model !== undefined
    ? statement.model === model.id
    : statement.group !== undefined && (model.groups ?? []).includes(statement.group)

/** Being supplied, and a family member's groups, are statements by the book. */
const impliedStatements = (item: Item, model: Model, supplied: ReadonlySet<Id>): Statement[] => {
  const implied: Statement[] = []
  const byBook = { chain: [], evidence: 'book' as const }
  if (supplied.has(item.id)) {
    implied.push({ ...byBook, id: `supplied:${model.id}`, fits: true, about: 'supplied', where: model.id })
  }
  if (item.forGroups) {
    const fits = item.forGroups.some((group) => (model.groups ?? []).includes(group))
    implied.push({ ...byBook, id: `forGroups:${item.id}`, fits, about: 'forGroups', where: item.forGroups.join(', ') })
  }
  return implied
}
