/** Reading the body of a request: bounded in bytes, in depth and in parts before anything is made of it. */
import express, { type RequestHandler } from 'express'
import { partsWithin, tooIntricate } from './intricate'
import { Problem } from './problems'
import type { RouteDefinition } from './route'

const USUAL_MEGABYTES = 1
/** What somebody without an account may send at once. */
const STRANGERS_MEGABYTES = 1 / 16

/** A file is taken whatever its sender calls it; the route looks into it. */
export const bodyReader = (definition: RouteDefinition): RequestHandler => {
  const megabytes = definition.megabytes ?? (definition.for === 'everyone' ? STRANGERS_MEGABYTES : USUAL_MEGABYTES)
  const limit = megabytes * 1024 * 1024
  if (definition.takes !== undefined) return express.raw({ type: () => true, limit })
  return express.json({
    limit,
    verify: (_request, _response, bytes) => {
      const fault = tooIntricate(bytes, partsWithin(megabytes))
      if (fault !== undefined) throw new Problem(413, fault)
    },
  })
}
