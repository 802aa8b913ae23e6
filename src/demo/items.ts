import type { FitStatement, Id, Item } from '#core/catalogue/types'
import { moreAccessories, moreFeet } from './moreItems'

type Rest = Partial<Omit<Item, 'id' | 'code' | 'name' | 'what'>>

const book = (where: string): Item['source'] => ({ evidence: 'book', where })

const larkfen = (nn: string, name: string, rest: Rest): Item => ({
  id: `lf-${nn}`,
  make: 'larkfen',
  code: `LF·${nn}`,
  name,
  what: 'foot',
  attachment: 'snapOn',
  source: book('feet list, p. 6'),
  ...rest,
})

const ostrel = (code: string, name: string, rest: Rest): Item => ({
  id: `os-${code.toLowerCase()}`,
  make: 'ostrel',
  code,
  name,
  what: 'foot',
  attachment: 'snapOn',
  source: book('accessory leaf, side 2'),
  ...rest,
})

const dunmarrow = (code: string, name: string, rest: Rest): Item => ({
  id: `dm-${code.toLowerCase()}`,
  make: 'dunmarrow',
  code,
  name,
  what: 'foot',
  attachment: 'own:bayonet',
  source: book('booklet, p. 4'),
  ...rest,
})

const tidewick = (code: string, name: string, rest: Rest): Item => ({
  id: `tw-${code.toLowerCase()}`,
  make: 'tidewick',
  code,
  name,
  what: 'foot',
  attachment: 'snapOn',
  source: book('parts page'),
  ...rest,
})

const STEADY: Item['motions'] = ['forward', 'forwardReverse']

const feet: Item[] = [
  larkfen('01', 'standard foot', { functions: ['standard'], slot: 8.4, sole: 'metal' }),
  larkfen('05', 'overcasting foot', {
    functions: ['overcastGuide'],
    slot: 8,
    minWidth: 4,
    denies: ['straight'],
    guide: { kind: 'right', offset: 3 },
  }),
  larkfen('07', 'blind hem foot', {
    functions: ['blindHem', 'edgeGuide'],
    slot: { left: -4.2, right: 2 },
    guide: { kind: 'left', offset: -2 },
  }),
  larkfen('12', 'one-step buttonhole foot', { functions: ['buttonhole.sensor'], slot: 7, maxButton: 25, overrun: 1 }),
  larkfen('14', 'button foot', { functions: ['buttonSew'], slot: 7.6, sole: 'grips' }),
  larkfen('22', 'centre guide foot', {
    functions: ['guide.centre'],
    slot: 5.5,
    guide: { kind: 'centre', offset: 0 },
    price: 2900,
  }),
  larkfen('28', 'open-toe satin foot', { functions: ['openToe', 'satin'], slot: 8, sole: 'metal', price: 2200 }),
  larkfen('40', 'walking foot', {
    functions: ['walking'],
    attachment: 'screwOn',
    shank: 'low',
    slot: 7,
    motions: STEADY,
    maxSpeed: 600,
    needs: { without: ['dualFeed'] },
    price: 5900,
  }),
  ostrel('K1', 'standard foot', { functions: ['standard'], slot: 10.4, dualFeedCutOut: true }),
  ostrel('K2', 'overcasting foot', {
    functions: ['overcastGuide'],
    slot: 9,
    minWidth: 4.5,
    denies: ['straight'],
    guide: { kind: 'right', offset: 3.2 },
  }),
  ostrel('K4', 'blind hem foot', {
    functions: ['blindHem'],
    slot: { left: -4.2, right: 2 },
    guide: { kind: 'left', offset: -2 },
    family: 'os-blind-hem',
    forGroups: ['ostrel-narrow'],
    price: 2600,
  }),
  ostrel('K4w', 'blind hem foot, wide', {
    functions: ['blindHem', 'edgeGuide'],
    slot: { left: -5, right: 3 },
    guide: { kind: 'adjustable', offset: -2, range: { from: -4.5, to: -1 }, turn: 0.5 },
    family: 'os-blind-hem',
    forGroups: ['ostrel-wide'],
    price: 3100,
  }),
  ostrel('K6', 'sensor buttonhole foot', {
    functions: ['buttonhole.sensor'],
    slot: 8,
    maxButton: 30,
    needs: { features: ['buttonSensor'] },
  }),
  ostrel('K9', 'button foot', { functions: ['buttonSew'], slot: 8, price: 1900 }),
  ostrel('K11', 'ditch foot', {
    functions: ['guide.centre'],
    slot: 6,
    guide: { kind: 'centre', offset: 0 },
    dualFeedCutOut: true,
    price: 3400,
  }),
  dunmarrow('STD', 'standard foot', { functions: ['standard'], slot: 6.6 }),
  dunmarrow('BLH', 'blind hem foot', {
    functions: ['blindHem'],
    slot: { left: -3.6, right: 2 },
    guide: { kind: 'left', offset: -2 },
  }),
  dunmarrow('BHF', 'sliding buttonhole foot', { functions: ['buttonhole.manual'], slot: 6, maxButton: 27 }),
  dunmarrow('BHL', 'buttonhole foot with a lever', {
    functions: ['buttonhole.lever'],
    slot: 6,
    maxButton: 25,
  }),
  dunmarrow('OVC', 'overcasting foot', {
    functions: ['overcastGuide'],
    slot: 6,
    minWidth: 4,
    denies: ['straight'],
    price: 1800,
  }),
  tidewick('S', 'straight-stitch foot', {
    functions: ['standard', 'straight'],
    slot: 2.4,
    attachment: 'screwOn',
    shank: 'low',
  }),
  tidewick('A', 'overlock foot', { functions: ['standard', 'overlock'], slot: 7 }),
  tidewick('H', 'overlock hem foot', {
    functions: ['overlockHem'],
    slot: 7,
    guide: { kind: 'adjustable', offset: -3, range: { from: -6, to: -1 } },
    price: 2700,
  }),
  tidewick('C', 'cover foot', { functions: ['standard', 'cover'], slot: 8.4 }),
  tidewick('X', 'transparent cover foot', {
    functions: ['cover', 'cover.transparent'],
    slot: 8.4,
    sole: 'transparent',
    price: 3300,
  }),
  {
    id: 'walk-universal',
    code: 'U·WALK',
    name: 'walking foot for low shanks',
    what: 'foot',
    attachment: 'screwOn',
    shank: 'low',
    functions: ['walking'],
    slot: 7,
    motions: STEADY,
    maxSpeed: 600,
    needs: { without: ['dualFeed'] },
    price: 3900,
    source: book('package'),
  },
  {
    id: 'centre-universal',
    code: 'U·CENTRE',
    name: 'centre guide foot, clips on',
    what: 'foot',
    attachment: 'snapOn',
    functions: ['guide.centre'],
    slot: 5,
    guide: { kind: 'centre', offset: 0 },
    price: 1500,
    source: book('package'),
  },
]

