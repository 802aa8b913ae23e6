/** What ships as craft knowledge without any machine: kinds of stitches, threads, fabrics, techniques. */
import type { Bundle } from '#core/catalogue/types'

export const shippedLibrary = async (): Promise<Bundle> => {
  const { demoBundle } = await import('#demo/bundle')
  return { ...demoBundle(), makes: [], models: [], items: [], fits: [], samples: [] }
}
