/**
 * Lists as shops really have them, with their right outcome, written down before what reads them was looked at.
 * Cells of a row stand apart by `|`.
 */

/** Of a row: each field with its right value, `TOLD` where it is told and not taken, undefined where nothing is. */
export const TOLD = 'told'
export type Right = Record<string, unknown>

const rows = (...all: string[]) => all.join('\n')

interface Messy {
  name: string
  text: string
  /** Headings that a person must decide about, or leave out. */
  undecided?: string[]
}
export interface MessyList extends Messy {
  of: 'items' | 'fabrics' | 'threads'
  /** By row of the file; under '' the row as a whole. */
  right: Record<number, Right>
}
export interface MessyPeople extends Messy {
  /** By name: telephone, mail, machines, feet, note. */
  right: Record<string, Right>
  /** Lines that are told and of which nothing is taken. */
  told: number[]
}
export interface MessyFits extends Messy {
  /** "foot, model": fits, does not, or `TOLD` where a person must say what a mark means. */
  right: Record<string, boolean | typeof TOLD>
}

export const MESSY_LISTS: readonly MessyList[] = [
  {
    name: 'a price list in whole money, with signs and dashes',
    of: 'items',
    text: rows(
      'Price list, autumn||||',
      '||||',
      'Code|Description|What|Price|Stock',
      'Q1|narrow hemmer|foot|29|3',
      'Q2|cord guide|foot|18,95|',
      'Q3|ruler foot|foot|€ 1.250,00|1',
      'Q4|tape guide|foot|24.–|2',
      'Q5|ring|foot|on request|',
    ),
    undecided: ['Stock'],
    right: {
      4: { Code: 'Q1', Name: 'narrow hemmer', Price: 2900 },
      5: { Price: 1895 },
      6: { Price: 125000 },
      7: { Price: 2400 },
      8: { Price: TOLD },
    },
  },
  {
    name: 'openings in a comma, in an inch, to one side, and as a range',
    of: 'items',
    text: rows(
      'Code|Name|What|Opening mm|Most width mm',
      'Q1|foot one|foot|7,5|7',
      'Q2|foot two|foot|−2 to 3.5|3',
      'Q3|foot three|foot|1/4"|6',
      'Q4|foot four|foot|wide|7',
    ),
    right: {
      2: { 'Opening mm': 7.5, 'Most width mm': 7 },
      3: { 'Opening mm': { left: -2, right: 3.5 }, 'Most width mm': 3 },
      4: { 'Opening mm': 6.35 },
      5: { 'Opening mm': TOLD },
    },
  },
  {
    name: 'headings that only share a word with ours',
    of: 'items',
    text: rows(
      'Code|Name|What|Name of supplier|Price group|Width of packet|Code of drawer',
      'Q1|foot one|foot|Bergby|3|40|7',
      'Q2|foot two|foot|Bergby|4|55|8',
    ),
    undecided: ['Price group', 'Width of packet', 'Code of drawer'],
    right: { 2: { Code: 'Q1', Name: 'foot one', Price: undefined, 'Most width mm': undefined }, 3: { Code: 'Q2' } },
  },
  {
    name: 'what a spreadsheet has spoilt',
    of: 'items',
    text: rows(
      'Code|Name|What|Opening mm|Price',
      '1,2E+10|foot one|foot|9|12',
      'Q2|#REF!|foot|9|12',
      'Q3|foot three|foot|#N/A|03. Apr',
    ),
    right: { 2: { Code: TOLD }, 3: { Name: TOLD }, 4: { 'Opening mm': TOLD, Price: TOLD } },
  },
  {
    name: 'a make and uses in words',
    of: 'items',
    text: rows(
      'Make|Code|Name|What|Used for',
      'Larkfen|Q1|hemmer|foot|rolledHem, blindHem',
      'Nobody|Q2|hemmer|foot|rolledHem',
    ),
    right: { 2: { Make: 'larkfen', 'Used for': ['rolledHem', 'blindHem'] }, 3: { Make: TOLD } },
  },
  {
    name: 'thread weights that are no tex',
    of: 'threads',
    text: rows(
      'Name|Weight|Tex|Fibre',
      'silky forty|40|25|rayon',
      'mill cone|50|about 30|cotton',
      'hair|–|0|nylon',
      'stout|30|40|wool',
    ),
    undecided: ['Weight'],
    right: {
      2: { Name: 'silky forty', Tex: 25, Fibre: 'rayon' },
      3: { Tex: TOLD },
      4: { Tex: TOLD },
      5: { Fibre: TOLD },
    },
  },
  {
    name: 'fabrics with grams in place of a thickness',
    of: 'fabrics',
    text: rows(
      'Name|Structure|Weight|Grams|Layers|One layer, mm|Needle point|Needle size|Usual thread',
      'heavy felt|nonwoven|heavy|320|2|2,1|universal|100|all-purpose polyester',
      'thin felt|nonwoven|light|90|two|0.8|universal|80|',
    ),
    undecided: ['Grams'],
    right: {
      2: { Name: 'heavy felt', Layers: 2, 'One layer, mm': 2.1, 'Needle size': 100 },
      3: { Layers: TOLD },
    },
  },
  {
    name: 'a second set: thousands, a half price, a code that is a figure',
    of: 'items',
    text: rows(
      'Order code|Foot|Type|Needle opening|RRP (EUR)|Weight (g)',
      '0099|wing foot|foot|9 mm|1.199,90|12',
      '0100|stork foot|foot|0|12,5|8',
      '0100|stork foot|foot|9|13.00|8',
    ),
    undecided: ['Order code', 'RRP (EUR)', 'Weight (g)'],
    right: { 2: { '': TOLD }, 3: { '': TOLD } },
  },
  {
    name: 'a second set: a shop’s own headings that are ours',
    of: 'items',
    text: rows(
      'Foot|Name|What|Slot|Attachment|Max width|Price',
      'W1|wing foot|foot|9|snapOn|7|12,50',
      'W2|stork foot|foot|9mm|clip|9 mm|12.505',
      'W3|heron foot|foot|-|screwOn|n/a|–',
    ),
    undecided: [],
    right: {
      2: { Code: 'W1', 'Opening mm': 9, 'Most width mm': 7, Price: 1250 },
      3: { Code: 'W2', 'Opening mm': 9, Price: TOLD },
      4: { 'Opening mm': undefined, 'Most width mm': undefined, Price: undefined },
    },
  },
]

