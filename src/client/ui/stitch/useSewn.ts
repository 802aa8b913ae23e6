/** Stitches sewn in the background: one worker for all pictures of the page. */
import { onBeforeUnmount, shallowRef, watch, type ShallowRef } from 'vue'
import type { SewnStitch, StitchSpec } from '#core/stitch/types'
import type { SewReply, SewRequest } from './stitch.worker'

let worker: Worker | undefined
let tickets = 0
const waiting = new Map<number, (sewn: SewReply['sewn']) => void>()

const machine = (): Worker => {
  if (!worker) {
    worker = new Worker(new URL('./stitch.worker.ts', import.meta.url), { type: 'module' })
    worker.onmessage = ({ data: { ticket, sewn } }: MessageEvent<SewReply>) => {
      waiting.get(ticket)?.(sewn)
      waiting.delete(ticket)
    }
  }
  return worker
}

/** Follows the specs; what was asked before is forgotten. */
export const useSewn = (specs: () => (StitchSpec | undefined)[]): ShallowRef<(SewnStitch | undefined)[]> => {
  const sewn = shallowRef<(SewnStitch | undefined)[]>([])
  let last = 0
  watch(
    specs,
    (asked) => {
      waiting.delete(last)
      last = ++tickets
      waiting.set(last, (found) => (sewn.value = found))
      const request: SewRequest = { ticket: last, specs: asked }
      // Reactive wrappers cannot be sent.
      machine().postMessage(JSON.parse(JSON.stringify(request)))
    },
    { immediate: true },
  )
  onBeforeUnmount(() => waiting.delete(last))
  return sewn
}
