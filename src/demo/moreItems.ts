/** The rest of the shop's feet and accessories. */
import type { Id, Item } from '#core/catalogue/types'

type Rest = Partial<Omit<Item, 'id' | 'code' | 'name' | 'what'>>
const from = (where: string): Item['source'] => ({ evidence: 'book', where })
const foot =
  (make: Id, prefix: string, where: string, own: Rest) =>
  (code: string, name: string, functions: string[], rest: Rest = {}): Item => ({
    id: `${prefix}-${code.toLowerCase().replace(/[^a-z0-9]+/g, '')}`,
    make,
    code,
    name,
    what: 'foot',
    ...own,
    functions,
    source: from(where),
    ...rest,
  })

const lf = foot('larkfen', 'lf', 'feet list, p. 7', { attachment: 'snapOn' })
const os = foot('ostrel', 'os', 'accessory leaf, side 3', { attachment: 'snapOn' })
const dm = foot('dunmarrow', 'dm', 'booklet, p. 6', { attachment: 'own:bayonet' })
const tw = foot('tidewick', 'tw', 'parts page', { attachment: 'snapOn' })
const larkfen = (nn: string, ...rest: [string, string[], Rest?]): Item => ({
  ...lf(`LF·${nn}`, ...rest),
  id: `lf-${nn}`,
})

const centre = { kind: 'centre' as const, offset: 0 }
const STEADY: Item['motions'] = ['forward', 'forwardReverse']

export const moreFeet: Item[] = [
  larkfen('16', 'zip foot', ['zip'], { slot: { left: -3.6, right: 3.6 }, price: 1900 }),
  larkfen('17', 'invisible zip foot', ['zip.invisible'], { slot: 2.4, price: 2300 }),
  larkfen('18', 'piping foot', ['piping'], { slot: 7, price: 2400 }),
  larkfen('20', 'hemmer foot, 3 mm', ['hemmer'], { slot: 2.2, denies: ['zigzag'], price: 2600 }),
  larkfen('23', 'edge foot, adjustable', ['edgeGuide'], {
    slot: { left: -4.4, right: 2.6 },
    guide: { kind: 'adjustable', offset: 3 },
    price: 2900,
  }),
  larkfen('26', 'gathering foot', ['gathering'], { slot: 3, needs: { without: ['dualFeed'] }, price: 2500 }),
  larkfen('29', 'cording foot', ['cording'], { slot: 7, price: 2100 }),
  larkfen('30', 'free-motion foot, hopping', ['freeMotion'], {
    attachment: 'screwOn',
    shank: 'low',
    slot: 5,
    price: 3200,
  }),
  larkfen('32', 'quarter-inch foot with guide', ['quarterInch.guide', 'quarterInch'], {
    slot: 2,
    guide: { kind: 'right', offset: 6.35 },
    price: 2600,
  }),
  larkfen('33', 'quarter-inch foot, open sight', ['quarterInch'], { slot: 4.4, edge: { right: 6.35 }, price: 2400 }),
  larkfen('13', 'manual buttonhole foot', ['buttonhole.manual'], { slot: 7, price: 1900 }),
  larkfen('36', 'narrow straight foot', ['straight', 'narrow'], {
    slot: 2,
    needs: { plates: ['lf-plate-straight'] },
    price: 2200,
  }),
  larkfen('35', 'non-stick foot', ['standard', 'nonStick'], { slot: 8.2, sole: 'non-stick', price: 2700 }),
  os('K3', 'zip foot', ['zip'], { slot: { left: -4.4, right: 4.4 } }),
  os('K5', 'hemmer foot, 4 mm', ['hemmer'], { slot: 2.6, price: 2900 }),
  os('K7', 'free-motion foot, hovering', ['freeMotion'], {
    attachment: 'screwOn',
    shank: 'high',
    slot: 6,
    price: 3900,
  }),
  os('K8', 'quarter-inch foot with guide', ['quarterInch.guide', 'quarterInch'], {
    slot: 2.2,
    guide: { kind: 'right', offset: 6.35 },
    dualFeedCutOut: true,
    price: 3100,
  }),
  os('K10', 'open-toe foot', ['openToe', 'satin'], { slot: 10, dualFeedCutOut: true, price: 2800 }),
  os('K18', 'manual buttonhole foot', ['buttonhole.manual'], { slot: 8, price: 2300 }),
  os('K12', 'piping foot', ['piping'], { slot: 7, price: 2700 }),
  os('K13', 'gathering foot', ['gathering'], { slot: 3.2, needs: { without: ['dualFeed'] }, price: 2700 }),
  os('K14', 'invisible zip foot', ['zip.invisible'], { slot: 2.6, price: 2600 }),
  os('K16', 'edge foot', ['edgeGuide'], {
    slot: { left: -5.4, right: 3 },
    guide: { kind: 'right', offset: 4 },
    dualFeedCutOut: true,
    price: 3300,
  }),
  os('K20', 'walking foot, high shank', ['walking'], {
    attachment: 'screwOn',
    shank: 'high',
    slot: 8,
    motions: STEADY,
    maxSpeed: 600,
    needs: { without: ['dualFeed'] },
    price: 6900,
  }),
  dm('ZIP', 'zip foot', ['zip'], { slot: { left: -3.8, right: 3.8 } }),
  dm('HEM', 'hemmer foot', ['hemmer'], { slot: 2, price: 1600 }),
  dm('FRE', 'darning foot', ['freeMotion'], { slot: 5, price: 2200 }),
  dm('QTR', 'quarter-inch foot', ['quarterInch'], { slot: 3.6, edge: { right: 6.5 }, price: 1900 }),
  dm('OPN', 'open-toe foot', ['openToe', 'satin'], { slot: 6.4, price: 1800 }),
  dm('EDG', 'edge foot', ['edgeGuide'], {
    slot: { left: -3.2, right: 2 },
    guide: { kind: 'right', offset: 3 },
    price: 2000,
  }),
  dm('GAT', 'gathering foot', ['gathering'], { slot: 2.6, price: 1700 }),
  dm('BTN', 'button foot', ['buttonSew'], { slot: 6, price: 1500 }),
  tw('E', 'elastic foot', ['elastic'], { slot: 7, price: 2900 }),
  tw('P', 'piping foot', ['overlock.piping'], { slot: 7, price: 2600 }),
  tw('G', 'gathering foot', ['overlock.gathering'], { slot: 7, price: 2800 }),
  tw('Q', 'quarter-inch foot', ['quarterInch'], {
    attachment: 'screwOn',
    shank: 'low',
    slot: 2,
    edge: { right: 6.35 },
    price: 2400,
  }),
  tw('Z', 'zip foot', ['zip'], { attachment: 'screwOn', shank: 'low', slot: 2.4, price: 1900 }),
  {
    id: 'u-free',
    code: 'U·FREE',
    name: 'free-motion foot for low shanks',
    what: 'foot',
    attachment: 'screwOn',
    shank: 'low',
    functions: ['freeMotion'],
    slot: 6,
    price: 1800,
    source: from('package'),
  },
  {
    id: 'u-pipe',
    code: 'U·PIPE',
    name: 'piping foot, clips on',
    what: 'foot',
    attachment: 'snapOn',
    functions: ['piping'],
    slot: 6,
    price: 1300,
    source: from('package'),
  },
  {
    id: 'u-quarter',
    code: 'U·QUARTER',
    name: 'quarter-inch foot, clips on',
    what: 'foot',
    attachment: 'snapOn',
    functions: ['quarterInch.guide', 'quarterInch'],
    slot: 1.8,
    guide: { kind: 'right', offset: 6.35 },
    price: 1400,
    source: from('package'),
  },
  {
    id: 'u-ditch',
    code: 'U·DITCH',
    name: 'edge and ditch foot for low shanks',
    what: 'foot',
    attachment: 'screwOn',
    shank: 'low',
    functions: ['guide.centre', 'edgeGuide'],
    slot: 5,
    guide: centre,
    price: 1700,
    source: from('package'),
  },
]

