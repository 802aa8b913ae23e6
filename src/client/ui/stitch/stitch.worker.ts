/** Sews away from the page: what comes in is a stitch told, what goes out is where its threads lie. */
import { sew } from '#core/stitch/sew'
import type { SewnStitch, StitchSpec } from '#core/stitch/types'

export interface SewRequest {
  ticket: number
  specs: (StitchSpec | undefined)[]
}
export interface SewReply {
  ticket: number
  sewn: (SewnStitch | undefined)[]
}

const scope = self as unknown as {
  onmessage: (event: MessageEvent<SewRequest>) => void
  postMessage: (reply: SewReply) => void
}

scope.onmessage = ({ data: { ticket, specs } }) => {
  scope.postMessage({ ticket, sewn: specs.map((spec) => spec && sew(spec)) })
}
