/** Troubles of a machine; the texts are in `shared/messages/troubles.ts`. */
import type { SewnWith } from '../catalogue/kinds'
import type { Id, Parameter } from '../catalogue/types'

export interface TroubleCause extends SewnWith {
  /** A key that closed cases count by. */
  key: string
  /** Left out: it is said by its parameter and direction. */
  text?: string
  /** What on the machine brings it about, where that can be seen. */
  parameter?: Parameter
  toward?: 'high' | 'low'
}

export interface Trouble extends SewnWith {
  id: Id
  name: string
  /** What people say. */
  words: string[]
  /** Ranked: the usual one first. */
  causes: TroubleCause[]
  /** Has a script of its own. */
  script?: 'jam'
}
