/** What callers say when somebody may be hurt or the machine is no matter of settings, as rules of its meaning. */
import { UNNAMED_STOP } from '#core/desk/cases'
import type { StopGrammar, StopRule } from '#core/desk/stopGrammar'

const concepts = {
  digit: 'finger fingertip forefinger thumb nail fingernail thumbnail hand palm knuckle wrist',
  body:
    'finger fingertip forefinger thumb nail fingernail thumbnail hand palm knuckle wrist arm eye skin leg knee toe ' +
    'face eyelid cheek lip ear',
  worn: 'hair ponytail braid beard tie scarf necklace bracelet chain earring lanyard',
  person:
    'me myself him himself her herself them themselves yourself child kid boy girl son daughter grandson ' +
    'granddaughter baby toddler lady woman man student customer husband wife mother she he somebody someone',
  self: 'myself himself herself themselves yourself itself',
  sharp: 'needle pin knife blade cutter scissor looper ripper rotary tip sharp splinter fragment piece shard metal',
  into: 'in into through inside under over beneath',
  harm:
    'cut slice stab pierce prick puncture pinch crush trap =caught burn burnt scald hit nip squash poke impale slash ' +
    'gash tear tore break broke',
  gravely: 'bleed blood injure =wounded hurt faint unconscious ambulance hospital blister collapse amputate',
  seize: '=caught catch wound wrap =eaten eat =ate entangle tangle pull drag stuck trap jam suck',
  casing: 'case casing housing metal frame body bed screw plate cover shell cabinet',
  mains: 'plug socket outlet mains insulation lead cord cable flex wire wiring switch contact',
  cord: 'plug socket outlet mains insulation lead cord cable flex wire wiring powercord',
  damaged:
    'damage fray bare expose tear torn crack broken break chew bite bitten nick cut split hang loose pinch crush ' +
    'gnaw squash wear worn eat =ate =eaten brittle perish crumble kink open =black =brown =shows =showing copper',
  craft:
    'piping couch =corded brim hat boning hoop jumper sweater jersey knit pattern buttonhole ' +
    'overlock satin drawstring ' +
    'curtain lampshade =cording =cords',
  machine:
    'machine overlocker serger coverstitch motor pedal control electronics keyboard display button ' +
    'bobbin plug socket ' +
    'cord unit bed switch hook lead inside vent screen lamp panel',
  whole: 'machine overlocker serger coverstitch',
  drink:
    'water coffee tea juice wine beer lemonade milk soda cola =coke cocoa drink liquid soup rain ' +
    'vase glass cup mug smoothie ' +
    'paint bleach syrup sauce lacquer milkshake',
  onto: 'in into on onto over inside through',
  textile:
    'fabric cloth thread yarn organza organdie voile cotton silk linen wool tulle chiffon velvet leather grey gray ' +
    'blue red pink orange green salmon coloured colored colour color shade lining ribbon print pattern fleece jersey ' +
    'stabiliser stabilizer seam elastic',
  pressing: 'iron ironing press pressing fusible steam',
  smell: 'smell smelt smelly stink stank reek odour odor fume stench whiff',
  burning: 'burn burnt =burny hot electric electrical melt smoke fish fishy scorch singe acrid ozone fire',
  going: 'run start sew =sewed go goes move race stitch turn spin take come work',
  release: '=off release lift let =after without =up',
  unaided: 'itself alone own',
  humming: 'hum buzz groan labour labor growl drone moan strain whine struggle',
  nothing: 'nothing not no =never',
  wheel: 'wheel handwheel flywheel shaft balance =bar',
  fast: 'stuck tight rigid immovable concrete fixed jam block =blocked frozen freeze seize lock solid',
  heated: 'hot overheat heat =hotter boiling burning roast scald',
  live:
    'motor pedal control plug cord cable casing housing machine overlocker serger lead socket transformer adapter ' +
    'supply brick charger unit transformer =switch',
  dropped: '=dropped =fell =fallen =falls =toppled =tipped =threw =thrown =slid =slipped =tumbled =crashed',
  broken: 'crack broken =broke smash shatter split burst',
} as const

