/** What callers say, as the desk would type it; with what is meant. Written down before the ranking was tuned. */
export interface AskLine {
  line: string
  model?: string
  technique?: string
  fabric?: string
  customer?: string
  trouble?: string
  stop?: boolean
}

export const askLines: AskLine[] = [
  { line: 'plover 60 blind hem wool suiting', model: 'plover-60', technique: 'blind-hem', fabric: 'wool-suiting' },
  { line: 'blind hem on wool, plover', model: 'plover-60', technique: 'blind-hem', fabric: 'wool-suiting' },
  { line: 'Larkfen Wren 24 buttonhole in denim', model: 'wren-24', technique: 'buttonhole', fabric: 'denim' },
  { line: 'wren24 buttonhole', model: 'wren-24', technique: 'buttonhole' },
  { line: 'rolled edge chiffon eddy 4', model: 'eddy-4', technique: 'rolled-edge', fabric: 'chiffon' },
  {
    line: 'rolled hem on chifon with the small overlocker',
    model: 'eddy-4',
    technique: 'rolled-edge',
    fabric: 'chiffon',
  },
  { line: 'halyard 9 walking foot quilting', model: 'halyard-9', technique: 'walking-foot-quilting' },
  {
    line: 'halyard seven invisible zip velveteen',
    model: 'halyard-7',
    technique: 'invisible-zip',
    fabric: 'velveteen',
  },
  { line: 'how do I sew a zipper on the ketch', model: 'ketch', technique: 'zip' },
  { line: 'the dial one, sew a button', model: 'ketch', technique: 'button-sew-on' },
  { line: 'cover hem jersey shoal 3', model: 'shoal-3', technique: 'cover-hem', fabric: 'stretch-jersey' },
  {
    line: 'coverstitch hem on stretch jersey, confluence',
    model: 'confluence-5',
    technique: 'cover-hem',
    fabric: 'stretch-jersey',
  },
  {
    line: 'heron 200 free motion quilt sandwich',
    model: 'heron-200',
    technique: 'free-motion',
    fabric: 'quilt-sandwich',
  },
  { line: 'FMQ heron', model: 'heron-200', technique: 'free-motion' },
  { line: 'capstan bobbin work', model: 'capstan-11', technique: 'bobbin-work' },
  { line: 'thick thread from below, capstan 11', model: 'capstan-11', technique: 'bobbin-work' },
  { line: 'yawl jeans hump denim', model: 'yawl', technique: 'heavy-seam', fabric: 'denim' },
  { line: 'ripple s1 straight line quilting', model: 'ripple-s1', technique: 'walking-foot-quilting' },
  {
    line: 'ripple quarter inch seam cotton',
    model: 'ripple-s1',
    technique: 'quarter-inch-seam',
    fabric: 'cotton-shirting',
  },
  { line: 'patchwork seam 1/4 inch plover', model: 'plover-60', technique: 'quarter-inch-seam' },
  { line: 'twin needle hem heron jersey', model: 'heron-200', technique: 'twin-needle-hem', fabric: 'stretch-jersey' },
  { line: 'aplique satin stitch wren', model: 'wren-24', technique: 'applique' },
  { line: 'bar tack halyard 7 canvas', model: 'halyard-7', technique: 'bar-tack', fabric: 'canvas' },
  { line: 'gathring chiffon plover', model: 'plover-60', technique: 'gathering', fabric: 'chiffon' },
  { line: 'elastic in fleece on the eddy 4', model: 'eddy-4', technique: 'elastic', fabric: 'fleece' },
  { line: 'dinghy hem tablecloth mitred corner', model: 'dinghy', technique: 'mitred-hem' },
  { line: 'quilt binding by machine, spindrift', model: 'spindrift-e', technique: 'machine-binding' },
  { line: 'piping in brocade, halyard 9', model: 'halyard-9', technique: 'piping', fabric: 'brocade' },
  { line: 'neaten edge wool suiting ketch', model: 'ketch', technique: 'overcast', fabric: 'wool-suiting' },
  {
    line: 'Torben Kvalsund blind hem wool',
    customer: 'Torben Kvalsund',
    model: 'ketch',
    technique: 'blind-hem',
    fabric: 'wool-suiting',
  },
  { line: 'kvalsund button', customer: 'Torben Kvalsund', model: 'ketch', technique: 'button-sew-on' },
  {
    line: 'Ylvi, gathering chiffon',
    customer: 'Ylvi Sandmoor',
    model: 'plover-60',
    technique: 'gathering',
    fabric: 'chiffon',
  },
  {
    line: 'Imre Falkeborn quilting with waves',
    customer: 'Imre Falkeborn',
    model: 'heron-200',
    technique: 'serpentine-quilting',
  },
  { line: 'dorsthoek rolled edge', customer: 'Anneke Dorsthoek', technique: 'rolled-edge' },
  { line: 'plover skips stitches', model: 'plover-60', trouble: 'skips' },
  { line: 'my wren keeps skipping on jersey', model: 'wren-24', trouble: 'skips', fabric: 'stretch-jersey' },
  { line: 'thread nest under the fabric, halyard 7', model: 'halyard-7', trouble: 'jam' },
  { line: 'ketch jammed bird nest', model: 'ketch', trouble: 'jam' },
  { line: 'needle keeps breaking heron denim', model: 'heron-200', trouble: 'needle-breaks', fabric: 'denim' },
  { line: 'upper thread breaks yawl', model: 'yawl', trouble: 'thread-breaks' },
  { line: 'seam puckers lining satin plover 60', model: 'plover-60', trouble: 'puckers', fabric: 'lining-satin' },
  { line: 'fabric does not move, dinghy', model: 'dinghy', trouble: 'no-feed' },
  { line: 'loops on the underside capstan', model: 'capstan-11', trouble: 'loops' },
  { line: 'cover hem tunnels between the rows shoal', technique: 'cover-hem', trouble: 'cover-hem.tunnel' },
  { line: 'machine smells burnt', stop: true },
  { line: 'halyard 9 sparks at the plug', model: 'halyard-9', stop: true },
  { line: 'needle went through my finger', stop: true },
  {
    line: 'overlock seam two-way stretch eddy self',
    model: 'eddy-self',
    technique: 'overlock-seam',
    fabric: 'two-way-stretch',
  },
  { line: 'chain stitch rows confluence 5', model: 'confluence-5', technique: 'chain-stitch' },
  { line: 'narow hem lining satin wren 24', model: 'wren-24', technique: 'narrow-hem', fabric: 'lining-satin' },
]
