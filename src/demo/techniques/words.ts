import type { Kind } from '#core/catalogue/types'

export const SEWING_MACHINES: Kind[] = ['mechanical', 'computerised', 'straightStitch']
export const ZIGZAG_MACHINES: Kind[] = ['mechanical', 'computerised']
