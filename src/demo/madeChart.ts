/** A large made-up stitch chart for measuring, with every habit of real ones. */
const HEADINGS = [
  'Menu',
  'No.',
  'Stitch',
  'Width (mm)',
  'Length',
  'Tension',
  'Needle position',
  'Foot',
  'Page',
  'Remarks',
]
const WIDTHS = ['3,5', '0.5–4', 'auto', '', '1/4"', '5']
const LENGTHS = ['2,5', '10 spi', '0,4~1', '–', '2']
const NAMES = ['Zigzag', 'Blind hem', 'Three-step zigzag', 'Wave crest', 'Native 17', 'Scallop']

export const madeChart = (rows: number): string[][] => [
  HEADINGS,
  ...Array.from({ length: rows }, (_, i) => [
    i % 40 === 0 ? `Menu ${i / 40}` : '',
    String(i + 1),
    `${NAMES[i % NAMES.length]}${i % 3 === 0 ? '' : ` ${i}`}`,
    WIDTHS[i % WIDTHS.length] as string,
    LENGTHS[i % LENGTHS.length] as string,
    i % 2 === 0 ? 'auto' : '4',
    '0',
    `F${i % 30}`,
    String(20 + Math.floor(i / 25)),
    i % 7 === 0 ? 'see also p. 80' : '',
  ]),
]
