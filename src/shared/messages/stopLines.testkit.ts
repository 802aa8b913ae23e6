/** What callers say when no setting may be told, by what is the matter; and what sounds like it and is none of it. */
const lines = (text: string): string[] =>
  text
    .split('\n')
    .map((line) => line.trim())
    .filter((line) => line !== '')

/** By the kind of danger of which the first is told. Written before the grammar. */
export const DANGEROUS: Readonly<Record<string, readonly string[]>> = {
  hurt: lines(`
    I sewed through my finger
    needle went into her thumb and broke off
    my daughter has the needle stuck in her nail
    the needle is through my fingertip, what now
    my hand got under the foot while it was running
    there is blood everywhere, the needle got me
    he has cut his hand on the overlocker knife
    sliced my thumb open with the rotary cutter
    part of the needle is still in the finger
    a bit of broken needle flew into my eye
    something hit my eye when the needle snapped
    my thumb was caught under the presser foot
    I am bleeding from the knife of the serger
    the needle pierced my finger nail
    she stabbed herself with the needle and it will not come out
    a child got her finger under the needle
    the lady in the second row has a needle in her finger
    one of the students sewed over his finger
    I burnt my hand on the lamp of the machine
    burned my fingers on the iron
    scalded my arm with the steam
    he pinched his finger in the handwheel and it is crushed
    my finger is trapped between foot and plate
    needle tip broken off inside my thumb
    I pricked myself badly and it does not stop bleeding
    the looper cut into my finger
    my grandson swallowed a needle
    hurt my wrist badly when the needle hit
    the scissors went into my leg
    needle in hand
    customer injured at the machine in the class
    she fainted after sewing into her finger
  `),
  electricity: lines(`
    it gives me a shock when I touch the handwheel
    I feel a tingle when I touch the needle plate
    my fingers tingle when I lean on the bed
    got zapped by the metal foot
    the machine electrocuted my husband nearly
    I get a little electric kick from the screw
    it buzzes through my hand when I touch the metal
    current on the casing
    the housing is live
    the fuse blows every time I switch it on
    it trips the breaker whenever I plug it in
    the circuit breaker goes when she turns the machine on
    RCD trips with the overlocker on
    sparks from the plug
    saw a spark at the motor
    blue flash at the socket when I plugged it in
    there was a flash and a bang and now it is dead
    the power cord is frayed and I can see copper
    bare wires at the pedal
    the insulation on the mains lead is torn
    the dog chewed the cable of the foot control
    the plug is cracked
    mains lead has a cut in it
    wire is hanging out of the pedal
    the cord is damaged near the plug
    I drove over the power lead and the wire shows
    the plug is loose in the machine and it crackles
    crackling from the socket
    the pedal shocks me when I am barefoot
    arcing inside the motor
    static or a real shock? it bites me at the metal every time
    the switch is broken and I can touch the wires
    I opened the cover and touched something, got a jolt
    the lamp socket has exposed contacts
  `),
  fire: lines(`
    smoke comes out at the back
    it is smoking
    a puff of smoke from the motor
    the machine caught fire
    flames from the pedal
    there is a burning smell
    smells burnt since this morning
    it smells hot after ten minutes
    smells of burning plastic
    it stinks of burnt rubber
    strange electrical smell from the machine
    smells like something is melting
    the plug has melted
    the plastic around the lamp is melting
    the foot control has melted a bit
    scorch marks around the socket on the machine
    something is glowing inside
    the motor smells
    a smell of fish from the pedal
    the cable smoulders
    I think it is on fire
    there is a smell coming out of the handwheel side
    burnt smell and then it stopped
    fumes out of the vents
    it smoked for a second and went off
    the belt smells burnt
    my machine reeks
    it is charred under the bed
  `),
  liquid: lines(`
    I spilled coffee over the machine
    a glass of water went into it
    tea all over the keyboard of the machine
    my toddler poured juice in the bobbin area
    the roof leaked and the machine got wet
    it stood in the rain
    the cellar was flooded and the machine was in it
    water in the foot pedal
    the cat knocked over a vase onto the machine
    lemonade ran into the buttons
    wine on the display and now it flickers
    the iron dripped into the machine
    the machine fell in the bath
    it is soaked, can I switch it on
    the pedal got wet when I mopped
    dropped my drink on it
    oil bottle emptied into the electronics
    water dripped on the plug
    can I use it after it got wet
    washed the machine with a hose
    beer spilt on the embroidery unit
    damp came in and there is water inside the machine
  `),
  runs: lines(`
    it starts by itself
    the machine runs on its own when I switch it on
    it sews without the pedal
    I take my foot off and it keeps sewing
    it keeps going when I let go of the pedal
    it does not stop when I lift my foot
    takes off by itself at full speed
    it will not stop running
    the motor runs on after I stop
    goes off without anybody touching it
    the overlocker suddenly races and I cannot stop it
    as soon as it is plugged in it sews
    runs away with me at full speed
    the motor keeps running
    the start key does nothing but it starts alone ten minutes later
    the needle moves although nobody touches the pedal
    motor hums but the needle does not move
    it hums and nothing turns
    the motor strains and the wheel does not turn
    motor is buzzing but nothing happens
    it groans and does not turn when I press the pedal
    the motor labours and gets slower and slower
    it just hums when I step on the pedal
  `),
  seized: lines(`
    the handwheel will not turn
    hand wheel is stuck solid
    I cannot turn the wheel at all
    it has seized
    the machine is locked up
    everything is blocked, the handwheel does not budge
    the balance wheel is jammed
    needle bar frozen, wheel won't move
    the shaft is stuck
    the motor gets very hot
    the foot control is hot to the touch
    the pedal gets really warm
    the machine is burning hot underneath
    the plug is hot
    power cord feels hot
    the casing is hot after five minutes
    the machine fell off the table
    I dropped the overlocker
    it fell down the stairs and the cover is cracked
    the housing is broken open
    the delivery dropped it and now something rattles loose inside
    a piece of the frame broke off
    the light bulb exploded in the machine
    handwheel turns very hard and grinds
  `),
}

