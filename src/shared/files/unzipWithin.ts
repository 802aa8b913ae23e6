/** Counts what a zip file unpacks to, without keeping it, and gives up where it is more than a table can be. */
import { Unzip, UnzipInflate } from 'fflate'

export interface ZipLimits {
  /** Bytes of all entries together, unpacked. */
  bytes: number
  entries: number
}

export class ZipTooLarge extends Error {}

/**
 * The unpacked size in bytes. Throws `ZipTooLarge` as soon as a limit is passed, whatever the file says of itself, and
 * what a watch throws: it is shown each part's text, as ASCII, while it is unpacked.
 */
export const unzippedSize = (
  bytes: Uint8Array,
  limits: ZipLimits,
  watchOf: (part: string) => (text: string) => void = () => () => undefined,
): number => {
  let size = 0
  let entries = 0
  let failed: Error | undefined
  const ascii = new TextDecoder('latin1')
  const unzip = new Unzip((file) => {
    entries++
    if (entries > limits.entries) failed ??= new ZipTooLarge(`it packs more than ${limits.entries} files`)
    const watch = watchOf(file.name)
    file.ondata = (error, chunk) => {
      if (error) failed ??= error
      if (failed) return
      try {
        watch(ascii.decode(chunk))
      } catch (thrown) {
        failed = thrown as Error
        file.terminate()
      }
      size += chunk?.length ?? 0
      if (size > limits.bytes) {
        failed ??= new ZipTooLarge(`it unpacks to more than ${Math.round(limits.bytes / 1024 / 1024)} MB`)
        file.terminate()
      }
    }
    if (!failed) file.start()
  })
  unzip.register(UnzipInflate)
  const CHUNK = 64 * 1024
  for (let from = 0; from < bytes.length && !failed; from += CHUNK) {
    unzip.push(bytes.subarray(from, from + CHUNK), from + CHUNK >= bytes.length)
  }
  if (failed) throw failed
  return size
}
