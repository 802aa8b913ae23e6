/** Reads a file of a table away from the page, so that the page goes on and the reading can be stopped. */
import {
  checkSize,
  prepareReading,
  readTableFile,
  UnreadableFile,
  type ReadFile,
  type ReadOptions,
} from '#shared/files/readFile'

export interface ReadRequest {
  file: Blob
  options: ReadOptions
}
export type ReadReply =
  | { is: 'reading' | 'understanding' }
  | { is: 'page'; done: number; of: number }
  | { is: 'done'; read: ReadFile }
  | { is: 'failed'; why: string }

const scope = self as unknown as {
  onmessage: (event: MessageEvent<ReadRequest>) => void
  postMessage: (reply: ReadReply) => void
}

scope.onmessage = async ({ data: { file, options } }) => {
  try {
    checkSize(file.size)
    scope.postMessage({ is: 'reading' })
    const bytes = new Uint8Array(await file.arrayBuffer())
    scope.postMessage({ is: 'understanding' })
    const read = await readTableFile(bytes, (encoding, fatal) => new TextDecoder(encoding, { fatal }), {
      ...options,
      progress: (done, of) => scope.postMessage({ is: 'page', done, of }),
    })
    scope.postMessage({ is: 'done', read })
  } catch (error) {
    scope.postMessage({
      is: 'failed',
      why: error instanceof UnreadableFile ? error.message : 'something in it could not be read',
    })
  }
}

void prepareReading()