/** Said at a desk and nothing to stop for. Written before the grammar. */
export const HARMLESS: readonly string[] = lines(`
  smoke grey thread on a blind hem
  what needle for smoke coloured organza
  invisible thread in smoke or clear
  smocking with elastic thread
  how do I do smocking on cotton
  fire red satin stitch
  flame stitch quilting
  burnt orange wool coat hem
  burn test to know my fabric
  hot pink jersey rolled edge
  hot fix crystals next to a seam
  hot water washing before sewing
  is the iron too hot for polyester
  how hot may I press this
  water soluble stabiliser under the buttonhole
  water erasable pen for circles
  wash away stabiliser
  waterproof jacket zipper
  water repellent softshell seam
  swimwear elastic
  rain coat seams, which needle
  tea towel hem
  coffee coloured linen
  wine velvet buttonhole
  wet look leggings, walking foot or not
  how do I sew oilcloth
  oil the machine how often
  which oil for the hook
  spray with water before pressing
  shock absorbing mat under the machine
  spark pattern on the fabric
  sparkle thread keeps breaking
  sparkly tulle rolled hem
  electric blue taffeta
  electric scissors in the shop
  what shade of thread is called live oak
  finger pressing a seam
  a finger wide hem
  two fingers of ease
  thumb holes in a knit cuff
  hand sewing needles
  hand quilting stitch on the machine
  hand look quilt stitch, which number
  handwheel toward me or away
  do I turn the handwheel by hand after the buttonhole
  hand crank for the old one
  free arm for sleeves
  the arm of the machine, what width
  eye of the needle too small for the thread
  nail polish to mark the screw
  needle eye
  needle runs into a pin
  needle hits the pin
  needle hits the plate
  needle breaks
  needle stuck in the down position
  needle keeps hitting the foot
  the pin went into the bobbin case
  needle stop down
  how do I make it stop with the needle down
  does it stop at the end of the buttonhole
  it does not stop at the mark
  the buttonhole does not stop at the bead
  the stitch is to stop at the corner
  stop at the dart point
  automatic stop when the thread runs out
  the bobbin runs out too soon
  thread runs out of the take up lever
  thread runs on in a loop under the fabric
  running stitch by machine
  runs in knitted fabric
  runs along the edge, how wide
  run the stitch to the end
  blind hem runs crooked
  cut work on linen
  cutting a buttonhole open
  cut the threads automatically
  the knife does not cut clean on fleece
  knife position for a rolled edge
  how do I retract the knife
  lock up the knife lever
  locked stitch at the end
  lock stitch button
  lockstitch tension
  cut away stabiliser
  cut on the bias
  raw cut edge of felt
  blood stain on a quilt, which stitch to patch
  blood red lining
  dead straight topstitching
  it stitches like dead, ha, no: how do I zigzag
  cord for piping, which foot
  corded buttonhole
  fine cord for couching
  frayed edge on purpose
  the fabric frays
  the cord frays when I couch it
  wire for the brim of a hat
  sew in boning wire
  ring of wire for a hoop, satin over it
  cable knit jumper, overlock
  cable pattern sweater hem
  lead in thread at the start
  light fabric, which needle
  no light, sorry, light weight denim
  bulb skirt
  plug in the walking foot, how
  where do I plug in the pedal
  which socket on the machine is for the foot control
  pedal or start key
  the pedal for my model
  does not start
  my pedal is slow
  the lever is stuck
  the zip is stuck
  thread stuck in the bobbin area
  fabric stuck under the foot
  the fabric gets stuck at a thick seam
  jammed thread under the fabric
  bobbin case jams
  frozen print fleece for a kid
  fleece is warm, which needle
  warm colours for topstitching
  heat resistant batting
  heat press vinyl
  ironing fusible on hot
  melton wool coat
  burn out velvet
  singed edge look for organza flowers
  leaked pattern sizes
  leather smells nice, which foot
  my new jeans smell of indigo, how do I hem them
  the sewing room smells of lavender
  drop feed, how
  drop the feed dogs
  dropped shoulder seam
  dropped stitches in the overlock seam
  drop in bobbin
  the hem drops
  fell seam on jeans
  flat felled seam
  the button fell off
  the hem fell down
  current offers for a walking foot
  currently on the blind hem
  breaker bar for a rug
  crackled leather
  cracked leather upholstery
  broken needle
  broken zip in a jacket
  the needle threader is broken
  my finger guard is missing
  buzzing about the new class, when is it
  racing stripes on leggings
  how do I keep it from running off the edge
  keeps skipping stitches
  keep going round the circle
  motor speed for leather
  strain relief at a pocket corner
  stretch lace touches the needle
  tingle free wool
  bite of the blind hem too deep
  catches too much fabric
  kick pleat hem
  jolt free start
  no smoke, no smell, it just skips
  nobody is hurt, the needle just broke
`)

