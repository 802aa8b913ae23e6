/** Controls as they are drawn in an outline, about their middle. */
import type { ControlShape } from '../catalogue/types'

export const SHAPE_LINES: Record<ControlShape, string> = {
  lever: 'M-3 8v-18q0-3 3-3t3 3v18z',
  dial: 'M-9 0a9 9 0 1 0 18 0a9 9 0 1 0-18 0M0 0v-9',
  knob: 'M-7 0a7 7 0 1 0 14 0a7 7 0 1 0-14 0',
  key: 'M-8-6h16v12h-16z',
  wheel: 'M-6-14h12v28h-12zM-6-7h12M-6 0h12M-6 7h12',
  slot: 'M-11-3.5h22v7h-22z',
  screen: 'M-16-11h32v22h-32z',
  screw: 'M-6 0a6 6 0 1 0 12 0a6 6 0 1 0-12 0M-4-4l8 8',
}
