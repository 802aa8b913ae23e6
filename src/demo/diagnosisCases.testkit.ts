/** Calls with their true cause, written before the weights: what is off from the card, and what it was. */
import type { Parameter } from '#core/catalogue/types'

export interface DiagnosisCase {
  model: string
  technique: string
  fabric: string
  trouble: string
  /** Against what the card says, as the model counts inside. */
  off?: Partial<Record<Parameter, number>>
  /** Inside values that it stands at. */
  at?: Partial<Record<Parameter, number>>
  positions?: Record<string, string>
  /** Any of these keys is the true cause. */
  cause: string[]
}

const row = (
  where: string,
  trouble: string,
  off: DiagnosisCase['off'],
  cause: string,
  more: Partial<DiagnosisCase> = {},
): DiagnosisCase => {
  const [model = '', technique = '', fabric = ''] = where.split(' ')
  return { model, technique, fabric, trouble, ...(off ? { off } : {}), cause: cause.split('|'), ...more }
}

export const DIAGNOSIS_CASES: readonly DiagnosisCase[] = [
  row('plover-60 blind-hem wool-suiting', 'blind-hem.fold-missed', { width: -1.5 }, 'width.low'),
  row('plover-60 blind-hem wool-suiting', 'blind-hem.dots-long', { width: 1 }, 'width.high'),
  row('plover-60 blind-hem wool-suiting', 'blind-hem.dimples', { tension: 3, length: 0.6 }, 'tension.high'),
  row('plover-60 blind-hem cotton-shirting', 'puckers', { tension: 3 }, 'tension.high'),
  row('plover-60 overcast cotton-shirting', 'skips', { tension: 3, length: 0.5 }, 'tension.high'),
  row('plover-60 applique cotton-shirting', 'loops', { tension: -3, length: 0.4 }, 'tension.low'),
  row('plover-60 topstitched-hem denim', 'loops', { tension: -3, length: 1 }, 'tension.low'),
  row('plover-60 topstitched-hem cotton-shirting', 'loops-above', { tension: 3 }, 'tension.high'),
  row('plover-60 quarter-inch-seam cotton-shirting', 'no-feed', {}, 'feedDogs', { positions: { feedDogs: 'down' } }),
  row(
    'plover-60 quarter-inch-seam cotton-shirting',
    'quarter-inch-seam.full',
    { needlePosition: -1 },
    'needlePosition.low',
  ),
  row('halyard-9 topstitched-hem cotton-shirting', 'no-feed', undefined, 'length.low', { at: { length: 0.2 } }),
  row('halyard-9 centre-guide quilt-sandwich', 'needle-breaks', { needlePosition: 3 }, 'needlePosition'),
  row('halyard-9 overcast cotton-shirting', 'thread-breaks', { tension: 4 }, 'tension.high'),
  row('halyard-9 stretch-seam stretch-jersey', 'skips', {}, 'needle|needleKind', {
    positions: { needle: '80/universal' },
  }),
  row('halyard-9 overcast cotton-shirting', 'puckers', { tension: 3, length: 0.3 }, 'tension.high'),
  row('halyard-9 narrow-hem chiffon', 'puckers', { length: 1.5 }, 'length.high'),
  row('halyard-9 blind-hem wool-suiting', 'blind-hem.dots-long', { width: 0.8, tension: 0.25 }, 'width.high'),
  row('ketch blind-hem wool-suiting', 'blind-hem.fold-missed', { width: -1 }, 'width.low'),
  row('ketch topstitched-hem denim', 'loops', { tension: -3 }, 'tension.low'),
  row('ketch overcast cotton-shirting', 'puckers', { tension: 3, length: 0.5 }, 'tension.high'),
  row('ketch topstitched-hem cotton-shirting', 'no-feed', undefined, 'length.low', { at: { length: 0 } }),
  row('heron-200 buttonhole cotton-shirting', 'no-feed', {}, 'feedDogs', { positions: { feedDogs: 'down' } }),
  row('ketch topstitched-hem cotton-shirting', 'puckers', { tension: 3 }, 'tension.high'),
  row('ripple-s1 topstitched-hem cotton-shirting', 'puckers', { tension: 3 }, 'tension.high'),
  row('ripple-s1 topstitched-hem cotton-shirting', 'no-feed', undefined, 'length.low', { at: { length: 0 } }),
  row('ripple-s1 quarter-inch-seam cotton-shirting', 'skips', { tension: 3, length: 1 }, 'tension.high'),
  row('eddy-4 overlock-seam stretch-jersey', 'overlock-seam.wavy', { differential: -0.5 }, 'differential.low'),
  row(
    'eddy-4 overlock-seam stretch-jersey',
    'overlock-seam.loops-hang',
    { 'tension:upperLooper': -3 },
    'tension:upperLooper.low',
  ),
  row('eddy-4 rolled-edge chiffon', 'rolled-edge.whiskers', { length: 1 }, 'length.high'),
  row('eddy-4 rolled-edge chiffon', 'rolled-edge.flat', { 'tension:lowerLooper': -3 }, 'tension:lowerLooper.low'),
  row(
    'eddy-4 overlock-seam stretch-jersey',
    'overlock-seam.gapes',
    { 'tension:leftNeedle': -3, length: 0.4 },
    'tension:leftNeedle.low',
  ),
  row('eddy-4 overlock-seam stretch-jersey', 'skips', { 'tension:leftNeedle': 3 }, 'tension:leftNeedle.high'),
  row('shoal-3 cover-hem stretch-jersey', 'cover-hem.tunnel', { 'tension:chainLooper': 3 }, 'tension:chainLooper.high'),
  row('shoal-3 cover-hem stretch-jersey', 'cover-hem.wavy', { differential: -0.4 }, 'differential.low'),
  row('shoal-3 cover-hem stretch-jersey', 'cover-hem.wavy', { pressure: 2 }, 'pressure.high'),
  row('confluence-5 overlock-seam stretch-jersey', 'overlock-seam.wavy', { differential: -0.5 }, 'differential.low'),
  row('confluence-5 rolled-edge chiffon', 'rolled-edge.whiskers', { length: 1 }, 'length.high'),
  row('heron-200 bobbin-work quilt-sandwich', 'bobbin-work.bunches', { length: -1 }, 'length.low'),
  row('wren-24 topstitched-hem cotton-shirting', 'loops', { tension: -3, length: 0.5 }, 'tension.low'),
  row('plover-60 twin-needle-hem stretch-jersey', 'twin-needle-hem.tunnel', { tension: 2 }, 'tension.high'),
  row('dinghy overcast cotton-shirting', 'overcast.tunnel', { width: 1 }, 'width.high'),
  row('yawl overcast cotton-shirting', 'loops-above', { tension: 2, width: 0.5 }, 'tension.high'),
]