const adapters: Item[] = [
  {
    id: 'adapter-high-low',
    code: 'U·HL',
    name: 'high-to-low shank adapter',
    what: 'adapter',
    turns: { from: { shank: 'high', attachment: 'screwOn' }, to: { shank: 'low', attachment: 'screwOn' } },
    price: 1400,
    source: book('package'),
  },
  {
    id: 'bayonet-to-low',
    make: 'dunmarrow',
    code: 'ADL',
    name: 'bayonet to low-shank adapter',
    what: 'adapter',
    turns: { from: { attachment: 'own:bayonet' }, to: { shank: 'low', attachment: 'screwOn' } },
    price: 2100,
    source: book('booklet, p. 5'),
  },
  {
    id: 'snap-ankle-low',
    code: 'U·ANKLE',
    name: 'snap-on ankle for low shanks',
    what: 'ankle',
    turns: { from: { shank: 'low', attachment: 'screwOn' }, to: { attachment: 'snapOn' } },
    price: 900,
    source: book('package'),
  },
]

const plate = (id: string, make: Id, code: string, name: string, slot: number, price?: number): Item => ({
  id,
  make,
  code,
  name,
  what: 'plate',
  slot,
  ...(price === undefined ? {} : { price }),
  source: book('specifications'),
})

const plates: Item[] = [
  plate('lf-plate-zigzag', 'larkfen', 'LP·1', 'zigzag needle plate', 8.6),
  plate('lf-plate-straight', 'larkfen', 'LP·2', 'straight needle plate', 1.6, 2800),
  plate('os-plate-9', 'ostrel', 'P9', 'zigzag needle plate', 10.8),
  plate('dm-plate', 'dunmarrow', 'NPL', 'needle plate', 7),
  plate('dm-plate-6', 'dunmarrow', 'NPW', 'needle plate, wide', 7.6),
  plate('tw-plate-straight', 'tidewick', 'T-P1', 'straight needle plate', 1.6),
  plate('tw-plate-overlock', 'tidewick', 'T-P4', 'overlock needle plate', 7.6),
  plate('tw-plate-cover', 'tidewick', 'T-P3', 'cover needle plate', 8.8),
  plate('tw-plate-both', 'tidewick', 'T-P5', 'overlock and cover needle plate', 8.8),
]

const accessories: Item[] = [
  {
    id: 'dm-darning-cover',
    make: 'dunmarrow',
    code: 'DCV',
    name: 'feed dog cover plate',
    what: 'plate',
    brings: ['feedDogsDown'],
    price: 800,
    source: book('booklet, p. 5'),
  },
  {
    id: 'tw-hem-guide',
    make: 'tidewick',
    code: 'T-G',
    name: 'hem guide for the cover bed',
    what: 'accessory',
    functions: ['hemGuide'],
    price: 2400,
    source: book('parts page'),
  },
]

export const items: Item[] = [...feet, ...adapters, ...plates, ...accessories, ...moreFeet, ...moreAccessories]

export const fits: FitStatement[] = [
  {
    id: 'fit-u-centre-plover',
    item: 'centre-universal',
    model: 'plover-60',
    fits: true,
    evidence: 'bench',
    where: 'tried on the shop machine: sits straight, sews 40 cm in the ditch',
  },
  {
    id: 'fit-u-walk-ripple',
    item: 'walk-universal',
    model: 'ripple-s1',
    fits: true,
    evidence: 'bench',
    where: 'tried on the shop machine',
  },
  {
    id: 'fit-cover-darn',
    item: 'dm-darning-cover',
    model: 'ketch',
    fits: true,
    evidence: 'book',
    where: 'booklet, p. 5',
  },
  {
    id: 'fit-plate-lf-straight',
    item: 'lf-plate-straight',
    model: 'plover-60',
    fits: true,
    evidence: 'book',
    where: 'feet list, p. 7',
  },
  {
    id: 'fit-guide-shoal',
    item: 'tw-hem-guide',
    group: 'tidewick-cover-bed',
    fits: true,
    evidence: 'book',
    where: 'parts page',
  },
]
