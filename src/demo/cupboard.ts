/** The demo shop's store cupboard: how what its classes use up is sold, and what is left of it. */
import type { Cupboard } from '#shared/api/classes'

type Supply = Cupboard['supplies'][number]
/** A bolt is sold by ten centimetres. */
const bolt = (of: string, width: number, price: number, shelf: number): Supply => ({
  what: 'fabric',
  of,
  pack: 100,
  width,
  price,
  shelf,
})
const spool = (of: string, pack: number, price: number, shelf: number): Supply => ({
  what: 'thread',
  of,
  pack,
  price,
  shelf,
})
const needles = (of: string, price: number, shelf: number): Supply => ({ what: 'needle', of, pack: 5, price, shelf })
const piece = (of: string, pack: number, price: number, shelf: number): Supply => ({
  what: 'material',
  of,
  pack,
  price,
  shelf,
})

export const demoSupplies = (): Supply[] => [
  bolt('wool-suiting', 1450, 290, 12),
  bolt('cotton-shirting', 1120, 120, 60),
  bolt('quilt-sandwich', 1500, 340, 20),
  bolt('two-way-stretch', 1600, 210, 8),
  spool('sewing-polyester', 200, 340, 18),
  spool('cotton-50', 250, 420, 6),
  spool('fine-polyester', 200, 360, 4),
  spool('overlock-cone', 2500, 690, 9),
  { what: 'bobbin', of: 'D-round', pack: 10, price: 450, shelf: 2 },
  { what: 'bobbin', of: 'L15', pack: 10, price: 520, shelf: 3 },
  { what: 'bobbin', of: 'O-large', pack: 5, price: 610, shelf: 1 },
  { what: 'bobbin', of: 'M', pack: 10, price: 480, shelf: 0 },
  needles('household, flat shank universal 80', 390, 6),
  needles('household, flat shank universal 90', 390, 4),
  needles('household, flat shank quilting 90', 520, 1),
  needles('household, flat shank universal 70', 520, 2),
  piece('Tear-away stabiliser, A5', 20, 480, 1),
  piece('Button, 18 mm, four holes', 12, 260, 3),
  piece('Hem tape', 25, 390, 1),
  piece('Bias strip, 50 mm', 10, 540, 2),
  piece('Piping cord, 4 mm', 10, 310, 0),
  piece('Chalk', 1, 220, 10),
  piece('Marking pen, water-soluble', 1, 390, 4),
]
