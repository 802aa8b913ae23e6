/** What the parameters of addresses mean, one meaning a name. */
const WORDS: Record<string, string> = {
  after: 'A card that was sewn before, from which the machine is changed over',
  along: 'Whether what hangs on the row is removed along with it',
  also: 'Further models the person has, with commas between',
  alternatives: 'Whether all alternatives are told',
  before: 'The id that the last page ended on',
  by: 'What gaps are counted by',
  customer: 'A customer’s id',
  due: 'Follow-ups due until this day',
  fabric: 'A fabric’s id',
  foot: 'A foot’s id',
  from: 'The model changed from',
  handedTo: 'Whom of the shop it was handed to',
  id: 'The id of what is asked for',
  item: 'An item’s id',
  keys: 'Keys that a telephone made for what it asked, with commas between',
  kind: 'What kind of thing',
  layers: 'Layers of fabric',
  make: 'A make’s id',
  measured: 'What was measured, by name and millimetres: `holeSpacing:3.4,ringWire:2`',
  method: 'A method of the technique',
  model: 'A model’s id',
  most: 'How many at most',
  name: 'What it is called',
  needle: 'A needle to sew with in place of the usual one',
  now: 'How the machine stands, as `control:position`, with commas between',
  opening: 'Opening of a buttonhole, mm',
  outcome: 'How a case ended',
  owned: 'Items the person owns beside what came with their machines, with commas between',
  part: 'Which part of the handouts',
  q: 'Words to look for',
  radius: 'Radius of a circle, mm',
  resource: 'Which table, or which kind of record',
  revision: 'A write of the catalogue',
  row: 'The key of a row',
  seat: 'Place of a seat, from 0',
  size: 'Small or large',
  stage: 'A stage of the method',
  stitch: 'A stitch of the model',
  technique: 'A technique’s id',
  to: 'The model changed to',
  token: 'What the link was made with',
  trouble: 'A trouble: of a technique, or of the desk',
  version: 'The version as whoever asks saw it',
  work: 'The name its asker gave to long work',
}

/** Throws for a parameter that nobody has described. */
export const parameterWords = (name: string): string => {
  const words = WORDS[name]
  if (words === undefined) throw new Error(`nobody says what the parameter “${name}” means`)
  return words
}
