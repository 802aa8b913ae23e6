/** What the catalogue is made of, in one list: the word in the address, the key in the bundle, the schema of a row. */
import { z } from 'zod'
import {
  Fabric,
  FitStatement,
  Item,
  Make,
  ModelHead,
  Sample,
  Stitch,
  StitchFunction,
  Technique,
  Thread,
} from './catalogue'

export const resources = {
  makes: { one: 'make', schema: Make },
  functions: { one: 'stitch function', schema: StitchFunction },
  threads: { one: 'thread', schema: Thread },
  models: { one: 'model', schema: ModelHead },
  stitches: { one: 'stitch', schema: Stitch },
  items: { one: 'item', schema: Item },
  fits: { one: 'fit statement', schema: FitStatement },
  fabrics: { one: 'fabric', schema: Fabric },
  techniques: { one: 'technique', schema: Technique },
  samples: { one: 'sample', schema: Sample },
} as const

export type Resource = keyof typeof resources
export const resourceList = Object.keys(resources) as Resource[]
export const Resource = z.enum(resourceList as [Resource, ...Resource[]])