/** Of the same kinds, written afterwards in eight goes, each before what it showed was mended. */
export const DANGEROUS_LATER: readonly string[] = lines(`
  help, my little one put her hand under the needle and it went right through
  I ran over my index finger
  Good morning, my mother has just sewn into her thumb, should I pull the needle out?
  there's a needle fragment lodged in my palm
  the overlock blade nicked me and it won't stop bleeding
  she has a piece of the needle in her eye
  ouch. needle, thumb, blood
  I cut the tip of my finger off with the fabric knife
  my hand is stuck in the machine
  my hair got caught in the handwheel
  her sleeve and arm got pulled in
  he got his tie wound up in the wheel and it is choking him
  the kid got hurt in our sewing class
  I have a burn blister from the lamp
  burned myself on the bulb
  something sharp shot into my face
  nail torn off by the foot
  every time I touch the screw on the side it gives me a little zap
  prickling feeling in the fingers when I touch metal parts
  I get electric shocks from this thing
  there is voltage on the needle bar
  our lights went out in the whole house when I switched on the sewing machine
  the residual current device switches off when I plug in the overlocker
  the fuse went again
  the cable is broken where it goes into the pedal
  mouse has eaten the lead
  I can see the copper in the cord
  cable insulation brittle and coming off
  the plug sparked when I pulled it
  loud bang, then nothing
  it went pop and the light went off
  a flash came out of the motor
  something sizzles inside
  the socket is black
  the plug got brown and hot
  the machine steams or smokes at the back, not sure
  white smoke
  smells like a hair dryer that is about to die
  burny smell
  there's an odd odour after an hour
  rubbery smell when the motor runs
  the pedal is melting my carpet
  little fire at the light bulb
  it glows red in the motor slots
  a cup of tea fell over onto the sewing machine
  the kids squirted it with a water pistol
  our basement flooded overnight, overlocker included
  cat peed on the machine
  water came through the ceiling on it
  I spilt nail varnish remover inside
  wet pedal
  drowned the machine in lemonade
  pressing nothing and it is off like a rocket
  the thing has a life of its own, just starts
  won't stop even though nobody is on the pedal
  it carries on stitching after I released the pedal
  stuck at full throttle
  it revs up without me
  the motor makes a humming noise but there is no movement
  it only growls when I press
  the wheel cannot be turned by hand
  can't move the handwheel one bit
  needle bar won't go down, everything is solid
  machine completely seized after a year in the attic
  the body is so hot I can't touch it
  foot pedal burning my foot
  heat comes out of the power supply
  the power brick is really hot
  it slid off the table onto the floor
  removal men dropped it
  the case has a crack from top to bottom after the fall
  my thumb nail has a hole, the needle went down on it
  the needle got her in the finger joint
  he cannot pull his finger out from the needle
  there is a lot of blood on the plate
  I stitched my own finger together with the hem
  she cut herself badly on the cutter
  the looper bit me in the hand
  a splinter of the needle hit my cheek
  hand burnt on the hot motor
  my nephew stuck a pin into the socket
  there was an electric shock as I changed the bulb
  it zaps me
  my hairdresser scissors slipped and I have a deep cut in my palm
  when I touch the housing I feel electricity
  the plug gives off sparks
  the fuse box trips when the machine is on
  power cable pinched and torn under the table leg
  the lead is worn through to the wire
  a wire came loose at the pedal
  the plug is melted and brown
  smouldering smell
  it smells of fire
  thick smoke
  the pedal is smoking
  small flame by the belt
  orange juice in the machine
  the vase tipped and water ran into it
  I left it out in the rain overnight
  my machine stood in a flood
  soda on the keyboard
  it got soaked in the car boot
  machine goes by itself
  it sews alone
  the overlocker won't stop
  it runs even with the pedal unplugged
  it keeps sewing after I let go
  motor hums, nothing moves
  it makes a loud humming and does not turn
  the wheel is blocked
  handwheel jammed tight
  cannot move the hand wheel at all
  it is seized up solid
  the motor overheats
  the pedal is burning hot
  machine too hot to touch
  it fell on the floor
  my overlocker was dropped by the courier
  the housing cracked
  the foot control got crushed and wires are out
  the electrician says it has a fault to earth
  she went over her finger with the machine, it is bleeding a lot
  needle broke and I think a piece is in my eye
  there's a needle in my hand right now
  my four year old put a finger under the foot
  I slashed my wrist on the rotary blade
  got my thumb between the needle and the plate
  the serger knife took the top of my finger
  I have burned my palm on the motor
  my necklace got pulled into the wheel
  my long hair is wound around the handwheel
  a customer collapsed at the machine
  tiny electric shock at the presser foot lever
  the machine gives shocks
  feels like ants in my fingers when I touch the metal
  I was shocked by the plug
  it shorted out
  short circuit when I put the plug in
  the mains switch arcs
  sparks fly when I press the pedal
  the power lead is split and you see the wires
  my puppy chewed through the foot pedal cable
  plug does not sit and sparks
  all the electrics in the house go when I turn it on
  the cable gets hot
  smoke is coming out of the handwheel
  there's smoke
  a burnt smell hangs over the machine
  it smelled burnt and stopped
  smells electrical
  something in there is scorching
  flames
  the lamp burned a hole in the plastic
  coke got into the machine
  someone emptied a bottle of water over it
  the dishwasher leaked onto my sewing machine
  my machine was in a flood
  rain through the window, machine is soaking
  it starts up on its own in the night
  machine runs without me touching the pedal
  when I lift my foot from the pedal it goes on sewing
  it won't stop, I had to pull the plug
  full speed as soon as I switch it on
  the motor groans and the needle stays
  the motor hums but does nothing
  handwheel does not move at all
  the wheel is totally blocked
  the machine has seized up
  pedal gets hot
  the motor housing gets hot enough to burn
  I dropped my machine on the stairs
  it fell from the trolley
  the plastic cover burst open and I see inside
  my sister has a needle stuck in her thumb knuckle
  he put his hand in front of the knife
  needle came down on her nail
  I cut deep into my hand with the seam ripper
  needle splinter under the skin
  a pin flew in my eye
  someone in my class fainted after seeing the needle in her finger
  I got my finger squeezed in the flywheel
  burnt myself at the lamp
  the boy's sleeve is wound into the machine with his arm
  I got an electrical shock
  a slight tingling from the metal
  the metal bed gives off current
  I get stung by electricity when I hold the screw
  the plug blew up
  breaker jumps as soon as the machine is switched on
  cable is torn out of the plug
  insulation on the wire is gone
  wires hang out at the back
  socket sparks when I plug in
  smoke out of the motor
  my machine smokes
  burning plastic odour
  it smells funny, like electricity
  there was a small fire
  flames came out of the side
  the foot pedal melted on the carpet
  I tipped my tea over the overlocker
  water got in the machine
  rain came in and the machine is wet inside
  dog weed on it
  spilled a whole mug of coffee
  pedal fell in a bucket of water
  it just starts sewing by itself
  it runs at full speed without anyone on the pedal
  won't stop when I release the pedal
  starts stitching as soon as I plug it in
  it will not switch off
  motor only hums
  hums but the needle stands still
  the motor tries but does not turn
  handwheel won't budge
  wheel locked
  machine completely blocked, wheel too
  very hot motor
  the pedal gets hot and buzzes
  cord warm near the plug
  the machine tumbled down
  machine dropped, now it makes a bang every turn
  needle bar is bent after it fell
  needle pierced through my nail bed
  I have sewn my finger to the quilt
  grandma's finger is under the needle and she is screaming
  the rotary cutter fell on my foot and it is bleeding
  a needle shard in my eyelid
  child's hand in the machine
  my finger got jammed by the walking foot
  cut my palm on the knife, deep
  hot lamp burned her fingers
  my scarf is being eaten by the handwheel and I cannot get free
  electric shock from the metal plate
  machine is electrified
  I notice a slight current in the foot lever
  the cable is chewed
  two wires are touching in the pedal
  sparks inside the foot control
  when plugged in the main fuse goes
  lead got cut by the scissors
  the plug is burned
  the plug is hot and smells
  smoke and then the light went out
  smells singed
  the motor is on fire
  there is a stench from the motor
  burning, what do I do
  I poured water into the machine by accident
  coffee went in the bobbin area
  the roof leaks over my machine
  sprayed the hose at it by mistake
  the cat peed in the pedal
  the machine is possessed, it starts by itself
  goes full speed alone
  it does not stop any more
  will not stop sewing even with the pedal off
  I let go and it carries on
  it hums but nothing moves
  the motor groans under load and stops
  the handwheel is frozen
  the handwheel can't be moved
  it's seized
  wheel sits tight like concrete
  the machine gets so hot I cannot touch it
  smoking hot pedal
  transformer very hot
  the machine fell down
  my son threw it off the table
  casing broken
  plug cracked in half
  the needle is stuck in my hand and I can't move
  my boy stitched over his hand
  I've got a deep cut from the knife
  my fingernail came off under the needle
  mum got her finger into the needle area while I pressed the pedal
  broken needle tip in my foot
  I swallowed a pin
  pin stuck in throat
  the iron fell on my arm and it is blistered
  needle poked straight into my palm
  lost the tip of my thumb in the cutter
  she is screaming, the needle is in her finger
  bleeding badly after the machine caught me
  something flew out and hit me in the face
  there's a crackle and blue light at the plug
  it bites when I touch the handwheel
  light shock whenever I hold the lamp and the machine
  my mains cable has been squashed by the chair and is open
  the plug is falling apart
  we lost power in the house as soon as I switched it on
  main switch tripped when I used the iron and the machine together
  the cord got caught in the wheel of my chair and the copper is visible
  the power switch sparks
  the outlet smells when the machine is plugged in
  something is burning in the machine
  a wisp of smoke above the motor
  pedal started smouldering
  the motor stinks of varnish
  smell of hot oil and rubber
  it got so hot that the plastic went soft
  the bulb holder is charred
  bottle of cola tipped into the hook area
  a pipe burst above my sewing table
  we had a flood and it was under water
  my toddler put juice in it
  steam iron leaked over the pedal
  goes by itself when I touch nothing
  as soon as I turn it on it runs
  it never stops, I have to pull the plug
  starts up without pedal
  the motor just whines
  motor makes a noise but wheel stands
  it groans, then nothing
  hand wheel locked
  I can't turn the hand wheel, it's rock hard
  wheel doesn't budge either way
  foot switch hot
  the transformer gets burning hot
  machine toppled off the cabinet
  it was dropped in transport and the frame is bent
  I jabbed the needle under my fingernail
  little girl's hand went under the foot
  the machine ate my finger
  there is a needle stuck right through the nail of my index finger
  I have sliced into my thumb and can see the bone
  needle fragments in both eyes
  he tripped over the cord and hit his head on the machine
  hand caught in belt of industrial machine
  burnt two fingers on the hot bulb
  my hair is wrapped round the handwheel, help
  a pin went up my nose, I mean my kid's
  blood on the machine, she needs stitches
  tickling current on the metal parts
  the chassis is under voltage
  I got a whack off the plug
  wires are bare where the pedal cable bends
  the fuse in the plug blows again and again
  earth leakage trips
  socket is scorched
  the adapter sparks
  cable insulation melted
  sparks and a bang and it was dark
  smoke from underneath
  I see smoke when I sew fast
  burnt smell, light smoke
  machine is on fire in the workshop
  the belt is smoking
  smell like burning hair from the motor side
  hot electrical smell
  something melts inside
  coffee inside the machine
  I dropped it in the sink
  the window was open and it rained on my machine
  wine over the control panel
  water ran into the socket strip and the machine
  it got soaking wet on the way home
  runs off without pedal
  it will not stop when I take the foot away
  speeds up by itself
  starts sewing when nobody is near
  motor growls and does not start turning
  it hums loudly, wheel will not move
  completely jammed, the wheel can't be turned
  frozen solid since winter
  the needle bar is seized
  the machine got extremely hot
  speed control is glowing hot
  mains lead gets warm
  fell over with the table
  my husband dropped it, the case split
  my thumb is bleeding, I sewed into it
  there's half a needle left in her hand
  he ran the overlock knife across his fingers
  I pulled the needle out of my finger myself, it broke
  needle in the eye of my child
  scissors dropped on my toe, it bleeds
  I feel sick, I sewed over my nail
  granny burned her wrist on the lamp
  my cat chewed the lead and got a shock
  strange prickle on the handwheel
  the wall plug is getting brown
  cracked plug, can I tape it
  there is a spark every time the motor starts
  power cable pinched, wire strands coming out
  breaker won't stay in with the machine plugged in
  it makes a fizzing sound inside
  smoke, little bit
  pedal on fire
  it stank and then smoked
  melting smell
  there's a scorched spot by the light
  plant water dripped into the vents
  baby spat milk into the machine
  knocked my tea over it
  roof leak soaked it
  left in a wet cellar, it is damp inside
  the machine works alone when plugged in
  foot off, still sewing
  won't turn off
  it suddenly went full speed and I couldn't stop it
  hums only
  motor tries, no movement
  wheel blocked solid
  nothing turns any more, wheel is tight
  seized up
  the motor burns my hand
  power unit very hot
  machine crashed to the floor
  cover smashed in the post
`)