const COVERS = 'cover|casing|case|panel|back|bottom|side|motor'
const UNCOVERED = '=off|out|open|wire|wires|motor|inside'

const rule = (id: string, has: string, more: Partial<StopRule> = {}): StopRule => ({ id, has: has.split(' '), ...more })

const rules: StopRule[] = [
  // Somebody is hurt.
  rule('finger', '@gravely', { unless: 'stain|lining' }),
  rule('finger', '@body @sharp @into', { within: 9 }),
  rule('finger', 'sew|=sewed|=sewn|stitch @into @body', { within: 6, inOrder: true }),
  rule('finger', '=ran|=went|run @into @body', { within: 6, inOrder: true }),
  rule('finger', '@harm @body', { within: 7 }),
  rule('finger', '@sharp =on|onto|=upon @digit', { within: 7, inOrder: true }),
  rule('finger', '=torn|=ripped|=lost @digit', { within: 6 }),
  rule('finger', '@digit|arm @seize machine|wheel|handwheel|foot|plate|knife|belt|under|=in', { within: 9 }),
  rule('finger', '@worn @seize machine|wheel|handwheel|needle|looper|belt|=in|=by', { within: 9 }),
  rule('finger', '@worn =in|=into|=round lever|wheel|machine|needle|looper|hook|belt', { within: 7, inOrder: true }),
  rule('finger', 'sleeve|cuff|apron|shawl|glove|bracelet =in|=into|=round belt|wheel|handwheel|motor|machine|looper', {
    within: 8,
    inOrder: true,
  }),
  rule('finger', '=shot|fly|=flew|jump|=hit @body', { within: 6 }),
  rule('finger', '@body =got =under|between|into', { within: 8 }),
  rule('finger', 'sew|=sewed|=sewn|stitch @digit', { within: 4, unless: 'glove|puppet|mitten|hand|palm' }),
  rule('finger', '@digit out|hole|free|remove @sharp', { within: 9 }),
  rule('finger', 'hand|@digit =in|=inside machine|wheel|handwheel|motor|belt', { within: 5, inOrder: true }),
  // Whatever became of a finger: it is said of a hand at a machine, where no craft word explains it.
  rule('finger', 'finger|fingertip|forefinger|thumb|knuckle', {
    unless:
      'press|wide|width|glove|mitten|puppet|knit|hole|guard|ease|screw|tight|gusset|yarn|overlap|ring|thick|feed|' +
      'hold|guide|turn|push|loop|cot|protector|quilt|thimble|how|towel',
  }),
  rule('finger', '@harm @self', { within: 4 }),
  rule('finger', '@sharp =got|hit|=caught|bite|=bit|strike|=struck me|him|her', { within: 4, inOrder: true }),
  rule('finger', 'swallow needle|pin'),
  rule('finger', 'hand|finger|thumb =under|=between foot|plate|needle|knife', {
    within: 6,
    unless: 'guide|hold|fabric',
  }),
  rule('finger', 'needle|pin =up|=in =nose|ear|mouth|throat', { within: 7 }),
  rule('finger', '@sharp =in|through|into =foot|throat|stomach|mouth|chest|belly|head|back', {
    within: 5,
    inOrder: true,
    unless: 'presser|walking|=the',
  }),
  rule('finger', '=stuck|stick =in throat|hand|eye|skin', { within: 4 }),
  rule('finger', 'deep|bad|badly cut|wound|burn', { within: 3, unless: '@textile|seam' }),
  // Electricity.
  rule('shock', 'shock|electrocute|electrified|zap|jolt|tingle|electricity', { unless: 'bill|cost' }),
  rule('shock', 'prickle|sting touch|metal|housing|casing|screw|plate|handwheel|=finger|=fingers', { within: 8 }),
  rule('shock', 'feel|=felt|touch|notice electricity|electric|=current', { within: 9 }),
  rule('shock', '@sharp|@digit =in|into socket|outlet', { within: 6 }),
  rule('shock', '=under voltage', { within: 3, inOrder: true }),
  rule('shock', 'whack|jolt|slap|belt|hit plug|socket|electric|switch', { within: 5, unless: '@textile' }),
  rule('shock', 'voltage =on|touch|metal|leak', { within: 5, unless: 'which|what|country|lamp' }),
  rule('shock', 'electric kick|bite|hit|slap', { within: 4 }),
  rule('shock', 'bite|=bit|kick|slap me|him|her', { within: 3, inOrder: true, unless: 'hem' }),
  rule('shock', 'buzz @body', { within: 6 }),
  rule('shock', 'buzz touch', { within: 8 }),
  rule('shock', 'bite|=bites|kick|=kicks touch|metal|handwheel|screw|housing|plug', { within: 8, unless: 'hem|fold' }),
  rule('shock', '=current =on|=through|=from|=in|=off @casing|machine', { within: 5, inOrder: true }),
  rule('shock', '@casing|machine live', { within: 4, inOrder: true }),
  rule('sparks', 'spark|arcing|=arcs|sizzle|fizz|hiss'),
  rule('sparks', 'flash @mains|bang|motor|blue|inside', { within: 8, unless: 'light' }),
  rule('sparks', 'bang dead|loud|=went|plug|motor|machine', { within: 8 }),
  rule('sparks', '=went|goes pop', { within: 3, inOrder: true }),
  rule('sparks', 'pop loud|dead|light|motor|plug', { within: 8, unless: '=up|=out|@textile' }),
  rule('sparks', 'crackle @mains|machine|motor|pedal|inside', { within: 8 }),
  rule('cord', 'fuse blow|=blew|blown|trip|jump|=goes|=went|pop|melt', { within: 6 }),
  rule('cord', 'trip|jump|=goes|=went|=drops|=off|out|stay|hold breaker|rcd|gfi|gfci|fusebox', { within: 6 }),
  rule('shock', '@casing|machine =gives|leaks|has =off|=current|voltage', { within: 6, inOrder: true }),
  rule('sparks', 'plug|socket|bulb|motor|machine|capacitor =blew|=blown|=blows', { within: 5 }),
  rule('cord', 'insulation', { unless: 'batting|wadding|coat|jacket|@textile' }),
  rule('cord', 'residual|earth|fault|leakage switch|device|breaker|trip', { within: 5 }),
  rule('cord', 'earth|ground|current|insulation fault|leak|=leakage', { within: 4 }),
  rule('cord', '=shorted|=shorts =out'),
  rule('cord', '=lost|lose|=losing|=no power house|=whole|room|kitchen|everywhere', { within: 8 }),
  rule('cord', '@cord =apart|visible|rip|=ripped', { within: 9, unless: '@craft' }),
  rule('cord', '@cord copper', { unless: '@craft|coloured|colored|colour|color|thread|ribbon' }),
  rule('cord', 'short circuit', { within: 3 }),
  rule('cord', 'electric|electrics|electricity =go|goes|=went|=out|=off|fail', {
    within: 8,
    unless: 'scissor|foot|iron',
  }),
  rule('cord', 'trip @mains|power|electricity|circuit', { within: 6 }),
  rule('cord', '=light|=lights|power|electricity =out|=off house|kitchen|flat|street', { within: 9 }),
  rule('cord', '@cord @damaged', { within: 7, unless: '@craft' }),
  rule('cord', 'wire|wires|contact touch|see|show|live|hang|out|stick|bare|expose|open', {
    within: 6,
    unless: '@craft',
  }),
  rule('cord', '@mains|switch broken|crack|smash @mains|touch|wire', { within: 9, unless: '@craft' }),
  // Fire.
  rule('smoke', 'smoke|smoking|smoulder|smolder'),
  rule('smoke', 'fire|flame|=flames|ablaze|blaze|ember'),
  rule('smoke', 'glow', { unless: 'thread|dark|yarn|vinyl|paint|ribbon|button|costume|colour|color' }),
  rule('smoke', 'steam =out|=from|=of machine|motor|vent|pedal|housing', { within: 6, inOrder: true }),
  rule('smoke', 'melt plug|plastic|cord|cable|pedal|control|lamp|machine|motor|socket|cover|inside|something', {
    within: 9,
  }),
  rule(
    'smoke',
    'scorch|char|=charred|singe|burn|burnt|=charred plug|socket|machine|pedal|motor|cord|plastic|' +
      'bulb|lamp|holder|light|under|inside|it|something|hole',
    {
      within: 6,
      unless: '@pressing|test|@textile|@smell',
    },
  ),
  rule('smoke', '=burning|=burns', { unless: '@pressing|test|@textile|edge|candle' }),
  rule('smell', '@smell @burning', { within: 7 }),
  rule('smell', '@smell', { unless: 'nice|nicely|lavender|indigo|perfume|detergent|room|@textile' }),
  rule('smell', '@burning smell', { within: 4 }),
  // Liquid.
  rule('liquid', 'spill|spilt|flood', { unless: '@textile' }),
  rule('liquid', 'soak|drench|submerge', { unless: '@textile' }),
  rule('liquid', '@drink @onto @machine', { within: 9 }),
  rule('liquid', '@drink @onto it', { within: 8 }),
  rule('liquid', '@drink|roof|pipe|iron|ceiling drip|leak|pour|splash|run|ran @machine|it', { within: 9 }),
  rule('liquid', 'leak|drip|pour|empty|splash|trickle @onto @machine|it', { within: 8 }),
  rule('liquid', 'wet', { unless: '@textile|felt' }),
  rule('liquid', 'pipe|=tap|hose burst|leak|=broke', { within: 5 }),
  rule('liquid', '=in =rain', { within: 4, inOrder: true }),
  rule('liquid', 'squirt|hose|=weed|pee|=peed|piss|urinate|vomit|drown|=drowned machine|it|overlocker|pedal', {
    within: 8,
  }),
  rule('liquid', 'wash|hose|rinse machine|overlocker|serger|pedal', { within: 4, inOrder: true }),
  rule('liquid', 'damp|moisture|condensation|humid|oil|bottle inside|electronics|machine', {
    within: 9,
    unless: '@textile|how|which|where|often|when|hook',
  }),
  // It runs, or strains.
  rule('runs', '@going @unaided', { within: 6, unless: 'thread|hem|seam|backward|reverse|backstitch' }),
  rule('runs', '@going =without|nobody|noone touch|pedal|anybody|anyone', {
    within: 9,
    unless: '=can|=how|may|should|possible',
  }),
  rule('runs', '=not|=never stop', {
    within: 4,
    inOrder: true,
    unless:
      'mark|corner|point|end|buttonhole|bead|needle|dart|skip|break|loop|pucker|jam|bleed|here|line|' +
      'unravel|fray|curl|' +
      'roll|crooked|slip',
  }),
  rule('runs', 'keep|continue|=on sew|run|go|stitch|spin|race|turn =off|release|lift|let|stop|pedal', {
    within: 12,
    unless: 'edge|thread|hem|seam|skip|straight',
  }),
  rule('runs', 'motor keep|=on run', { within: 5 }),
  rule('runs', 'run away', { within: 2, inOrder: true }),
  rule('runs', 'race stop|suddenly|motor|machine|overlocker|itself', { within: 8 }),
  rule('runs', 'soon|moment plug|switch|power|turn sew|run|start|go|race', { within: 12 }),
  rule('runs', 'rev|speed|accelerate|=off =without|itself|rocket|nobody|=me', { within: 8, unless: 'edge|hem|cut' }),
  rule('runs', 'throttle'),
  rule('runs', '=foot =off =still|=on sew|run|go', { within: 7, unless: '=how|=can' }),
  rule('runs', 'sew|run|start|stitch nobody|noone', { within: 6 }),
  rule('runs', '=not switch|turn|go =off', { within: 5, inOrder: true, unless: 'light|lamp|beep|display' }),
  rule('runs', 'run|sew|go|stitch =unplugged|disconnected', { within: 8, unless: '=can|=how' }),
  rule('runs', 'full speed itself|suddenly|stuck|immediately|always|soon|when|switch|once', { within: 8 }),
  rule('hums', '@humming @nothing', { within: 9, unless: '@textile' }),
  rule('hums', '@humming motor', { within: 5, unless: 'normal|does|always|wind' }),
  rule('hums', '@humming still|=stands|=stays|stuck', { within: 9, unless: 'normal|quiet|quietly' }),
  rule('hums', 'motor|engine =no|=not movement|move', { within: 8 }),
  rule('hums', 'motor|engine =not turn|spin|rotate', { within: 8 }),
  rule('hums', 'motor|engine noise|sound|try still|=stands|=stays|nothing|=not', { within: 10 }),
  rule('hums', '=just|=only @humming', { within: 3, unless: '=is' }),
  // Seized, hot, damaged.
  rule('seized', '=seized|=seizes|=seizing'),
  rule('seized', '@wheel @fast', { within: 6, unless: 'thread|fabric' }),
  rule('seized', '=wheel|handwheel|flywheel|shaft =not turn|move|budge|rotate', { within: 7 }),
  rule('seized', '=not turn|move|budge =wheel|handwheel|flywheel|shaft', { within: 6, inOrder: true }),
  rule('seized', '=wheel|handwheel hard|heavy|stiff|grind turn', { within: 7 }),
  rule('seized', 'frozen|froze solid|stiff|tight', { within: 4 }),
  rule('seized', '=bar =not go|move', { within: 5 }),
  rule('seized', 'everything|machine|wheel|bar solid', { within: 5 }),
  rule('seized', '=locked =up|solid', { within: 2, inOrder: true, unless: 'knife|lever' }),
  rule('seized', '=blocked everything|machine|motor', { within: 5 }),
  rule('pedal', '@heated|warm pedal|control', { within: 7 }),
  rule('hot', '@heated @live|touch|underneath', { within: 7, unless: '@pressing|glue' }),
  rule('hot', 'overheat'),
  rule('hot', 'battery|accumulator|pack swell|=swelled|=swollen|bulge|puff|puffy|bloat|hiss|blow|=blown', {
    within: 9,
  }),
  rule('hot', 'plastic|housing|casing =soft|melt|bubble|deform', { within: 8, unless: '@pressing' }),
  rule('hot', 'warm plug|cord|cable|motor|lead|socket', { within: 6 }),
  rule('damaged', '=dropped it|@whole', { within: 3, inOrder: true }),
  rule('damaged', 'it|@whole @dropped', { within: 4, inOrder: true, unless: 'button|hem' }),
  rule('damaged', '@dropped table|floor|stair|desk|ground', {
    within: 7,
    unless: 'hem|button|fabric|spool|pin|bobbin|thread|screw|scissor|cone',
  }),
  rule('damaged', '@broken =case|casing|housing|cover|frame|shell|body', { within: 6, unless: 'bobbin|glasses' }),
  rule('damaged', 'explode|exploded', { unless: 'seam|block|corner|box' }),
  rule('damaged', 'burst|shatter bulb|lamp|light', { within: 5 }),
  // Inside the covers.
  rule(
    'inside',
    'circuit|capacitor|resistor|solder|rewire|brushes|transformer|board|electronics|armature ' +
      'fix|repair|replace|clean|change|swap|touch|look|get|take|need|open|bulge|bulgy|myself|back',
    { within: 10, unless: 'ironing|pressing|cutting|@textile' },
  ),
  rule('inside', 'wire|wires|cord|lead|cable|motor|belt|fuse|pedal|switch myself|=bypass|rewire|solder|reconnect', {
    within: 8,
    unless: '@craft|quilt|fabric',
  }),
  rule('inside', `=opened|=removed|=took|=have|=unscrewed|take|open|remove ${COVERS} ${UNCOVERED}`, {
    within: 9,
    unless: 'bobbin|hook|lint|hem|stitch|bulb|dust|@craft',
  }),
]

