/** The demo shop's calls of eight months, with a pattern to find: skipped stitches in stretch since the autumn, nearly always the needle. */
import type { CaseWrite } from '#shared/api/desk'

type Line = [daysAgo: number, caller: string, what: Partial<CaseWrite>, question: string, minutes: number, outcome: CaseWrite['outcome'], advice?: string] // prettier-ignore

const NEEDLE = { trouble: 'skips', cause: 'needleKind' } as const
const STRETCH = 'A stretch needle in size 75; the old one was a universal.'

const lines: Line[] = [
  [238, 'Torben Kvalsund', { model: 'ketch', technique: 'blind-hem', fabric: 'wool-suiting' }, 'Where does the fold go on the dial machine?', 9, 'solved', 'Handwheel to the swing, then the fold under it.'],
  [231, 'Ylvi Sandmoor', { model: 'plover-60', technique: 'rolled-edge', fabric: 'chiffon' }, 'Can the Plover roll an edge on chiffon?', 6, 'solved', 'Not rolled; narrow hem with the hemmer foot.'],
  [224, 'Kaja Vettermo', { model: 'wren-24', trouble: 'jam', cause: 'threading' }, 'Nest under the fabric at every start', 12, 'solved', 'Rethreaded with the foot up, tails held.'],
  [219, 'Imre Falkeborn', { model: 'heron-200', technique: 'walking-foot-quilting', fabric: 'quilt-sandwich' }, 'Which stitches may I sew with the even feed foot?', 5, 'solved', 'Forward ones only.'],
  [212, 'Bram Oosterlund', { model: 'yawl', trouble: 'needle-breaks', cause: 'width.high' }, 'Third needle broken with the quarter-inch foot', 8, 'solved', 'Zigzag under a narrow foot: straight stitch, needle in the middle.'],
  [207, 'Pim Achterdijk', { model: 'halyard-7', technique: 'buttonhole', fabric: 'cotton-shirting', trouble: 'buttonhole.stuck', cause: 'length.low' }, 'Buttonhole stands still and packs', 11, 'solved', 'Length up a step.'],
  [201, 'Dagmar Hesselvik', { model: 'capstan-11', technique: 'bobbin-work' }, 'Tension forgotten at the next stitch', 7, 'solved', 'It is: set again after each choice.'],
  [196, 'Anneke Dorsthoek', { model: 'eddy-4', trouble: 'thread-breaks', cause: 'threading' }, 'Lower looper thread breaks', 14, 'solved', 'Threaded in the order of the book.'],
  [190, 'Runa Skarholt', { model: 'shoal-3', technique: 'cover-hem', fabric: 'stretch-jersey', trouble: 'cover-hem.tunnel', cause: 'tension:leftNeedle.high' }, 'A tunnel between the rows', 10, 'solved', 'Needle tensions down a number.'],
  [184, 'Solfrid Aaneby', { model: 'eddy-self', technique: 'overlock-seam', fabric: 'two-way-stretch' }, 'Where is the tension?', 4, 'solved', 'It sets itself.'],
  [178, 'Torben Kvalsund', { model: 'ketch', trouble: 'no-feed', cause: 'feedDogs' }, 'Fabric does not move', 5, 'solved', 'Cover plate still on.'],
  [171, 'Wietske Rondema', { trouble: 'wont-start', cause: 'winder' }, 'Nothing happens when I press the pedal', 4, 'solved', 'Winder pushed back.'],
  [165, 'Mirthe Valkoog', { technique: 'zip', fabric: 'cotton-shirting' }, 'Which foot for a zip?', 5, 'solved'],
  [158, 'Sjoerd Waalhaven', { trouble: 'puckers', fabric: 'lining-satin', cause: 'length.high' }, 'Lining puckers along every seam', 9, 'solved', 'Length 2, needle 70.'],
  [151, 'Femke Luttikhuis', { technique: 'piping', fabric: 'brocade' }, 'Piping without a piping foot?', 6, 'solved', 'Zip foot, cord held against it.'],
  [146, 'Åse Lindrup', { stop: 'smell' }, 'It smells burnt after an hour', 3, 'workshop', 'Unplugged, brought in.'],
  [140, 'Kaja Vettermo', { model: 'wren-24', technique: 'button-sew-on' }, 'Feed dogs will not go down', 6, 'solved', 'The lever is behind.'],
  [133, 'Imre Falkeborn', { model: 'heron-200', technique: 'free-motion', fabric: 'quilt-sandwich', trouble: 'free-motion.eyelashes', cause: 'free-motion.0' }, 'Eyelashes on the back in curves', 13, 'solved', 'Slower hands in curves.'],
  [127, 'Marijke Elzinger', { trouble: 'tension-off', cause: 'threading' }, 'Tension wrong since yesterday', 8, 'solved', 'Rethreaded with the foot up.'],
  [120, 'Gunvor Isdahl', { model: 'ketch', technique: 'buttonhole', fabric: 'wool-suiting' }, 'In which order are the dial’s places?', 7, 'solved'],
  [114, 'Hallvard Stokkan', { model: 'yawl', trouble: 'noise', cause: 'lint' }, 'Knocking at every stitch', 6, 'solved', 'Cleaned under the plate.'],
  [107, 'Bergliot Haugum', { model: 'wren-24', technique: 'invisible-zip' }, 'Does the clip-on zip foot fit?', 5, 'solved'],
  [101, 'Einar Grøtdal', { model: 'ketch', trouble: 'loops', cause: 'threading' }, 'Loops on the underside', 7, 'solved', 'Past the take-up lever.'],
  [95, 'Liv Tangerup', { technique: 'twin-needle-hem', fabric: 'stretch-jersey', trouble: 'skips', cause: 'needleKind' }, 'One row skips', 9, 'solved', STRETCH],
  [88, 'Nine Terwolde', { technique: 'stretch-seam', fabric: 'two-way-stretch', ...NEEDLE }, 'Skips every few stitches in the breeches', 8, 'solved', STRETCH],
  [82, 'Sunniva Rørbekk', { fabric: 'stretch-jersey', trouble: 'skips', cause: 'needle' }, 'Skipped stitches in jersey', 7, 'solved', 'Needle was not fully up.'],
  [76, 'Eskil Mørkvær', { model: 'confluence-5', technique: 'cover-hem', fabric: 'two-way-stretch', ...NEEDLE }, 'Cover stitch skips over seams', 12, 'solved', STRETCH],
  [70, 'Lobke Strating', { model: 'confluence-5', technique: 'cover-hem', fabric: 'two-way-stretch', ...NEEDLE }, 'Skips on one side', 9, 'solved', STRETCH],
  [64, 'Ties Hoogkarspel', { trouble: 'wont-start', cause: 'pedal' }, 'Dead, no light', 5, 'solved', 'Other socket.'],
  [57, 'Runa Skarholt', { model: 'shoal-3', technique: 'cover-hem', fabric: 'stretch-jersey', ...NEEDLE }, 'Skips in the new jersey', 8, 'solved', STRETCH],
  [51, 'Odd Brennvik', { model: 'ripple-s1', technique: 'stretch-seam', fabric: 'two-way-stretch' }, 'Breeches on a straight-stitch machine?', 6, 'noAnswer', 'Triple stitch is not there: come to class.'],
  [45, 'Kaja Vettermo', { model: 'wren-24', technique: 'stretch-seam', fabric: 'stretch-jersey', ...NEEDLE }, 'Skips in jersey, worse at the hem', 7, 'solved', STRETCH],
  [39, 'Pim Achterdijk', { model: 'halyard-7', trouble: 'thread-breaks', cause: 'tension.high' }, 'Thread breaks in topstitching', 8, 'solved', 'Tension down one, topstitching needle.'],
  [33, 'Solfrid Aaneby', { model: 'eddy-self', technique: 'overlock-seam', fabric: 'two-way-stretch', ...NEEDLE }, 'Overlock skips in stretch', 9, 'solved', STRETCH],
  [27, 'Ylvi Sandmoor', { model: 'plover-60', technique: 'stretch-seam', fabric: 'stretch-jersey', trouble: 'skips', cause: 'threading' }, 'Skips since the last thread change', 6, 'solved', 'Rethreaded.'],
  [21, 'Dagmar Hesselvik', { stop: 'liquid' }, 'Coffee over the machine', 2, 'workshop', 'Switched off, unplugged, brought in.'],
  [15, 'Bergliot Haugum', { model: 'wren-24', technique: 'twin-needle-hem', fabric: 'stretch-jersey', ...NEEDLE }, 'Twin needle skips', 8, 'solved', STRETCH],
  [9, 'Imre Falkeborn', { model: 'heron-200', technique: 'applique', fabric: 'cotton-shirting', trouble: 'applique.tunnels' }, 'Fabric tunnels under satin stitch', 10, 'open', 'Second layer of stabiliser; rings back.'],
  [4, 'Eskil Mørkvær', { model: 'confluence-5', technique: 'cover-hem', fabric: 'two-way-stretch', trouble: 'skips', handedTo: 'Maren Tolvik' }, 'Skips again, new needle in', 11, 'open', 'Try slower over the seam; rings back.'],
  [1, 'Torben Kvalsund', { model: 'ketch', technique: 'blind-hem', fabric: 'wool-suiting', trouble: 'blind-hem.fold-missed' }, 'The fold is missed every other bite', 8, 'open'],
] // prettier-ignore

/** `ids`: of the customers by name. A follow-up is due the day after an open call. */
export const demoCases = (now: Date, ids: ReadonlyMap<string, string>): { at: Date; by: string; case: CaseWrite }[] =>
  lines.map(([daysAgo, caller, what, question, minutes, outcome, advice], i) => {
    const at = new Date(now.getTime() - daysAgo * 86_400_000)
    const customer = ids.get(caller)
    const followUp = outcome === 'open' ? { followUp: new Date(at.getTime() + 2 * 86_400_000).toISOString().slice(0, 10) } : {} // prettier-ignore
    return { at, by: i % 3 ? 'Osk Brandal' : 'Maren Tolvik', case: { ...what, ...(customer === undefined ? {} : { customer }), question, minutes, outcome, ...(advice === undefined ? {} : { advice }), ...followUp } } // prettier-ignore
  })