export const MESSY_PEOPLE: readonly MessyPeople[] = [
  {
    name: 'several machines in a cell, written as people write them',
    text: rows(
      'Name|Phone|Machine',
      'Ada Boe|0123 45|PLOVER60',
      'Bea Dahl|0123 46|ketch; wren 24',
      'Cleo Eng|0123 47|Plover sixty',
    ),
    right: {
      'Ada Boe': { phone: '0123 45', models: ['plover-60'] },
      'Bea Dahl': { models: ['ketch', 'wren-24'] },
    },
    told: [4],
  },
  {
    name: 'headings within the list, and sums at its end',
    text: rows(
      'Thursday class||',
      'Participant|Machine|Paid',
      'Ada Boe|Ketch|40',
      'Waiting list:||',
      'Bea Dahl|Yawl|',
      '||40',
    ),
    undecided: ['Paid'],
    right: { 'Ada Boe': { models: ['ketch'] }, 'Bea Dahl': { models: ['yawl'] } },
    told: [4, 6],
  },
  {
    name: 'telephones a spreadsheet has spoilt, mails that are none',
    text: rows(
      'Name|Tel.|E-mail|Machine',
      'Ada Boe|5,55E+07|ada@a.example|Ketch',
      'Bea Dahl|0123 46|bea at b.example|Ketch',
      'Cleo Eng|0123 47|c@c.example|Ketch',
    ),
    right: { 'Cleo Eng': { phone: '0123 47', email: 'c@c.example', models: ['ketch'] } },
    told: [2, 3],
  },
  {
    name: 'the same name with another telephone',
    text: rows('Name|Phone|Machine', 'Ada Boe|0123 45|Ketch', 'Ada Boe|0999 99|Yawl', 'ada boe|0123 45|Dinghy'),
    right: { 'Ada Boe': { phone: '0123 45', models: ['ketch', 'dinghy'] } },
    told: [3],
  },
  {
    name: 'a name in two columns, a date of birth and customer numbers',
    text: rows(
      'Customer no.|Last name|First name|Born|Date of birth|Mobile phone|Sewing machine',
      '1044|Boe|Ada|1961|2.4.1961|0123 45|Ketch',
    ),
    undecided: ['Customer no.', 'Born', 'Date of birth'],
    right: { 'Ada Boe': { phone: '0123 45', models: ['ketch'], bought: undefined } },
    told: [],
  },
  {
    name: 'feet with a code nobody knows, and days that are in no calendar',
    text: rows(
      'Name|Machine|Bought|Owns',
      'Ada Boe|Plover 60|31.2.2024|LF·16',
      'Bea Dahl|Plover 60|4.3.2023|LF·22, lf·40',
      'Cleo Eng|Plover 60|2021|Q99',
    ),
    right: { 'Bea Dahl': { models: ['plover-60'], bought: '2023-03-04', owns: 2 } },
    told: [2, 4],
  },
  {
    name: 'a second set: two telephones, a mail in capitals, a machine with its make',
    text: rows(
      'Guest|Home phone|Mobile|Mail address|Brings|Remarks',
      'Ada Boe|0123 45|0777 1|ADA@A.EXAMPLE|Larkfen Plover 60|has a cut',
      'Bea Dahl||0777 2||Ketch (loan)|',
      'Cleo Eng|||c@c.example|none|',
      'Dag Fjeld|||d@c.example|?|',
    ),
    undecided: ['Home phone'],
    right: { 'Ada Boe': { phone: '0777 1', email: 'ADA@A.EXAMPLE', models: ['plover-60'] } },
    told: [3, 4, 5],
  },
  {
    name: 'a second set: days in three forms and a serial number that is a figure',
    text: rows(
      'Name|Machine|Serial no.|Purchased on|Accessories',
      'Ada Boe|Ketch|00123|2024-02-29|',
      'Bea Dahl|Ketch|1,2E+9|29.2.2023|',
      'Cleo Eng|Ketch|K-9|1/2/2022|STD; BLH',
    ),
    right: {
      'Ada Boe': { models: ['ketch'], bought: '2024-02-29' },
      'Cleo Eng': { bought: '2022-02-01', owns: 2 },
    },
    told: [3],
  },
]

