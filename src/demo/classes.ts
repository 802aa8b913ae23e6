/** The demo shop's classes: one full, one with a hard allocation, one past, one with a gap nobody can close. */
import type { ClassWrite } from '#shared/api/classes'
import { demoCustomers } from './customers'

/** `now`: they lie about it. `ids`: of the customers by name. */
export const demoClasses = (now: Date, ids: ReadonlyMap<string, string> = new Map()): ClassWrite[] => {
  const seatOf = (name: string, at = 0): ClassWrite['seats'][number] => {
    const customer = demoCustomers().find((one) => one.name === name)
    if (!customer) throw new Error(`nobody is called ${name}`)
    const model = customer.machines[at]?.model
    const id = ids.get(name)
    return {
      name,
      ...(id === undefined ? {} : { customer: id }),
      ...(model === undefined ? {} : { model }),
      owns: customer.owns,
    }
  }
  const day = (after: number, time: string): string =>
    `${new Date(now.getTime() + after * 86_400_000).toISOString().slice(0, 10)}T${time}:00`
  const seats = (...names: string[]) => names.map((name) => seatOf(name))
  return [
    {
      title: 'Armour, quilted',
      starts: day(9, '10:00'),
      minutes: 240,
      room: 'Upper room',
      project: 'A breastplate for the stage',
      techniques: [
        {
          technique: 'walking-foot-quilting',
          fabric: 'quilt-sandwich',
          seam: 2400,
          colour: 'iron grey',
          piece: { width: 300, length: 400 },
        },
        {
          technique: 'machine-binding',
          fabric: 'quilt-sandwich',
          after: ['walking-foot-quilting'],
          seam: 1400,
          colour: 'rust',
          piece: { width: 60, length: 750, pieces: 2 },
        },
        {
          technique: 'quarter-inch-seam',
          fabric: 'cotton-shirting',
          seam: 1800,
          colour: 'rust',
          piece: { width: 120, length: 150, pieces: 12 },
        },
      ],
      seats: seats(
        'Ylvi Sandmoor',
        'Imre Falkeborn',
        'Anneke Dorsthoek',
        'Dagmar Hesselvik',
        'Pim Achterdijk',
        'Runa Skarholt',
        'Wietske Rondema',
        'Mirthe Valkoog',
        'Sjoerd Waalhaven',
        'Femke Luttikhuis',
        'Åse Lindrup',
        'Marijke Elzinger',
      ),
      loans: [
        { item: 'walk-universal', pieces: 2 },
        { item: 'adapter-high-low', pieces: 1 },
        { item: 'u-quarter', pieces: 3 },
      ],
      pins: [],
    },
    {
      title: 'Waistcoat details',
      starts: day(16, '18:30'),
      minutes: 150,
      room: 'Front table',
      project: 'A waistcoat with welt and buttonholes',
      techniques: [
        {
          technique: 'blind-hem',
          fabric: 'wool-suiting',
          seam: 900,
          colour: 'charcoal',
          piece: { width: 300, length: 350 },
        },
        {
          technique: 'buttonhole',
          fabric: 'wool-suiting',
          after: ['blind-hem'],
          colour: 'charcoal',
          piece: { width: 120, length: 250, pieces: 2 },
        },
        { technique: 'button-sew-on', fabric: 'wool-suiting', after: ['buttonhole'], colour: 'charcoal' },
        { technique: 'piping', fabric: 'wool-suiting', seam: 600, colour: 'charcoal' },
      ],
      seats: [
        ...seats(
          'Torben Kvalsund',
          'Bram Oosterlund',
          'Kaja Vettermo',
          'Gunvor Isdahl',
          'Hallvard Stokkan',
          'Bergliot Haugum',
        ),
        seatOf('Vigdis Ormestad', 1),
        { name: 'A guest without a machine', owns: [] },
      ],
      loans: [
        { item: 'dm-zip', pieces: 1 },
        { item: 'dm-darning-cover', pieces: 2 },
        { item: 'u-pipe', pieces: 1 },
        { model: 'heron-200', pieces: 1 },
      ],
      pins: [],
    },
    {
      title: 'First hems',
      starts: day(-20, '10:00'),
      minutes: 120,
      room: 'Front table',
      techniques: [
        { technique: 'topstitched-hem', fabric: 'cotton-shirting' },
        { technique: 'blind-hem', fabric: 'cotton-shirting' },
      ],
      seats: [
        {
          ...seatOf('Liv Tangerup'),
          came: true,
          managed: { 'topstitched-hem': 'alone', 'blind-hem': 'withHelp' },
          out: ['dm-blh'],
          back: ['dm-blh'],
        },
        { ...seatOf('Nine Terwolde', 1), came: true, managed: { 'topstitched-hem': 'alone', 'blind-hem': 'alone' } },
        {
          ...seatOf('Sunniva Rørbekk'),
          came: true,
          managed: { 'topstitched-hem': 'alone', 'blind-hem': 'notYet' },
          out: ['dm-blh'],
        },
        { ...seatOf('Ties Hoogkarspel'), came: false },
      ],
      loans: [{ item: 'dm-blh', pieces: 2 }],
      pins: [],
    },
    {
      title: 'Stretch breeches',
      starts: day(30, '10:00'),
      minutes: 180,
      room: 'Upper room',
      techniques: [
        {
          technique: 'overlock-seam',
          fabric: 'two-way-stretch',
          seam: 2200,
          colour: 'black',
          piece: { width: 400, length: 500, pieces: 2 },
        },
        { technique: 'cover-hem', fabric: 'two-way-stretch', after: ['overlock-seam'], seam: 1200, colour: 'black' },
      ],
      seats: [
        seatOf('Eskil Mørkvær'),
        seatOf('Lobke Strating'),
        seatOf('Solfrid Aaneby'),
        seatOf('Anneke Dorsthoek', 1),
        seatOf('Odd Brennvik'),
      ],
      loans: [{ model: 'confluence-5', pieces: 1 }],
      pins: [],
    },
  ]
}