/** Each row in this order, one behind the other. */
const harmless = [
  '=no|without|not|never smoke|smell|spark|fire|shock|water|flame|burn|blood|burning|smoking',
  '=no smoke|smell|spark|shock =or|=and smoke|smell|spark|shock',
  'nobody|noone =is|was|got hurt|injure',
  '=not hurt',
  '=will|does|would|can|could it|that|this hurt',
  'hurt @whole|fabric|needle|motor|=the',
  'smoke|smoky|fire|flame|blood|burnt|hot|electric|coffee|wine|tea|water|spark|ember @textile',
  'in|colour|color|called|shade smoke =or|and',
  'flame|fire quilt|quilting|stitch|engine|retardant|resistant|proof',
  'burn|burnt|burning =test|out|=out|sienna|umber',
  'burn|burnt|burning through bobbin|thread|spool|cone|needle',
  'wash|rinse =the|my|a|this foot|plate|bobbin|case =in|with|under water',
  'hot fix|water|pink|iron|glue|melt|press|knife',
  'tea|coffee|wine|water towel|cosy|cloth|soluble|erasable|repellent|proof|resistant|colour|wash|coloured|thread',
  'wet look|suit|felt|wipe',
  'wet =and =dry',
  'rain coat|jacket|wear|cape|hat',
  'spark plug print|pattern',
  'thumb tack',
  'smoke alarm|detector',
  'flood =of',
  'shocking pink|colour|color',
  'shock @textile',
  'finger shield|cap|stall',
  'shock absorb|absorbing|absorber|proof|cord|elastic',
  'spill =over =of|for',
  'tingle|jolt|shock =free',
  '=free arm',
  '=arm =of =the|my machine|overlocker',
  '=arm machine',
  'needle eye =of|=too',
  'needle eye',
  '=eye =of =the|a needle',
  'hook =and eye',
  'hand sew|quilt|look|crank|made|stitch|sewn|wash|embroider|baste|tack|finish|dye|work',
  '=by|one|left|right|second|=other hand',
  'with my|your|two|both|one finger|hand|thumb',
  'finger press|wide|width|guard|tight|=of|=s|hole',
  '=a finger|thumb wide|width',
  'thumb hole|screw|wheel|nut',
  'nail polish|file|varnish|head',
  'steam =from|=of =the|my|an|a iron',
  'trouser|pant|jean|=the leg',
  'cut =work|away|on|=open|threads|clean',
  'cut =the|my thread|fabric|cloth|tail',
  'current|=current offer|class|course',
  'strain relief',
  'lead =in|out',
  'breaker bar',
  'buzz about',
  'crackle|crack leather|print',
  '=locked stitch',
  'wash|washing machine',
  'machine wash|washable',
  '=drop =in|feed|leaf',
  'racing|race stripe',
  'bite =of|deep',
  'glow =in|thread',
  'go|come|move|raise up|down',
  'kick pleat',
].map((row) => row.split(' '))

/** Words and what they mean, what is dangerous of them, and which neighbours are not meant. */
export const stopGrammar: StopGrammar = {
  concepts,
  harmless,
  rules,
  firstAid: ['finger', 'shock', UNNAMED_STOP],
}