export const HARMLESS_LATER: readonly string[] = lines(`
  what foot do I need for smocked waists
  smoke print viscose, which needle
  charcoal and flame coloured yarn in the looper
  firm interlacing, no idea which stitch
  glow in the dark thread breaks
  is this thread fire retardant
  do I have to burn the thread ends
  burned velvet
  the iron burnt my fabric, how do I patch it
  scorch mark on a collar, appliqué over it
  fusible melts on the iron
  which temperature for the fusible
  hot knife to cut ribbon
  warm batting
  heat set vinyl then topstitch
  plastic zip
  rubber band in a hem
  elastic smells of rubber, can I sew it
  my wool smells when I press it with steam
  scented felt hearts
  wine coloured satin, walking foot
  tea dyed linen
  coffee filter as stabiliser
  milk silk jersey
  wet and dry soluble film
  soak out the stabiliser
  rinse away the stabiliser after the lace
  swim shorts with lining
  umbrella fabric
  shower curtain eyelets
  raincoat pockets
  how do I clean the machine with water or not
  oil on the fabric from the hook, what now
  does the overlocker want oil
  electric iron recommendation
  voltage of your class room lamps for my light box
  live class on Saturday
  lead the fabric with both hands
  lead pencil marks
  does the foot control come with the machine
  cable needle
  cable stitch by machine
  cord elastic
  shirring cord in the bobbin
  corduroy trousers
  gold cord over it with zigzag
  wire edge ribbon
  wired ribbon hem
  fish line hem
  fishing line in a rolled edge
  finger sized puppets
  glove fingers, which seam
  thumb gusset
  arm hole binding
  set in sleeve
  eyelets
  eye glasses case
  hook and eye tape
  hand towels
  hands free knee lifter
  handle of a bag, how many layers
  palm leaf print
  nail head beads
  toe up socks
  leg seam of leggings
  knee patch
  face fabric and lining
  needle in position left
  how do I get the needle out of the clamp
  pin in the seam, do I sew over it
  needle went blunt after one hem
  the needle unthreads
  knife off for a flatlock
  cutting mat
  cuts its own thread at the start
  cut my fabric too short
  catch stitch
  hit the pedal and the stitch is long at once
  start slowly
  how do I start in the middle of a circle
  stop the seam a stitch before the corner
  it doesn't stop puckering
  won't stop unravelling
  why does it go backwards by itself at the start
  keeps going crooked
  stitch runs off the edge
  the bobbin runs empty
  racing back cut bra
  humming bird embroidery
  buzz word quilt letters
  wheel of feathers pattern
  handwheel direction
  balance of the tension
  the lever won't move
  zip foot stuck on the ankle
  bobbin winder is stuck
  fabric is blocked from feeding
  quilt block ten inches
  frozen shoulder, do you have a knee lifter
  drop the teeth for darning
  dropped waist dress
  shoulder drop
  fell out of practice, can I retake the class
  autumn fall colours
  crack in the button
  broke three needles today
  broken thread sensor
  split seam
  torn jeans knee
  needle for thick elastic
  finger knitting yarn couched down
  how to sew glove fingers
  hand piecing versus machine piecing
  quilted palm tree
  hem on a wide leg trouser
  topstitch the fly front
  cutting table height
  rolled hem on a flame retardant curtain
  sew with fire proof thread
  smoky quartz buttons
  ash grey thread
  hot hatch seat covers
  cool iron only
  warm grey voile
  wet weather gear, seam tape
  rain poncho
  water based glue on felt
  how much water for the steam station
  tea dress hem
  coffee sack tote
  spill over of the class, any seats left
  sparkling organza edge
  lightning bolt applique
  electric pink
  shock cord in a hem
  bungee cord casing
  cord lock at a jacket
  power mesh
  power net stretch lace
  live demo when
  currently my blind hem shows outside
  lead weight tape in curtains
  lead foot, I sew too fast
  cable stitch bobbin work
  wire bra casing
  underwire channel
  frame for a purse
  casing for elastic
  body suit seams
  skin tone tulle
  eye shadow pouch
  pin tucks
  pin the hem or not
  knife pleats
  blade of the rotary cutter is dull
  cut out the shape then satin
  broken stitch on the serger
  drop cloth hem
  the bobbin dropped out
  the fabric slipped off the table
  hum of the machine while winding is normal?
  does the motor hum always
  start and stop button where
  slow start option
  stop the presser foot from sticking to vinyl
  keeps slipping on satin
  run in the tights mended
  the seam pulls to one side by itself
  free motion without a pedal, can I
  topstitch with burnt sienna thread
  shade smoke or silver for the blind hem
  invisible zip in chiffon
  how many fingers of overlap
  fingerless mittens
  hem by hand or by machine
  the hand of this fabric is stiff
  armholes with bias
  how to finish sleeves in the round
  needle for eyelash yarn
  knit a scarf then overlock it
  chain stitch with the cover machine
  scarf with rolled hem
  hair on fabric, how to sew faux fur
  fur: hair pulled out of the seam
  metal zip
  metallic thread keeps shredding
  piece a quilt, quarter inch
  quilt pieces don't match
  torn lace repair
  leather piece over a hole
  hole in jeans
  rubber sole fabric
  electric foot control or knee lifter
  which pedal fits
  my foot control is in the box?
  power of the motor for canvas
  is the motor strong enough for leather
  hot water bottle cover
  water bottle carrier with mesh
  tea cosy quilting
  bath towel applique
  pool noodle cover
  bottle green velvet
  glass beads
  cup seams in a bra
  lamp shade fabric
  plug in ham? no, tailors ham
  wire gauze
  plastic vinyl, it sticks under the foot
  speed of sewing velvet
  start sewing at the notch
  sew off the edge
  how do I go round a corner
  runs well, just a question about the seam guide
  skip stitches on leggings
  stop skipping please
  needle up or down at the end
  heavy canvas blocks
  block fusing
  fall into place
  floor cushion zip
  stairs in the pattern print
  open toe foot
  sewing machine needle sizes for denim
  which thread for jeans hem
  hand wheel towards me at the end of the seam
  how to hand baste
  elastic thread in the bobbin
  smoked salmon coloured linen
  how do I press a seam open
  press cloth needed for wool?
  is a hot iron ok on interfacing
  overlock with wool thread
  pull the thread with a needle under
  needle down stop
  needle position right for the zip
  sharp needle or ballpoint
  blunt knife on the overlocker
  the knife cuts into my seam
  cut thread ends
  the thread gets caught on the spool
  fabric pulled into the plate
  fabric caught in the feed dogs
  thread caught around the handwheel
  thread wound around the looper
  cotton burns? how hot to press
  heavy wool coat with flame pattern
  flammable tulle
  power stitch on the machine
  plug colour for light box
  my pedal is too sensitive
  light goes off after a while
  machine beeps
  display is black
  machine is switched on, nothing happens
  needle goes through pin
  sewing over pins
  run a straight stitch in wet look
  water soluble thread in the needle
  paint effect fabric
  bottle cap stitch
  milk carton bag
  glass fibre fabric
  the bobbin drops
  fall tote bag
  drop spindle yarn
  face mask with wire
  nose wire for a mask
  ear loops of elastic
  skin friendly seams for baby vest
  knee pads
  toe cap felt slippers
  wrist band elastic
  which foot for a rolled hem on chiffon
  twin needle on jersey
  tension for thick thread in the bobbin
  the thread nests at the start
  needle threader does not work
  thread breaks with metallic
  the feed does not move the fabric
  stitch length 0 for free motion
  button sew on foot
  how to sew a buttonhole with cord
  piping cord size
  cord foot three grooves
  beads with wire
  smocking pleater
  smoky eye makeup bag
  fireman costume reflective tape
  flame red lining for a jacket
  burn marks from the iron on the ironing board cover
  wash before sewing, how hot
  hot air balloon applique
  hot weather dress fabric
  which needle for wet suit neoprene
  rain trousers seat seam
  water colour print quilt
  coffee break at the class, when
  tea party dress hem
  spark plug print fabric
  flash fabric reflective
  the machine cuts out the shape, cut width
  cut edge of sweatshirt fraying
  finger tip towel
  mitten thumb seam
  hand dyed cotton
  handle straps
  handmade label
  arm chair cover
  eyelet lace
  knee length skirt
  leg warmers
  toe of a stocking
  what does lock stitch mean
  locking the stitch
  blocked quilt top
  stuck at step three of the buttonhole
  wheel stitch decorative
  tumble blocks quilt
  fall class list
  drop shipping machine price
  the machine makes a bird nest
  can I run the machine with only the light
  needle plate for straight stitch
  pin the corner, then sew
  cut the corner off before turning
  thumb tack pattern print
  press the seam with a hot iron
  iron on patch
  steam press
  hand pick zip
  power drill holder bag
  light blue denim
  blue light pattern
  glow stick pouch
  fire engine applique
  smoke alarm cover? just a joke, quilt label
  the plug for the foot control is grey, which one
  do I plug the pedal left or right
  oil drip tray
  water bottle holder
  wash the fabric first
  flood of orders
  sewing at full speed on leather, which needle
  how do I slow it down
  machine hums quietly while it stands, normal?
  lock the seam at the end
  locked needle position
  wheel chair cushion
  wheel applique
  fall leaves applique
  cushion fell apart at the seam
  bed sheets
  bed runner
  table cloth weights
  switch from overlock to cover
  switch to zigzag
  needle position switch
  motor for an old treadle, possible?
  current stitch number on the display
  live webinar
  shocking pink thread
  burned orange? I mean burnt orange
  which bulb fits the wren
  bulb socket type
  is there a spare cord
  longer cord for the pedal
  cord grommet
  power cord storage bag pattern
  plug and play? which embroidery unit
  shock blue lycra
  needle under tension? thread
  fabric under the needle slips
  foot under the cabinet
  hand guide for quilting
  palm quilting grips
  quilting gloves
  finger shield
  magnetic pin bowl
  pin cushion
  needle minder
  eye pins
  leg of mutton sleeve
  arm knitting yarn
  skinny jeans
  skin print
  kick foot control
  lift the foot with the knee
  bang on a snap
  snap press
  hot glue on felt
  steam a hem
  damp cloth pressing
`)
