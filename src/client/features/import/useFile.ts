/** One file of a table: opened, read in the background, read again another way, stopped. */
import { computed, onBeforeUnmount, onMounted, ref, shallowRef } from 'vue'
import type { FileTable } from '#core/import/fileTable'
import { readPasted, type ReadFile, type ReadOptions } from '#shared/files/readFile'
import type { ReadReply, ReadRequest } from './read.worker'

/** No table takes this long; what does is stopped. */
const LONGEST_MS = 30_000

export const useFile = () => {
  const file = shallowRef<File>()
  const read = shallowRef<ReadFile>()
  const sheet = ref(0)
  const doing = ref('')
  const problem = ref('')
  let worker: Worker | undefined
  let timer: ReturnType<typeof setTimeout> | undefined

  /** One worker reads file after file; it is there, with what it needs loaded, before the first is chosen. */
  const reader = (): Worker => {
    worker ??= new Worker(new URL('./read.worker.ts', import.meta.url), { type: 'module' })
    return worker
  }
  const end = () => {
    clearTimeout(timer)
    doing.value = ''
  }
  /** Whatever it was doing, it does no more. */
  const kill = () => {
    worker?.terminate()
    worker = undefined
    end()
  }
  const fail = (why: string) => {
    end()
    read.value = undefined
    problem.value = `${file.value?.name} could not be read: ${why}. Nothing was changed.`
  }
  /** What comes no further for so long is stopped. */
  const wait = () => {
    clearTimeout(timer)
    timer = setTimeout(() => {
      kill()
      fail('it takes too long')
    }, LONGEST_MS)
  }
  const open = (next: File, options: ReadOptions = {}) => {
    if (doing.value !== '') kill()
    file.value = next
    read.value = undefined
    problem.value = ''
    doing.value = `Opening ${next.name} …`
    wait()
    const reading = reader()
    reading.onmessage = ({ data }: MessageEvent<ReadReply>) => {
      if (data.is === 'reading') doing.value = `Reading ${next.name} …`
      else if (data.is === 'understanding') doing.value = `Understanding ${next.name} …`
      else if (data.is === 'page') {
        doing.value = `Reading ${next.name}, page ${data.done} of ${data.of} …`
        wait()
      } else if (data.is === 'failed') fail(data.why)
      else if (data.is === 'done') {
        end()
        sheet.value = largest(data.read.tables)
        read.value = data.read
      }
    }
    reading.onerror = () => {
      kill()
      fail('something in it could not be read')
    }
    reading.postMessage({ file: next, options } satisfies ReadRequest)
  }
  const again = (options: ReadOptions) => {
    if (!file.value) return
    const { encoding, delimiter, pages } = read.value ?? {}
    open(file.value, { encoding, delimiter, ...(pages ? { pages: pages.asked } : {}), ...options })
  }
  /** A table from the clipboard. */
  const paste = (text: string) => {
    if (doing.value !== '') kill()
    problem.value = ''
    file.value = new File([text], 'what was pasted')
    sheet.value = 0
    try {
      read.value = readPasted(text)
    } catch (error) {
      fail((error as Error).message)
    }
  }
  const chooseSheet = (place: number) => {
    sheet.value = place
  }
  const stop = () => {
    kill()
    problem.value = `Stopped. Nothing of ${file.value?.name} was read, nothing was changed.`
  }
  onMounted(() => void reader())
  onBeforeUnmount(kill)

  const table = computed<FileTable | undefined>(() => read.value?.tables[sheet.value])
  return { file, read, table, sheet, doing, problem, open, paste, again, chooseSheet, stop }
}

export type OpenFile = ReturnType<typeof useFile>

/** The sheet with most in it is most likely the table. */
const largest = (tables: readonly FileTable[]): number => {
  const sizes = tables.map(({ cells }) => cells.reduce((sum, row) => sum + row.filter((cell) => cell !== '').length, 0))
  return sizes.indexOf(Math.max(...sizes))
}