export const MESSY_FITS: readonly MessyFits[] = [
  {
    name: 'ticks and crosses',
    text: rows('Foot|Plover 60|Ketch', 'LF·01|✓|x', 'LF·05|✓|x'),
    right: { 'LF·01, plover-60': true, 'LF·01, ketch': TOLD, 'LF·05, plover-60': true, 'LF·05, ketch': TOLD },
  },
  {
    name: 'crosses and blanks',
    text: rows('Foot|Plover 60|Ketch', 'LF·01|x|', 'LF·05|x|no'),
    right: { 'LF·01, plover-60': true, 'LF·05, plover-60': true, 'LF·05, ketch': false },
  },
  {
    name: 'marks with notes, and a foot through an adapter',
    text: rows('Fits which|Plover 60|Ketch', 'LF·01|x1)|x', 'LF·05|(x)|U·HL', 'LF·07|x|?'),
    right: {
      'LF·01, plover-60': TOLD,
      'LF·01, ketch': true,
      'LF·05, plover-60': TOLD,
      'LF·05, ketch': true,
      'LF·07, plover-60': true,
    },
  },
  {
    name: 'a model nobody knows, and a legend below',
    text: rows('Foot|Plover 60|Plunger 3|Ketch', 'LF·01|●|●|○', 'LF·05|●||●', '● fits|||', '○ with adapter|||'),
    right: { 'LF·01, plover-60': true, 'LF·01, ketch': TOLD, 'LF·05, plover-60': true, 'LF·05, ketch': true },
  },
  {
    name: 'yes and no in words, some in capitals',
    text: rows('Foot|Plover 60|Ketch|Halyard 9', 'LF·01|Yes|NO|n', 'LF·05|y|maybe|N'),
    right: {
      'LF·01, plover-60': true,
      'LF·01, ketch': false,
      'LF·01, halyard-9': false,
      'LF·05, plover-60': true,
      'LF·05, ketch': TOLD,
      'LF·05, halyard-9': false,
    },
  },
  {
    name: 'a second set: points of two kinds and a legend in words',
    text: rows('Feet|Ketch|Plover 60|Yawl', 'LF·01|•|◦|', 'LF·05||•|optional', 'LF·07|-|n/a|•'),
    right: {
      'LF·01, ketch': true,
      'LF·01, plover-60': TOLD,
      'LF·05, plover-60': true,
      'LF·05, yawl': TOLD,
      'LF·07, plover-60': TOLD,
      'LF·07, yawl': true,
    },
  },
]