const accessory = (
  id: string,
  code: string,
  name: string,
  functions: string[],
  price: number,
  rest: Rest = {},
): Item => ({ id, code, name, what: 'accessory', functions, price, source: from('package'), ...rest })

export const moreAccessories: Item[] = [
  accessory('lf-loose-case', 'LC·B', 'loose bobbin case', ['bobbinCase.loose'], 3600, {
    make: 'larkfen',
    forGroups: ['larkfen-7'],
  }),
  accessory('os-loose-case', 'KB', 'loose bobbin case', ['bobbinCase.loose'], 4200, {
    make: 'ostrel',
    forGroups: ['ostrel-wide', 'ostrel-narrow'],
  }),
  accessory('dm-loose-case', 'LBC', 'loose bobbin case', ['bobbinCase.loose'], 2600, {
    make: 'dunmarrow',
    forGroups: ['dunmarrow-front'],
  }),
  accessory('lf-circle', 'LC·R', 'circular attachment', ['circular'], 6400, {
    make: 'larkfen',
    circular: { minRadius: 25, maxRadius: 130, mountGroup: 'larkfen-bed', pivotSide: 'left' },
  }),
  accessory('os-circle', 'KR', 'circular attachment', ['circular'], 7900, {
    make: 'ostrel',
    circular: { minRadius: 30, maxRadius: 150, mountGroup: 'ostrel-bed', pivotSide: 'left' },
  }),
  accessory('tw-binder', 'T-B', 'binder for tape', ['binder'], 5200, {
    make: 'tidewick',
    forGroups: ['tidewick-cover-bed'],
  }),
  accessory('seam-guide', 'U·SEAM', 'seam guide, screws to the bed', ['seamGuide'], 900),
  accessory('hump-shim', 'U·SHIM', 'levelling shim', ['level'], 600),
  accessory('spare-pin', 'U·PIN', 'button shank pin', ['shankPin'], 300),
  accessory('tw-seam-lamp', 'T-L', 'seam lamp', ['lamp'], 1900, { make: 'tidewick' }),
]
