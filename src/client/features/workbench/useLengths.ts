/** Whether somebody reads lengths of fabric in millimetres or in inches first; both are always told. */
import { useLocalStorage } from '@vueuse/core'

export const LENGTHS = ['mm', 'inches'] as const
export type Lengths = (typeof LENGTHS)[number]

/** One for the whole page, kept in this browser. */
export const useLengths = () => ({ lengths: useLocalStorage<Lengths>('handhold-lengths', 'mm') })
