import type { Make, StitchFunction, Swing, Thread, Fabric } from '#core/catalogue/types'

export const makes: Make[] = [
  { id: 'larkfen', name: 'Larkfen' },
  { id: 'ostrel', name: 'Ostrel', footPattern: 'ostrel-clip' },
  { id: 'dunmarrow', name: 'Dunmarrow', footPattern: 'dunmarrow' },
  { id: 'tidewick', name: 'Tidewick', footPattern: 'tidewick' },
]

const stitchFunction = (
  id: string,
  name: string,
  family: string,
  swing: Swing,
  more: Partial<StitchFunction> = {},
): StitchFunction => ({ id, name, family, swing, ...more })

export const functions: StitchFunction[] = [
  stitchFunction('straight', 'Straight stitch', 'straight', 'none', { iso4915: '301' }),
  stitchFunction('straight.triple', 'Triple straight stitch', 'straight', 'none', { iso4915: '301' }),
  stitchFunction('straight.basting', 'Basting stitch', 'straight', 'none', { iso4915: '301' }),
  stitchFunction('zigzag', 'Zigzag', 'zigzag', 'centred', { iso4915: '304' }),
  stitchFunction('zigzag.threeStep', 'Three-step zigzag', 'zigzag', 'centred', { iso4915: '321', repeat: 6 }),
  stitchFunction('serpentine', 'Serpentine', 'zigzag', 'centred', { repeat: 12 }),
  stitchFunction('satin', 'Satin', 'zigzag', 'centred', { iso4915: '304' }),
  stitchFunction('blindHem.woven', 'Blind hem for wovens', 'blindHem', 'left', { repeat: 5, swingAt: 5 }),
  stitchFunction('blindHem.knit', 'Blind hem for knits', 'blindHem', 'left', { repeat: 5, swingAt: 5 }),
  stitchFunction('overcast.light', 'Overcast, light fabric', 'overcast', 'centred'),
  stitchFunction('overcast.heavy', 'Overcast, heavy fabric', 'overcast', 'centred'),
  stitchFunction('overcast.stretch', 'Overcast, stretch', 'overcast', 'centred'),
  stitchFunction('buttonhole.standard', 'Buttonhole, square ends', 'buttonhole', 'centred', { iso4915: '304' }),
  stitchFunction('buttonhole.rounded', 'Buttonhole, rounded end', 'buttonhole', 'centred', { iso4915: '304' }),
  stitchFunction('buttonhole.knit', 'Buttonhole for knits', 'buttonhole', 'centred', { iso4915: '304' }),
  stitchFunction('buttonhole.stepped', 'Buttonhole by steps', 'buttonhole', 'centred', { iso4915: '304' }),
  stitchFunction('buttonhole.counted', 'Buttonhole, first side counted', 'buttonhole', 'centred', { iso4915: '304' }),
  stitchFunction('buttonhole.keyhole', 'Buttonhole, keyhole', 'buttonhole', 'centred', { iso4915: '304' }),
  stitchFunction('buttonhole.corded', 'Buttonhole, corded', 'buttonhole', 'centred', { iso4915: '304' }),
  stitchFunction('buttonSew', 'Button sew-on', 'fastening', 'centred'),
  stitchFunction('barTack', 'Bar tack', 'fastening', 'centred'),
  stitchFunction('blanket', 'Blanket stitch', 'decorative', 'right'),
  stitchFunction('decorative', 'Decorative motif', 'decorative', 'centred'),
  stitchFunction('overlock4', 'Four-thread overlock', 'overlock', 'none', { iso4915: '514' }),
  stitchFunction('overlock3.wide', 'Three-thread overlock, wide', 'overlock', 'none', { iso4915: '504' }),
  stitchFunction('overlock3.narrow', 'Three-thread overlock, narrow', 'overlock', 'none', { iso4915: '504' }),
  stitchFunction('rolled3', 'Rolled edge, three threads', 'overlock', 'none', { iso4915: '504' }),
  stitchFunction('rolled2', 'Rolled edge, two threads', 'overlock', 'none', { iso4915: '503' }),
  stitchFunction('flatlock2', 'Flatlock, two threads', 'overlock', 'none', { iso4915: '503' }),
  stitchFunction('flatlock3', 'Flatlock, three threads', 'overlock', 'none', { iso4915: '505' }),
  stitchFunction('chain', 'Chain stitch', 'cover', 'none', { iso4915: '401' }),
  stitchFunction('cover2.wide', 'Cover stitch, two needles, wide', 'cover', 'none', { iso4915: '406' }),
  stitchFunction('cover2.narrow', 'Cover stitch, two needles, narrow', 'cover', 'none', { iso4915: '406' }),
  stitchFunction('cover3', 'Cover stitch, three needles', 'cover', 'none', { iso4915: '407' }),
]

const thread = (id: string, name: string, tex: number, fibre: Thread['fibre'], use: string): Thread => ({
  id,
  name,
  tex,
  fibre,
  use,
})