/** What somebody tells of foot, plate and values; whether the needle would hit. `slot`: of one that is not listed. */
export interface HazardCase {
  where: string
  at?: Partial<Record<Parameter, number>>
  positions?: Record<string, string>
  slots?: { foot?: number; plate?: number }
  hits: boolean
}

export const HAZARD_CASES: readonly HazardCase[] = [
  { where: 'plover-60 blind-hem wool-suiting', positions: { plate: 'lf-plate-straight' }, hits: true },
  { where: 'plover-60 overcast cotton-shirting', slots: { plate: 3 }, hits: true },
  { where: 'plover-60 overcast cotton-shirting', slots: { plate: 9 }, hits: false },
  { where: 'halyard-9 overcast cotton-shirting', slots: { plate: 1.6 }, hits: true },
  { where: 'halyard-9 centre-guide quilt-sandwich', at: { needlePosition: 2 }, slots: { plate: 1.6 }, hits: true },
  { where: 'halyard-9 centre-guide quilt-sandwich', at: { needlePosition: 0 }, slots: { plate: 2 }, hits: false },
  { where: 'ketch overcast cotton-shirting', slots: { plate: 1.2 }, hits: true },
  { where: 'ketch overcast cotton-shirting', slots: { foot: 2 }, hits: true },
  { where: 'ripple-s1 topstitched-hem cotton-shirting', slots: { plate: 2 }, hits: false },
  { where: 'dinghy overcast cotton-shirting', slots: { foot: 9, plate: 1.6 }, hits: true },
  { where: 'plover-60 twin-needle-hem stretch-jersey', slots: { plate: 1.6 }, hits: true },
  { where: 'wren-24 overcast cotton-shirting', positions: { plate: 'lf-plate-straight' }, hits: true },
]