export const threads: Thread[] = [
  thread('sewing-polyester', 'all-purpose polyester', 27, 'polyester', 'seams and hems in most fabrics'),
  thread('fine-polyester', 'fine polyester', 18, 'polyester', 'thin fabric and invisible hems'),
  thread('cotton-50', '50 weight cotton', 30, 'cotton', 'piecing and quilting'),
  thread('clear-nylon', 'clear monofilament', 12, 'nylon', 'hems that must not show, quilting in the ditch'),
  thread('topstitch-30', '30 weight topstitching', 45, 'polyester', 'rows that are meant to show'),
  thread('lofty-nylon', 'lofty nylon', 35, 'nylon', 'loopers: fills an edge, soft against skin'),
  thread('overlock-cone', 'overlock cone', 24, 'polyester', 'needles and loopers'),
  thread('perle-8', 'perle cord, size 8', 120, 'cotton', 'bobbin work: too thick for a needle'),
  thread('cotton-28', '28 weight cotton', 52, 'cotton', 'bold topstitching and quilting lines'),
  thread('metallic-40', 'metallic, wound on a core', 30, 'metallic', 'decorative stitches, slowly, large eye'),
  thread('heavy-polyester', 'heavy polyester', 70, 'polyester', 'bags, straps and stage harness'),
  thread('rayon-40', '40 weight rayon', 27, 'rayon', 'satin and decorative stitches'),
]

const fabric = (
  id: string,
  name: string,
  kind: [Fabric['structure'], Fabric['weight']],
  more: Pick<Fabric, 'layers' | 'thickness' | 'behaviours' | 'needle'> & { thread?: string },
): Fabric => ({ id, name, structure: kind[0], weight: kind[1], ...more })

const universal = (size: number) => ({ point: 'universal', size })

export const fabrics: Fabric[] = [
  fabric('wool-suiting', 'Wool suiting', ['woven', 'medium'], {
    layers: 2,
    thickness: 0.45,
    behaviours: ['frays'],
    needle: universal(80),
    thread: 'sewing-polyester',
  }),
  fabric('cotton-shirting', 'Cotton shirting', ['woven', 'light'], {
    layers: 2,
    thickness: 0.2,
    behaviours: [],
    needle: universal(70),
    thread: 'fine-polyester',
  }),
  fabric('chiffon', 'Chiffon', ['woven', 'light'], {
    layers: 1,
    thickness: 0.12,
    behaviours: ['slippery', 'frays'],
    needle: { point: 'sharp', size: 60 },
    thread: 'fine-polyester',
  }),
  fabric('stretch-jersey', 'Stretch jersey', ['knit', 'medium'], {
    layers: 2,
    thickness: 0.5,
    behaviours: ['stretchy'],
    needle: { point: 'stretch', size: 75 },
    thread: 'sewing-polyester',
  }),
  fabric('quilt-sandwich', 'Quilt sandwich', ['woven', 'medium'], {
    layers: 3,
    thickness: 1.2,
    behaviours: ['lofty'],
    needle: { point: 'quilting', size: 90 },
    thread: 'cotton-50',
  }),
  fabric('denim', 'Denim', ['woven', 'heavy'], {
    layers: 2,
    thickness: 0.8,
    behaviours: ['frays'],
    needle: { point: 'jeans', size: 100 },
    thread: 'topstitch-30',
  }),
  fabric('felt', 'Craft felt', ['nonWoven', 'medium'], {
    layers: 2,
    thickness: 1.0,
    behaviours: [],
    needle: universal(80),
    thread: 'sewing-polyester',
  }),
  fabric('oilcloth', 'Oilcloth', ['coated', 'heavy'], {
    layers: 2,
    thickness: 0.5,
    behaviours: ['sticky'],
    needle: { point: 'sharp', size: 90 },
    thread: 'sewing-polyester',
  }),
  fabric('brocade', 'Waistcoat brocade', ['woven', 'medium'], {
    layers: 2,
    thickness: 0.6,
    behaviours: ['frays'],
    needle: universal(80),
    thread: 'sewing-polyester',
  }),
  fabric('velveteen', 'Velveteen', ['woven', 'medium'], {
    layers: 2,
    thickness: 1.1,
    behaviours: ['creeps'],
    needle: universal(80),
    thread: 'sewing-polyester',
  }),
  fabric('fleece', 'Fleece', ['knit', 'medium'], {
    layers: 2,
    thickness: 1.6,
    behaviours: ['lofty', 'stretchy'],
    needle: { point: 'stretch', size: 90 },
    thread: 'sewing-polyester',
  }),
  fabric('two-way-stretch', 'Two-way stretch', ['knit', 'light'], {
    layers: 2,
    thickness: 0.4,
    behaviours: ['stretchy', 'slippery'],
    needle: { point: 'stretch', size: 75 },
    thread: 'fine-polyester',
  }),
  fabric('lining-satin', 'Lining satin', ['woven', 'light'], {
    layers: 1,
    thickness: 0.15,
    behaviours: ['slippery', 'frays'],
    needle: { point: 'sharp', size: 70 },
    thread: 'fine-polyester',
  }),
  fabric('canvas', 'Stage canvas', ['woven', 'heavy'], {
    layers: 2,
    thickness: 0.9,
    behaviours: [],
    needle: { point: 'jeans', size: 110 },
    thread: 'heavy-polyester',
  }),
]
