/**
 * What callers say when no setting may be told, by what is the matter; and what sounds like it and is none of it. From
 * these lines `npm run docs` learns what tells the two apart.
 */
export const linesOf = (text: string): string[] =>
  text
    .split('\n')
    .map((line) => line.trim())
    .filter((line) => line !== '')

/** By the kind of danger of which the first is told. Written before the grammar. */
export const DANGEROUS: Readonly<Record<string, readonly string[]>> = {
  hurt: linesOf(`
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
  electricity: linesOf(`
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
  fire: linesOf(`
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
  liquid: linesOf(`
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
  runs: linesOf(`
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
  seized: linesOf(`
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
export const HARMLESS: readonly string[] = linesOf(`
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

/** Of the same kinds, written afterwards in ten goes, each before what it showed was mended. */
export const DANGEROUS_LATER: readonly string[] = linesOf(`
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
  My daughter just put the needle straight through her nail
  she has sewn into her thumb and it won't come out
  the needle is stuck in my finger what do I do
  I've got a bit of broken needle in my eye I think
  there's blood everywhere, she caught herself under the foot
  the blade took the tip of my finger off
  I nicked myself on the overlocker knife pretty deep
  he pulled his hand back and the needle snapped off inside
  burnt my hand on the lamp when I changed it
  the light bulb burned me
  the metal bit under the plate is so hot I blistered my finger
  my kid got his fingers in where the belt goes
  hair got caught in the handwheel
  my sleeve was dragged in and now my wrist hurts
  needle went into the bone I think
  I felt a tingle when I touched the machine
  it gives me a little zap every time I touch the free arm
  got a shock off the foot pedal
  the metal parts are live
  there's a buzzing from the plug and it sparked
  sparks coming out by the motor
  saw a blue flash when I switched it on
  the fuse in the house goes each time I turn it on
  it trips the breaker as soon as I plug it in
  the cable is frayed and I can see copper
  the cat chewed through the power lead
  plug is melted on one side
  the socket on the machine is loose and crackles
  the pedal lead has a bare wire showing
  the flex is cut and taped, can I still use it
  smells like burning
  there is a burnt smell coming from inside
  smoke out of the back
  it's smoking a bit when I go fast
  it smells of hot plastic
  I saw flames behind the handwheel cover
  something singed in there
  it went pop and now a nasty smell
  a wisp of smoke comes up near the bobbin
  the pedal got so hot it scorched the carpet
  I knocked my tea over it
  coffee went into the bed of the machine
  a vase of water tipped on it
  it was in the flood, can I just dry it and start
  the roof leaked onto it overnight
  wine all over the screen and the buttons
  oil and water dripping out of the bottom
  my toddler poured juice in the vents
  left it in the rain on the balcony
  the steam iron leaked into it
  it started sewing all by itself
  runs on after I take my foot off
  won't stop when I lift off the pedal
  it keeps going full speed whatever I do
  the machine just took off on its own
  it sews without me touching the pedal
  speeds up by itself and I can't stop it
  as soon as I switch it on it races
  start stop button doesn't stop it any more
  needle keeps going up and down with nobody near it
  the motor hums but nothing turns
  it just hums and gets warm
  growls and won't move
  it makes an electric hum but the needle stays put
  motor strains like something holds it
  the handwheel won't turn at all, it's locked solid
  completely seized
  handwheel is jammed, I can't move it either way
  it's stuck fast, I tried with pliers
  it turned hard and now it's frozen
  I dropped it down the stairs and now it rattles
  it fell off the table, is it safe to use
  something broke inside, there's a metal piece loose
  the casing is cracked and I can see inside
  the movers dropped it and the needle bar is bent
  the motor is too hot to touch
  the side of the machine gets really hot
  base is hot enough to hurt
  heat coming off it and a smell
  foot controller gets hot in use
  I opened the cover and there's a wire off
  can I replace the motor brushes myself
  I took the bottom off and a spring flew out
  how do I get at the circuit board to clean it
  a capacitor looks bulgy under the cover
  it's tingling my fingers through the fabric
  lights in the room flicker when I sew and it crackles
  she's bleeding, the needle went through
  my husband stuck the screwdriver in and it flashed
  the cutter slashed my knuckle
  stitched my finger to the quilt
  needle in my palm
  something flew into my eye when the needle broke
  the needle exploded and hit my cheek
  I can't feel my finger after it went through
  mum fainted after she ran over her finger
  the pressing foot iron thing burned my arm
  it's been soaking in the cellar for a week
  the plug got wet
  the outlet has black marks where the machine plugs in
  needle pierced my index finger and came out the other side
  my student has a needle stuck in her knuckle
  she cut herself on the fabric cutter and it's bleeding a lot
  the point of the needle is still in my thumb
  tip broke off and I can't see it, my finger is swelling
  my son sat on a needle and it's in deep
  the pin went into my knee
  I swallowed a pin while marking the hem
  a bit of metal hit me in the face when it snapped
  my eye is red since the needle broke
  there's something in my eye from the needle
  my nail is black where the foot came down
  the presser foot came down on my finger
  the iron fell on her foot
  burned my palm on the iron
  scalded with steam on my arm
  touched the bulb and have a blister
  my ring got hooked on the handwheel and twisted my finger
  my necklace got wound into the machine
  her long hair is wound round the wheel
  scarf got sucked into the belt while it was on my neck
  he put his finger between the belt and the pulley
  I think I need stitches, the knife got me
  the rotary cutter went over my foot
  cut to the bone
  my hand is numb after it
  she is crying and won't show me her finger
  call a doctor, my wife ran the needle into her hand
  my colleague is bleeding from the lip
  grandma fell over the cable and hurt her hip
  I get a tickle of electricity off the bed
  the handwheel bites when I touch it with wet hands
  felt electricity go through my arm
  every time I brush the metal plate I get a jolt
  the machine shocks me
  my wife got electrocuted a bit she says
  is it normal that there is current on the needle plate
  the tester screwdriver lights up when I hold it to the screw
  sparks in the little window by the motor
  there are tiny blue sparks at the brushes
  it sparks when I plug it in
  the plug gets really warm
  the wall plug burnt out and turned brown
  there's a crackling sound from the socket
  the lead is pinched and the inside shows
  dog bit through the cable
  a mouse has been at the wires
  the wire came off the pedal plug
  the cord's outer skin is split
  the switch on the side arcs
  rcd goes off each time I press the pedal
  all the lights went out when I started it
  the power strip tripped and smells
  voltage is wrong, I plugged a 110 machine into 230
  I used it in another country without an adapter and it went bang
  loud bang and now it's dead
  popped and a puff came out
  it made a crack like a firework and stopped
  there was a flash inside the machine
  the lamp blew with a bang
  fumes from the motor
  reeks of burning rubber
  smells like an electrical fire
  smells like fish when it's on
  weird chemical smell when it runs a while
  white haze coming up through the needle plate
  smoke from under the table where the transformer is
  the lint inside caught fire
  a glow under the cover
  the plastic by the lamp has melted
  the cover went brown and soft
  edge of the casing is charred
  my carpet is burnt where the pedal was
  it smoulders
  something is cooking in there
  I tipped a mug of coffee into the machine
  water got into the motor
  a glass of lemonade went over the keyboard part
  cat peed on the machine
  the flower vase fell over and it's all wet inside
  the radiator burst and sprayed it
  stood in water in the basement
  it got rained on in the car
  I washed it with the hose to get the lint out
  used a wet cloth and it ran into the slots
  milk dripped in behind the screen
  the humidifier tank leaked onto the bed
  there's water in the pedal
  puddle under the machine
  I sprayed cleaner into it and now it's crackling
  it's dripping black oil onto the plug
  starts by itself when I plug it in
  goes by itself the moment it is turned on
  the pedal is unplugged and it still runs
  keeps sewing after I let go
  it just won't stop running
  pedal sticks and it runs at top speed
  it ran away with me
  it shot off at full speed when I only touched it
  motor doesn't stop
  sews on even when I pull the pedal out
  pressed stop and it kept on going
  it started up while my hand was in there
  nobody was touching it and it began to sew
  no control over the speed, it just goes flat out
  the needle moves on its own
  it goes crazy and sews like mad without the pedal
  hums but nothing moves
  buzzing noise and no movement
  motor whines and it's stuck
  it makes a droning sound and the needle doesn't move
  you can hear the motor try but it stands still
  there's a hum from the motor even when I don't sew and it's hot
  labours and stops and the motor smells
  the machine is blocked and the motor growls
  nothing turns, neither by hand nor motor
  wheel is rock solid
  can't turn the handwheel at all
  handwheel won't budge in either direction
  everything is locked, needle down, won't move
  it's frozen solid after the winter
  seized up since it stood in the attic
  crunching noise then it locked up
  the shaft is stuck and won't turn with all my strength
  needle bar doesn't go up any more, jammed tight
  grinding metal sound from inside and then nothing
  something came loose inside and it's clanking hard
  a gear broke, there are teeth in the bottom
  bits of metal fell out
  the belt snapped and whipped out
  it was knocked off the table and the handwheel is crooked
  fell out of the car boot, cover cracked
  it took a tumble and now the light flickers
  the body has a crack right through
  the motor mount is broken and it wobbles
  it gets so hot I can't keep my hand on it
  the motor side burns my hand
  pedal is boiling hot after ten minutes
  transformer is too hot to hold
  underneath it is scorching hot
  the charger brick is hot and swollen
  I can smell hot dust and the casing is warm near the plug
  the machine overheats and shuts down
  I want to open the casing and tighten the belt
  I have the back off, which wire goes where
  is it safe to take the motor out
  can I bypass the switch
  how do I solder the lead back on
  I want to clean the electronics with alcohol
  where is the fuse inside and can I put a bigger one in
  I removed the side panel and touched something
  can I run it with the cover off
  how do I change the power cord myself
  I want to rewire the pedal
  the battery in the machine is leaking
  can I fix the board with a hair dryer
  my machine bit me
  got my finger
  finger. blood. what now
  help it's burning
  help it won't stop
  it's on fire
  smoke
  sparks
  she's hurt
  I'm bleeding on the quilt
  ambulance is on the way but how do I get the needle out of her hand
  how do I release a finger from under the foot
  I ran my finger under the needle and it is bleeding
  the needle is stuck in my thumb
  a piece of needle flew into my eye
  my son put his hand on the hot iron next to the machine
  I cut myself on the overlocker blade
  my girl got her nail sewn through
  the knife caught my knuckle
  I got a shock when I touched the handwheel
  it tingles when I touch the metal plate
  sparks come out of the socket when I plug it in
  the foot pedal is getting really hot
  the cable is frayed and the copper shows
  the dog chewed through the lead
  the fuse goes each time I switch it on
  smoke comes from the motor
  it smells burnt
  there was a small flame near the lamp
  a smell of burning rubber from under the bed
  my tea went over the keyboard of the machine
  we had a flood and the machine stood in water
  rain came in on the machine overnight
  it starts sewing on its own without the pedal
  the machine does not stop when I lift my foot
  it runs full speed by itself
  the motor strains and the needle does not move
  the handwheel is stuck fast
  cannot turn the wheel by hand at all
  it fell off the table and now the casing is cracked
  I dropped it down the stairs
  the lamp flickers and then the whole house went dark
  it buzzes and the RCD trips
  the belt snapped and there is a bang inside
  there is a wire hanging out at the back
  my mother felt a jolt from it
  I burnt my arm on the lamp
  the needle went right through my fingertip
  blood on the fabric, I stabbed myself with the needle
  a child has swallowed a pin
  the machine is warm as an oven after ten minutes
  the power supply brick is scorching
  liquid has come out of the bottom, looks like oil everywhere on the electrics
  sewing machine was struck by lightning
  it turned itself on in the night
  it goes on sewing after I let go of the start button
  I opened the cover and there is a loose wire
  my finger was under the foot when it started and now the nail is off
  needle point broke off inside my hand
  granny has stitched herself
  cut my palm open on the serger knives
  something flew up and hit her in the face
  he is holding his eye, the needle exploded
  there is a deep cut in my finger from the blade
  her sleeve is wound into the handwheel with her arm
  the boy ate a bobbin pin
  I touched the lamp and blistered my hand
  every time I touch the screw I get a prickle
  it bit me, electric I mean
  the metal bed is live
  crackling from the pedal with little flashes
  the lights in the house go when I press the pedal
  the mains lead is torn near the machine
  bare copper at the foot control
  the charger block is so hot I cannot hold it
  my pedal smells of burnt plastic
  there is smoke out of the vents
  it glows red inside
  singed smell and it stopped
  flames at the socket
  the cat knocked my coffee into it
  we spilt a glass of wine on it
  it stood in the cellar when the water came in
  cleaning fluid ran into the screen
  the iron dripped all over the display and now it is dead
  it keeps stitching although nobody touches the pedal
  runaway, I had to pull the plug
  as soon as I switch on it races
  cannot get it to stop
  the motor growls and stays where it is
  hums and hums and the wheel stands still
  the shaft will not budge, not even by hand
  handwheel locked solid
  fell down from the table, the arm is bent
  the case is cracked open and I see the board
  my uncle took the bottom off and touched something and got a whack
  the power cord got run over by the chair and sparks
  the bulb burst and glass is everywhere
  it overheats and turns itself off
  my fingertips are numb after touching the plate
  a wet patch under the machine near the plug
  rubber belt is burning
  dizzy and bleeding after the needle went in
  I cannot get the needle out of my finger
  the switch sparks
  the fuse box bangs when she plugs it in
  the wheel is turning though it is switched off at the pedal
  granny has stitched through herself
  I have stitched into me
  mother sewed herself
  the boy ate a pin
  the toddler put a needle in his mouth and swallowed
  the baby has got hold of the bobbin and choked
  he swallowed something from the sewing box
  the machine fell and its arm is bent
  it fell down and something inside is bent
  came off the trolley and landed on its side
  crashed to the ground, needle bar crooked now
  tipped over in the car, now the frame is bent
  the leg of the table gave way and the machine went down
  somebody sat on the pedal and it is smashed
  a shelf came down on it
  it was dropped in the post
  my nail has come off
  she lost the tip of her finger
  the skin is torn, it got me with the knife
  it went straight through, bone I think
  it went into my hand and I cannot pull it out
  stuck to the plate by my finger
  he is white as a sheet and bleeding
  she is in tears, her finger
  what do I do, there is a needle end in me
  it hit me in the cheek
  glass in my hand from the bulb
  the spring jumped out and hit my eye
  something shot out of the machine into her face
  my scarf got pulled in and is tight round my neck
  her plait is wound up in the wheel
  the necklace is caught and she cannot get out
  I feel it buzzing in my fingers when I hold the metal
  there is a pins and needles feeling from the bed
  it stings when I touch it
  gave me a kick
  my arm went numb from the wheel
  it gave him a belt through the pedal
  the whole flat is dark since I plugged it in
  all the lights went when she pressed the pedal
  the socket is loose and black
  the adapter has burst open
  the transformer box hums and is boiling
  plug prongs are bent and brown
  sticky tape round the lead where it was cut
  the hamster gnawed the lead
  rolled the chair over the lead and now it is cut
  there is a crack and a puff at the back
  a puff of smoke and then nothing
  a whiff of hot plastic
  stinks of something electrical
  hot rubber smell when it runs
  a brown mark where the lamp sits
  the lamp has melted its cover
  it glowed for a moment
  the table under the pedal is scorched
  my curtains caught fire at the lamp
  it had a bath
  someone put a vase on it and it tipped
  baby bottle leaked all over the buttons
  the ceiling dripped on it all night
  juice in the vents
  it was left out in the rain
  the washing machine flooded the sewing room
  there is water coming out of it
  moisture behind the screen glass
  it takes off like a rocket
  it just goes, nobody near it
  the needle goes up and down although I am not touching anything
  cannot make it stop
  pedal let go and it carries on
  it went off in the night by itself
  it started when I put my hand near the needle
  it jumps forward by itself while I am threading
  the start key does not stop it
  it keeps on sewing and sewing
  whirrs but the needle does not go
  there is a strained noise and it stands
  the motor pulls and pulls but nothing moves
  a deep hum, no movement
  I need both hands to turn it and it does not go
  wheel does not budge
  it is rock solid
  locked up completely
  something heavy jammed inside and the needle bar will not go
  so hot underneath I cannot touch it
  the motor side gets terribly hot
  it has become too hot to hold
  heats up and stops after a while
  my husband took it apart and there are parts left over
  he has opened it and wants to oil the motor
  I want to change the belt inside myself
  can I solder the wire back
  there is a loose cable when I look in from below
  the board has a black spot
  I have just sewn over my finger
  there's half a needle in my thumb, should I pull it
  my little one has her finger stuck below the presser foot
  he nicked his finger on the overlocker knife and it won't stop bleeding
  I slipped with the seam ripper and it's in my palm
  a pin sprang into my eye
  the needle shattered and something is in my eye
  she burnt her fingertips on the bulb
  I scalded myself with the steamer
  my necklace is caught in the hand wheel
  loose sleeve pulled into the belt
  our cat chewed the cable through
  I touched the plate and got zapped
  it gives off little shocks
  a tickle of electricity in the metal
  the plug sparked and went black
  the socket is burnt
  fuse went with a bang
  the main switch flew out when she started it
  cord is split near the plug
  the insulation of the lead is broken
  the pedal got so hot that it smells
  the motor housing is too hot to touch
  smoke from the hand wheel side
  it stinks of burning
  something smoulders in there
  there was a flame at the back
  burning dust smell and then it died
  the vase fell over and the water ran in
  a glass of water tipped over the pedal
  it was soaked by the sprinkler
  the roof leaked onto the overlocker
  it got wet in the flood
  it runs on its own
  starts up by itself in the night
  keeps on running though the pedal is out
  won't stop when I take the foot off
  it suddenly runs at full speed
  motor hums but needle won't move
  it growls and does not turn
  hand wheel blocked completely
  everything seized
  the wheel won't go round
  needle bar jammed solid
  I dropped the machine
  it fell off the shelf and rattles
  the base is broken after a fall
  the housing is cracked after the move
  the bulb exploded
  I took the cover off, which screw is the motor
  can I solder the pedal cable
  how do I get at the circuit board
  I fixed the plug with tape, is that fine
  my grandma fainted at the machine
  blood on the needle, it went through my nail
  hand under the needle when he pressed the pedal
  my tongue got a shock from the thread, no joke, from the metal
  my sleeve went into the belt
  the cuff of my shirt is pulled into the wheel
  her apron string is round the handwheel
  his shawl is in the motor
  my bracelet hangs in the looper
  the stand is broken after it fell
  the base plate cracked when it fell
  it has had a fall and now something is loose
  fell over with the trolley
  I taped the cord myself
  I glued the plug together
  twisted the two wires together
  the plug is held with tape
  I mended the lead with insulating tape
  the knife went into my finger tip
  I have sewn my thumb to the fabric
  he put the needle into his hand
  the needle is still sticking in
  bleeding badly
  my eye hurts since the needle broke
  the iron fell on her arm
  hot wax on my hand
  it went bang and the light went out
  a bang and a flash and now nothing
  a loud crack and smoke
  the screen went black with a smell
  it is glowing
  the wall is black where the plug was
  water under the machine and it is plugged in
  milk over the display
  rain came through the window onto it
  it drives off by itself
  sews off without anybody
  the pedal is stuck down and it does not stop
  stuck at full speed
  it stops only when I pull the plug
  hums, smells warm, does not turn
  nothing turns and the motor gets hot
  needle stuck down and the wheel does not move
  will not turn by hand
  a needle has gone straight through my index finger
  one of my pupils has her thumb sewn to the cloth
  I stabbed the scissors into my hand
  overlocker knives took a slice off my finger
  something sharp got in my eye when the needle broke
  she is hurt, what shall I do
  my baby has put a needle in her mouth
  got my hand burned by the lamp
  my cuff has been drawn into the wheel and I am stuck
  it shocks me whenever I touch the chrome
  I feel the current in the handwheel
  there was a spark from the pedal
  the plug melted in the wall
  the fuse is blown again after switching on the machine
  electricity went off in the whole house when she pressed start
  the lead is worn through to the copper
  the pedal cable is torn off
  smoke rises from the bobbin area
  smells like burnt plastic near the motor
  I see a flame under the machine
  the machine smoulders
  somebody emptied a can of cola over it
  my kid poured juice on the buttons
  the machine got wet when the washing machine leaked
  the cellar was flooded and it stood there
  it sews although my foot is away
  it does not obey the pedal and keeps running
  the machine starts when I plug it in
  it went full speed and I could not stop it
  the motor makes a humming sound but the needle stays
  the motor is trying but nothing turns
  the shaft is seized
  I can't move the handwheel, it is like cemented
  it was dropped by the courier
  the machine fell from the chair, the case is split
  it has become burning hot on the side
  foot control overheats
  which wire goes where in the plug
  I want to take the motor out
  is it safe to run it with the cover off and the belt showing
  needle went in my finger and came out the other side
  I've got a bit of metal in my fingertip and it won't come out
  grandma stitched over her nail
  the looper knife took the tip off my thumb
  I'm feeling faint, there is a lot of blood
  she's bleeding all over the quilt
  pupil has her pigtail wound round the wheel
  my scarf is being pulled in by the machine
  a shard of needle is in his eyelid
  cut my palm on the blade of the serger
  boiling water from the iron went over my leg
  burned my hand on the iron plate
  the machine gave me a zap
  I get tingles from the needle plate
  every time I touch the wheel and the radiator I feel a shock
  sparks come from the foot control
  the plug is black and smells
  the mains cable got cut with the rotary cutter
  the wires are showing on the lead
  tripped the breaker three times now
  it crackled and the light went out and now it stinks of burning
  there's smoke coming out of the handwheel end
  flames out of the lamp
  it smells of burnt plastic
  pedal is melting
  a glass of juice went into the bobbin area and it was on
  soda all over the machine
  machine stood in floodwater
  roof leaked on my machine overnight
  cat peed in it
  it will not stop, I have to pull the plug
  starts sewing when I switch on without touching the pedal
  motor races by itself
  pedal stuck down and it keeps sewing
  it hums and the needle doesn't move
  motor strains but the needle stays put
  everything is seized, wheel won't move by hand
  completely stuck, cannot turn the handwheel in either direction
  the motor housing is burning hot
  power brick is too hot to hold
  dropped it down the stairs
  parcel arrived with the casing broken
  belt is shredded and smoking
  there's grinding like metal on metal and then a bang
  I took off the bottom and pulled a wire loose
  may I replace the capacitor myself
  how do I rewire the foot pedal
  is it safe to bypass the fuse
  I want to solder the power switch
  the light bulb exploded
  the bulb socket is live, I felt it
  there is an exposed contact where the lamp sits
  my kid poked a needle in the plug hole
  child swallowed a bobbin pin
  my toddler got his hand under the needle
  I have stapled my finger to the fabric with the needle
  needle broke and flew into my cheek
  nail torn off by the presser foot
  wrist trapped between arm and table, help
  there's a strong ozone smell and buzzing
  how do I rewire the plug
  can you tell me how to rewire the lamp
  which wire goes where in the foot pedal
  may I put a new cable on the pedal myself
  how do I bypass the safety switch
  the knife sprang off and cut my chin
  a needle in the sole of my foot
  my toe is bleeding, I stepped on the scissors
  the machine was knocked over
  it was pushed off the table by the cat
  it tumbled off the shelf
  it fell and landed on the floor
  my son knocked it off the bench
  somebody threw it off the trolley
  it slipped off the stand
  it lay in water
  it was in the flooded cellar
  which coloured wire goes to the motor
  a resistor on the board is burnt, which one do I need
  a pupil has passed out
  my sewing table smells like a burnt toaster since I switched it on
  there was a pop and a little flash by the pedal, now nothing
  the foot control got so warm I took my foot off
  sparks where the cord goes in when I wiggle it
  it tickles my fingers when I touch the metal plate
  got a zap off the handwheel
  I sewed through my thumb and the needle tip is still in there
  needle went straight into my daughter's finger
  coffee went over the machine while it was on, still drips out
  cat chewed the power lead, you can see copper
  plug is brown and melted on one side
  machine starts sewing by itself without me touching the pedal
  it keeps running after I let go of the pedal
  motor hums and gets hot and a haze comes out of the vents
  humming, hot and smelly after jeans
  something caught fire inside the overlocker, out now
  a piece of needle flew in my eye
  I dropped it down the stairs and now the cord is torn
  water from the iron ran into the vents
  the light flickers and the casing gives little shocks
  knife took a slice off my fingertip, bleeding
  lint in there started to glow
  my fuse blows every time I plug the serger in
  trips the breaker as soon as the foot goes down
  rain came in on it overnight, may I plug it in
  the adapter brick is too hot to hold
  smoke from underneath while winding a bobbin
  a burnt-plastic stink but it still sews lovely
  the wire inside the pedal is bare
  the battery for my cutting light is swelling up
  the little battery in my rotary lamp has gone fat
  puffed up power pack on the travel machine
  fluff round the bulb began to smoulder
  orange glow behind the faceplate
  pedal cable nibbled by the rabbit, bare in one spot
  felt a buzz through my ring when I leaned on the machine
  the needle bar came down on my nail
  grandma passed the needle through her fingertip, we cannot get it out
  husband got his cuff wound round the handwheel and it took his wrist
  it took off on its own at switch on, nobody near the pedal
  does not stop when I lift my foot
  machine got soaked under a leaking skylight
  a glass of juice tipped into the bobbin area
  there is a scorched ring around the plug
  the extension lead crackles and smells
  pop, bang, then the lights in the whole room went out
  I can see a blue arc at the switch
  broken needle bit me in the cheek
  the blade got my knuckle, will not stop bleeding
  machine growls, wheel will not budge, getting warm
  the housing split after it fell off the sewing table
  I took the bottom cover off and a wire came loose
  my toddler stuck a pin in the socket of the machine
  steam came out of the machine, not the iron
  foot pedal is roasting
  the transformer buzzes and stinks
  it shocked the cat
  sewing over pins one hit my eye
  the cord sparks near the machine end
  smouldering smell after I oiled it
`)

export const HARMLESS_LATER: readonly string[] = linesOf(`
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
  how do I get a scorched look on the fabric
  my burnt orange thread keeps breaking
  the smoke grey thread looks different underneath
  flame stitch in the decorative menu which number
  how do I make it stop with the needle down
  needle stops in the wrong position
  it stops after every stitch
  won't start when I press the pedal
  the bobbin runs out too fast
  the thread runs off the spool
  runs too slowly
  how fast can it go on freehand
  needle hit a pin and bent
  the needle broke on a thick seam
  needle keeps breaking on denim
  thread shreds at the eye
  how do I thread the eye of the needle
  hot pink satin puckers
  hotfix crystals then sewing over them
  iron on interfacing gums the needle
  should I use a hot iron before the hem
  water soluble stabiliser tears
  wash away stabilizer on top or below
  can I sew raincoat fabric
  waterproof fabric skips stitches
  oil the hook how often
  where do I oil my machine
  which oil
  I spilled my pins
  coffee coloured thread for topstitching
  tea towel hem
  tea dress rolled hem
  wine red lining frays
  blood red velvet creeps
  lightning bolt zip foot
  the zip is stuck in the fold
  buttonhole won't stop at the right length
  buttonhole runs one way only
  stitch runs backwards when I press the key
  fabric runs away under the foot
  feed dogs won't move the fabric
  the foot won't snap on
  the lever is stuck in the up position is there a lock
  screw on the foot is stiff
  the plate cover is hard to slide
  light is too dim
  how do I change the light bulb
  the display is dark
  how do I switch the beeper off
  it beeps and shows a foot
  power saving how do I turn off
  shock absorber mat for under the table
  electric blue thread tension
  electric scissors good for fleece
  finger guard foot do you sell one
  finger pressing the seam allowance
  thumb screw for the walking foot
  hand wheel turns but the needle doesn't while winding
  handwheel must be turned toward me right
  how do I turn it by hand
  I cut the buttonhole too far
  the knife leaves a ragged edge
  how to change the upper knife
  knife cuts the seam too wide
  can I retract the blade
  rotary cutter mat size
  cut work foot
  burn test for fabric how do I do it
  it smells of new machine, do I need to clean
  dropped stitches in knit
  drop the feed dogs how
  drop in bobbin which way round
  I dropped the bobbin case and it has a nick, do you sell one
  fall curtains weights in hem
  the machine is noisy when winding
  it rattles a little when I sew fast
  hum a tune foot
  loud clacking since I changed the needle
  my quilt is too heavy and drags
  it hurts to look at that seam, it's so wavy
  killing me this tension
  my machine eats fabric
  it chews the corner of the fabric at the start
  bird nest underneath
  jam on the bobbin side
  thread jam how do I get it out
  fabric stuck under the foot
  the seam exploded at the corner
  sparkly thread breaks
  metallic thread breaks and flashes colour
  glow in the dark thread
  fire retardant curtain fabric needle
  sew a fire blanket cover
  bandage scissors case pattern
  first aid kit pouch which zip
  patch for a burn hole in jeans
  mending a hole that the cat chewed
  dog chewed the corner of my quilt
  cable knit which stitch
  cord piping foot for a lamp cord cover
  bare back foot needle size
  needle won't go through leather
  needle goes in but no stitch forms
  how do I stop the needle from going through the elastic
  needle sticks in the fabric
  pin marks stay in the satin
  my pins bend
  which thimble for a big thumb
  thumb hole in a cuff how to face it
  fingerless gloves in fleece
  glove fingers with the small foot
  sewing a hand puppet
  hand towel hem
  hand quilting look stitch
  how do I use the hand crank
  hand wheel too far to reach
  arm hole facing
  free arm for sleeves how to take the table off
  sewing sleeves, they get caught under the foot
  eye shadow colours of thread
  hook and eye tape
  the eye of the needle is too small for this thread
  eyelet stitch makes a hole with ragged edge
  skin coloured thread
  leather skin is sticky under the foot
  knee patch on jeans
  hair line of gap in the satin stitch
  hair scrunchie elastic
  hair canvas fusing
  baby dress smocking
  kid leather needle
  kids' sweatshirt coverstitch
  my daughter wants to learn, which machine
  my daughter turned all the dials, how do I set it back
  son pressed something and now the display is in another language
  the class was bloody hard
  dead straight line of topstitching
  my tension is dead wrong
  kill the puckers in chiffon
  it kills the nap of the velvet
  murder on my back, the table is too low
  my back hurts from sewing, what chair
  pain to thread this thing
  it bites into the edge of the fabric
  the feed dogs chew the knit
  teeth of the feed dogs leave marks
  teeth of the zip catch
  dog teeth
  shocking how loose the bobbin thread is
  I was shocked that the seam came apart
  electric purple thread shows underneath
  battery operated scissors
  where do I plug in the foot control
  which socket is for the knee lift
  plug is too big for the outlet abroad, do I need an adapter
  does it run on 110 volt
  wire in the brim of a hat
  wired ribbon edge
  fine wire couching
  cord elastic in the hem
  corded buttonhole
  cording foot three grooves
  power net lingerie tension
  power cut in the middle of an embroidery, how do I go on
  is the machine switched off when I change the foot
  switch from twin needle back to single
  switch the threads in the loopers
  turn it off when I change the needle?
  fuse the batting with spray
  fusible fleece sticks to the foot
  fuse tape on knit hem
  spark of an idea for a class
  sparkle tulle snags
  sparkling white thread gets dirty
  flash cards for my class
  flashing light on the bobbin symbol
  the green light blinks
  the start button flashes red
  light blinks twice and it won't sew
  lamp is too yellow
  burgundy thread
  burn out velvet seam
  burnt sugar colour name
  woodburning pattern on felt
  hot water shrink before sewing
  hot weather makes the thread snap
  hot glue instead of pins
  iron hot or cold for vinyl
  the iron leaves a shine
  pressing cloth for wool
  steam a seam in wool flat
  steam iron or dry
  singe the ribbon ends so they don't fray
  seal nylon edges with a flame, then hem
  candle fabric name
  fire colours embroidery thread
  firefly print
  smokey quartz thread
  smoked glass effect on satin
  smocked dress
  smells nice after washing, can I sew it damp
  the wool smells of sheep
  old fabric smells musty, wash it first
  the machine smells of oil after oiling
  oil stain on white fabric from the machine
  oil gets on the thread
  a drop of oil where
  oil cloth foot
  drip of adhesive on the needle
  sticky needle from spray adhesive
  raindrop motif
  water lily applique
  watercolour thread
  water soluble thread in the bobbin
  waterproof zip
  wet felting then sewing
  tea cosy quilting
  coffee bag fabric
  juice stains on the quilt
  milk fibre thread
  wine bag with drawstring
  spilled beads
  spilled thread colours all over the drawer
  flood of skipped stitches
  leak proof diaper cover
  leaky nappies elastic leg
  runs in stockings mending
  run stitch forward and back
  run on seam allowance
  running stitch by machine
  stitch runs uneven
  thread runs off the spool and wraps around the pin
  the seam runs to the left
  machine runs but no stitch
  runs loud but sews well
  it runs slow on the lowest speed, how do I make it faster
  goes too fast for my student, can I limit it
  slow it down for children
  start slow function
  speed control slider where
  how do I stop at a corner
  doesn't stop at the end of the buttonhole
  auto stop at the end of a pattern
  it stops by itself after the thread cut
  stops by itself and says thread broken
  stops and beeps
  won't start with the buttonhole lever up
  doesn't sew when the foot is up
  does not go when the winder is engaged
  the machine won't move when the bobbin winder is pushed over
  nothing happens when I press the pedal, screen is on
  pedal too sensitive
  pedal slides away on the tiles
  foot pedal port loose
  needle goes up and down but no thread catches
  needle stays up
  needle does not go all the way up
  needle up down key
  needle threader doesn't catch
  needle threader is bent
  hum when idle
  soft hum is that normal
  quiet purr
  buzz of the bobbin winder
  noise when the bobbin is nearly empty
  clicking on every stitch
  clunk when it hits the seam
  squeaks, does it need oil
  rattle from the thread stand
  handwheel feels stiff until it's warm
  handwheel goes only one way
  turn the handwheel by hand to clear the thread
  how do I lock the handwheel for winding
  locked the stitch in settings
  lock stitch or chain stitch
  screen lock how do I unlock
  stuck on the same stitch
  zip pull stuck
  bobbin stuck in the case
  foot stuck on the shank
  screw stuck on the needle clamp
  lever stiff
  dial is stiff to turn
  frozen screen
  the display froze after the update
  freezer paper applique
  ice blue thread
  cracked thread spool cap
  broken thread sensor says thread broken
  broken needle threader part number
  broken looper thread again and again
  broken foot, which one replaces it
  the plastic table clip broke
  snapped elastic
  snap fasteners attach with what foot
  dropped a stitch
  drop shoulder seam
  drop cloth fabric
  fall off the edge when topstitching
  falls short of the mark
  tipped the seam to one side
  crash course on overlocking
  crash pattern linen
  a bump in the satin stitch
  explode the block in half
  explosion box cover
  blow out of batting through the seam
  popped seam in leggings
  pop of colour for the piping
  bang on the table with the hammer for rivets
  hammer hump in jeans
  hot seat cushions piping
  heat resistant batting for a pot holder
  heat set ink pen
  heat press vinyl then stitch
  warm up the thread
  warm machine before class?
  the machine is warm after an hour, normal?
  cold room makes it sluggish
  cover the machine, which size
  cover hem on jersey gapes
  cover stitch tunnels
  open the hook area to clean lint
  take the needle plate off to brush out the lint
  where do I take off the side cover to reach the bulb
  how do I open the bobbin cover
  how do I take out the hook race
  battery for the light on the magnifier
  board for pressing
  brush for the lint
  capstan makes a knocking noise
  parking near the shop
  I need to talk to the owner
  my machine jams
  do you take old machines in payment
  I have a question
  it is loud and knocks
  tension is off on the halyard 9
  can I pay by card
  is the educator there today
  I want to cancel my class
  when do you open
  are you open on Monday
  who am I speaking to
  can somebody ring me back
  I would like to book a seat
  is there a seat left on Saturday
  what does the class cost
  do I bring my own machine to the class
  how long does a repair take
  is my machine ready to be picked up
  can I bring it in on Friday
  where is the shop
  do you buy old machines
  do you have the foot in stock
  what is the price of it
  I have lost the manual
  is there a manual to download
  my name is on the list
  can you send me the card again
  it doesn't do what I want
  I don't know what is wrong
  it worked yesterday
  it does nothing when I press the key
  it is stuck in the buttonhole
  my machine makes a noise
  it makes a clacking noise
  a knocking noise at every stitch
  it got louder
  it is noisy since I cleaned it
  there is a rattling when I sew
  the sound is different now
  the machine is new
  my old machine
  the machine I had before
  the pedal doesn't react any more
  pedal cable where does it plug in
  it moves but doesn't sew
  nothing is sewn
  it sews but not well
  the wheel turns the wrong way
  on the right or on the left
  yes
  no
  thank you
  good morning
  one moment please
  I pressed the button
  press which key
  which button is it
  set the language
  set the time
  what does the symbol mean
  is that normal
  how do I begin
  I am at the machine now
  I sit in front of it
  the machine stands here
  the table moves when I sew
  my thread is off
  it is off
  the tension is too tight
  it jams again and again
  thread jam under the plate
  it does it on one side alone
  it only happens on the last layer
  it does it with this thread alone
  only the left needle does it
  it goes wrong at the corner
  it does not look like the picture
  it still does it
  it is the same with another foot
  the second row alone
  it happens when I sew slowly
  it goes well on cotton alone
  it won't switch on
  she says it does not switch on any more
  it will not turn on
  the machine does not turn on
  nothing comes on, is it the pedal
  won't start up since this morning
  the screen stays dark
  display stays black
  my parcel has not come
  the order is late
  has my order been sent
  when does my order arrive
  I have not got the foot I ordered
  the delivery has not arrived
  I have ordered two feet
  has the new machine come in
  has my repair come back
  is my machine ready to be fetched
  can I fetch it on Friday
  she has not called me back
  what have you got in stock
  has he got a place in the class left
  can I bring it in
  can I pay by card
  can I swap the pedal for a bigger one
  can I use another pedal
  can I plug in a knee lever
  which plug does the pedal have
  does the pedal plug in at the back
  the pedal is slow to answer
  a longer lead for the pedal
  is there a bigger pedal
  the tape is hot fix
  hot fix stones on a satin bodice
  melt away stabiliser
  iron away film
  heat away film on velvet
  hook and loop tape on a bag
  double sided fusible tape for hems
  glue stick instead of pins
  fusible web under the applique
  iron on interfacing
  press cloth over wool
  a burnt-out print on velvet
  ember red thread
  fire engine red fleece
  smoky blue chiffon
  lightning bolt applique
  shock absorbing foam in a bag
  shocking pink satin
  current price of the walking foot
  my current foot is the old one
  water bottle holder
  a wet look vinyl
  raincoat seams
  pool towel with a name
  coffee coloured canvas
  tea cosy quilted
  blood orange felt
  a bandage of jersey
  doll's finger puppet
  finger tip length veil
  thumb loop on a sleeve
  wrist pin cushion
  eye mask of silk
  eyelets in a curtain
  knee patches
  toe seam of a sock
  cut the thread at the end
  cut out the pattern
  rotary cutter and mat
  the knife is blunt
  move the knife down
  which needle for flame red satin
  smoke grey thread for a jersey hem
  electric blue velvet invisible zip
  burnt orange wool blind hem
  how do I stop the stitch at the end of a buttonhole
  the needle hits a pin now and then
  thread keeps breaking on chiffon
  machine skips on denim
  how do I clean lint from under the plate
  where do I put a drop of oil
  my buttonhole cutter cut one thread
  cut the seam allowance with the knife to 5 mm
  hot pink fleece
  needle stays up at the end of the seam
  how do I wind a bobbin
  the feed dogs do not move the cloth
  waterproof fabric for a rain jacket
  swimming costume elastic
  the lamp is not bright enough for me
  can I plug a bigger pedal in
  which fuse wire for hat making
  bobbin case is stuck with thread
  I want to sew wire into a ribbon
  sew a fire truck applique
  lightning zigzag stitch which number
  water soluble stabiliser for bobbin work
  iron the hem before sewing
  press with a hot iron then sew
  steam press a pleat
  the display is off centre
  my needle broke on jeans
  blood red thread on brocade
  hand wheel towards me or away
  can she sew leather with that machine
  the machine runs slowly
  the presser foot will not go down
  my machine is noisy
  start without a pedal, how
  switch to stop with needle down
  turn off the motor of the feed dogs
  what is the heat setting for fusing interfacing
  eye of the needle is too small for thick thread
  hook and eye tape on a bodice
  spark stitch pattern 42
  thumb hole in a cuff, jersey
  nail varnish on a spool cap
  child size apron hem
  dog bed with a zip
  my tea towel needs a hem
  coffee bag sewn with piping
  shock cord casing
  the stitches are too tight and the edge curls
  it beeps when I press start with the foot up
  the needle threader does not catch
  lifted foot and the tension opened
  knee lifter is loose
  loop tape is hot melt backed
  burn test to see what fibre it is
  what stitch for a fireman costume
  needle for smoked salmon coloured silk
  sew a shock of orange hair on a doll
  which thread for a burn-out voile
  it only sews when I press hard on the pedal
  my foot fell off its shank
  the hook of the foot is bent, new one?
  the thread cutter does not cut
  blade number for the overlocker
  how long does the blade last
  I have two left thumbs, can I learn this
  finger tight or with the screwdriver
  thimble for hand finishing
  watercolour print on cotton
  water repellent finish on canvas, which needle
  wash the fabric first?
  the iron on patch comes off
  does the seam stand hot washing
  heavy canvas, motor strong enough?
  the motor is quiet, I like it
  is the lamp an LED
  light grey thread on dark felt
  plug for the knee lifter
  needle plate is scratched
  needle plate with the small hole, when
  I cannot get the needle out of the clamp
  needle will not go into the holder
  screw of the needle clamp is tight
  wheel towards me, is that right
  stop in the middle of a pattern
  stop position needle up
  reverse does not work at the start of the seam
  goes too fast for me, can I slow it
  speed slider
  runs crooked when I sew two layers
  runs off the edge
  hum of the machine in the class is fine
  the bobbin hums when winding
  it smells new
  eye-catching border stitch
  blood, sweat and tears quilt
  cutting mat got bent in the sun
  the cover of the machine is dusty
  case for carrying it
  dropped a stitch in the cover seam
  fell asleep over my quilt, where was I
  hand crank machine for a child
  children class for ten year olds
  safe needle guard for children
  the fabric gets eaten at the beginning
  thread wraps round the bobbin case
  loose thread under the plate
  loose stitches on the right side
  heat set the paint on the cotton
  live edge of the hem
  current stitch number on the screen
  short stitches on satin
  wire ribbon in a hem
  cord in a piping foot
  it sews when I press the pedal hard
  I must press the pedal all the way down
  the pedal only works pressed hard
  my foot fell off
  the foot came off its shank
  the foot falls off while sewing
  the screw of the foot came loose
  the motor is quiet
  I like how quiet it is
  quiet motor, nice
  is a stronger motor worth it
  how strong is the motor
  needle does not come out of the clamp
  cannot pull the needle out of its holder
  how do I take the needle out
  how do I get the needle out
  the needle sits tight in the clamp
  the new bag smells of leather
  smells like the shop in here
  blood and sweat went into this quilt
  years of work and tears in this quilt
  a tear in my sleeve
  the ruler got bent
  the mat is bent
  a bent pin
  my pins are bent
  the needle is bent
  bent needle, which one do I take
  left it in the sun and it faded
  I fell asleep over it
  fell behind with my quilt
  she fell in love with the capstan
  sounds like a good idea
  sounds like the one I saw
  it sounds right
  it sounds the same as before
  it sounds like rain on the roof
  sounds rough, like gravel
  what does that sound mean
  the lady with the baby blue machine
  the lady from the Tuesday class
  her mother has the old one
  his wife wants the new one
  for my daughter’s wedding
  a dress for my girl
  trousers for a boy of six
  a jacket for him
  a gift for her
  she wants to make a bag
  he would like a cover for a boat seat
  mine is older than that
  I have had it for ten years
  it was my mother’s
  it was a present
  it was in the loft for years
  it was in the box
  there is one in the bag
  there was no book with it
  I have lost the book
  the book is in another language
  where is the serial number
  under the machine is a number
  the number on the back
  it is in front of me
  I am on page 30
  the picture shows something else
  I do not see that on mine
  mine has no such lever
  the lever is where
  that is the other lever
  turn the dial to what
  dial to the left or to the right
  I turned it to 4
  it was on 4
  it is set to 3
  what should it be
  the light is on
  the light blinks
  it beeps three times
  it says check the thread
  it says lower the foot
  an arrow blinks on the screen
  the foot is up
  the foot is down
  the thread came out of the needle
  the thread slips out at the start
  thread comes out of the take-up
  the spool jumps
  the spool falls down
  spool pin is missing
  the cap is too small
  it pulls to the left
  it pulls on one side
  fabric goes to the side
  it eats the corner
  the corner does not lie flat
  the points are not sharp
  the curve has flat spots
  one leg is longer than the other
  the sleeve does not fit the armhole
  the neck is too wide
  the arm is too short
  the knee of the jeans
  a hole in the knee
  the elbow is worn through
  patch on the elbow
  the pocket tears off
  the hem hangs
  the seam splits when I sit down
  the seam opens
  the lining shows
  the edge is too thick
  too many layers
  it climbs badly
  it does not climb over the seam
  hump at the side seam
  my order has not arrived
  ylvi the machine sounds like gravel
  the lady with the wren, her bar tack
  the needle will not go down
  where is the fuse bead on a lampshade trim
  the thread is burning red
  heat transfer vinyl on a bag
  how hot must the iron be
  the iron leaves a mark on velvet
  spray starch for chiffon
  spray glue for applique
  my machine needs a service
  when was it last oiled
  oil spot on the fabric
  the machine is heavy to lift
  wheel cover for a pram
  pedal bin liner holder
  the foot pedal slides on the floor
  pedal cable too short
  plug adapter for abroad
  is the voltage 230
  energy use of the machine
  a cracked button
  a cracked plate of the walking foot
  broken button hole cutter
  I broke the thread guide
  the bobbin winder is slow
  bobbin case rattles
  needle rattles in the clamp
  it knocks on thick seams
  it clicks at each stitch
  squeaks like a mouse
  the belt of a bathrobe
  belt loops foot
  finger of a glove
  glove in leather
  thumbnail sketch of a quilt
  hand stitched look
  hand quilting stitch
  palm tree applique
  eye shade
  nail head trim on a chair
  arm rest cover
  blood test, I have to leave early
  doctor coat hem
  hospital gown ties
  bandage the hem with tape
  first aid kit pouch
  fire blanket fleece
  candle wick bedspread
  smoke test pattern
  water bottle bag
  rain cape seams
  wet felt
  swim shorts elastic
  drop waist dress
  fall blanket
  the reverse lever is stuck down
  the stitch dial turns hard
  the pedal slides away from me
  my pedal slips on the tiles
  a mat under the pedal
  a cracked heel of a shoe
  a cracked leather belt
  a broken buckle
  belt of a dressing gown
  belt for trousers, which stitch
  tie belt in satin
  blood pressure cuff cover
  I have a doctor’s appointment
  hospital bag with a zip
  nurse’s apron
  gown for a christening
  an evening gown in satin
  burning to try the new foot
  switch on the lamp
  which switch for the light
  goes backwards when I press the arrow
  I pressed reverse
  it goes in reverse
  dropped waist skirt
  drop the pedal lead into the box
  slide the table on
  slides on the extension table
  the fabric slides on the bed
  hand over the seam guide
  handed over to a colleague
  hand me the list
  eye level
  keep an eye on the edge
  the eye of the needle is rough
  finger food for the class
  thumb print button
  nail the curtain rail
  palm print
  heart shaped applique
  back pack straps
  neck band
  head band
  chest pocket
  arm bands
  knee socks
  toe box of a slipper
  sole of a slipper
  skin tight leggings
  bone coloured thread
  boning in a bodice
  blister pack of needles
  bruised velvet pile
  wound bobbin
  I wound the bobbin
  the thread wound itself round the spool
  cut off the rest
  the cut of the dress
  a deep cut neckline
  a slit in the skirt
  how do I sew a straight line
  what is a good beginner machine
  the feed dogs leave marks on satin
  the zip foot is on the wrong side
  my hem is longer on one side
  the thread has a knot
  thread colour for navy trousers
  I want to sew a tent
  the tent pole sleeve
  how do I finish a seam without an overlocker
  can I sew a straight stitch on an overlocker
  which stitch is number twelve
  the picture on the dial is worn off
  what do the letters mean
  my daughter wants to learn sewing
  my husband gave me the machine
  the machine came without a manual
  where is the needle position button
  which way does the needle face
  the flat side of the needle
  the needle plate has numbers
  the numbers on the plate
  seam guide in inches
  how wide is the foot
  one foot is missing
  the walking foot squeaks
  oil the walking foot
  how much is a new bobbin case
  do you have metal bobbins
  metal zip in a jacket
  copper coloured thread
  a silver ribbon
  tape measure is stuck
  the light is too yellow
  dark fabric, I cannot see the line
  chalk does not come out
  iron off marker
  does steam remove the pen
  the water pen came back
  wash out stabiliser
  my wife gave it to me
  my mother gave me hers
  he bought it for me
  she bought it at your shop
  I got it from my aunt
  I got it second hand
  it came with three feet
  it came without feet
  it came in a box without a book
  came without the cover
  without a foot control, can I still use it
  without pins
  without marking the line
  sewn without a seam allowance
  he wants to know which foot
  he asks for the price
  she asks whether it fits
  my husband asks what it costs
  my son chose the fabric
  my daughter made it
  my friend has the same one
  my neighbour lent me her overlocker
  a customer wants a longer skirt
  the lady next to me had another foot
  a man asked for you
  somebody told me to turn the dial
  nobody told me that
  nobody at home knows
  I went back to the start
  I went over it twice
  it went well until the corner
  it went well at first
  it goes up to number nine
  it goes with the bag
  it goes under the foot
  the mark came off
  the ink came back
  the stain came out
  the colour came off
  the hem came down again
  the button came loose
  the seam came apart
  the stitches came undone
  the line came back after ironing
  it came back from repair
  I came in last week
  I was in the class on Tuesday
  I was told to use silk thread
  I was given a plastic bobbin
  I had that too
  I had it at 4
  I had to unpick it
  I have to start again
  I have to go soon
  I have got the big one
  I have got all the feet
  what does she need
  what do they have to bring
  what do I tell her
  what do you think of it
  how do you do that
  how does that go
  how does it look
  how do they look
  who taught you that
  who else has one
  whose is that
  where does that go
  where does it come out
  where was that again
  when do you come
  when does it start
  why is that so
  why two needles
  why is one longer
  does it matter
  does it hold
  does that work with wool
  is it true that
  is it normal that it clicks
  is it worth it
  is that the same as yours
  this one or that one
  this is the old one
  this was easy
  that was quick
  that is all
  that helps
  thanks, that was it
  good, now it sews
  now it is right
  now it looks better
  now it does what it should
  which needle for blood red satin
  fire engine red thread on black
  electric blue lycra leggings
  how do I stop the stitch at the end of the seam
  can it stop with needle down
  needle went into a pin and bent
  smoke grey chiffon blouse
  hot pink tulle
  water repellent canvas
  watercolour quilt, free motion
  shock absorbing felt pads under the machine
  burnt orange velvet cushions
  lightning zip
  finger guard for children
  sewing a finger puppet
  thumb holes in a sleeve cuff
  blade of the seam ripper is blunt
  knife for the overlocker, what does it cost
  cut through three layers
  how do I turn off the beep
  the light is too bright
  where is the power button
  the plug for the pedal, which side
  the needle is stuck in the fabric
  bobbin is jammed in its case
  the machine makes a humming noise but sews well
  motor sounds louder than before
  it stops sewing after two stitches
  machine goes too fast for me
  can I run it slower
  steam a seam open
  which iron setting for lining
  spilled beads on the floor
  the pins fell behind the machine
  my eyes are bad, is there a bigger light
  needle eye is too small for this thread
  eyelets in canvas
  child's coat in fleece
  babies' bibs
  boiled wool jacket
  oil on the fabric after servicing
  how often shall I oil it
  can I wash the machine cover
  wet look fabric
  raincoat in oilcloth
  swimsuit elastic
  shower curtain hem
  open the seam again
  remove the needle plate to clean lint
  change the bulb, which type
  hair elastic scrunchie
  flame retardant fabric curtains
  the buttons fell off the table
  a spool fell down and rolled under the bench
  the scissors fell off the chair, are they still good
  my chalk fell into the drawer
  the hem fell down after washing
  the pattern weights fell over
  the collar falls nicely
  my eyes are tired in the evening, which lamp
  I need glasses for threading
  my hands are small, is the machine easy to hold
  my hands are full, can the foot lift by knee
  my fingers are too thick for threading
  is there a threader for bad eyes
  I am left handed
  arthritis in my hands, which machine is easy
  my back hurts from sitting, how high should the table be
  where do I put my left hand
  which hand turns the wheel
  the dust cover is too small
  I want to sew a cover for my machine
  a chair cover in canvas
  can I wash the hard case with soap
  how do I clean the case
  cleaning the screen
  a cover for the ironing board
  shock resistant box for transport
  rubber feet under the machine slip
  felt pads against noise
  can I put the machine in the car
  which bag for the machine
  can I lend the machine out
  which stitch for a head band
  arm holes with bias tape
  knee pads in trousers
  elbow patches
  an eye mask in satin
  nail varnish on the fabric
  finger knitting yarn from the bobbin
  the free arm is too wide for cuffs
  leg seams twist
  neck edge with ribbing
  how do I sew a hand puppet
  hand towels with a hook loop
  lip of the piping
  skin coloured lining
  the wheel turns easily
  turn the wheel towards me, right?
  the wheel of the rotary cutter is dull
  pull the thread up by hand
  the lamp is dim
  can I get a lamp with clip
  the switch for the feed dogs is at the back
  where is the switch for the light
  power cut yesterday, are my stitches lost
  wire in the hem of a hat
  cord in the piping
  lead weights in curtains
  light weight canvas
  burning the ends of nylon ribbon, is that right
  fire proof curtains
  smoke coloured zip
  hot iron on the lining, which temperature
  hot glue on the button
  heat set the paint
  the wet look leggings
  rain cover for a pram
  tea towels
  coffee bag of jute
  juice stains on the apron, sew a patch over it
  wine bottle bag
  water soluble stabiliser
  bath robe in towelling
  fabric gathers by itself
  the seam gathers by itself
  the edge rolls up by itself
  the hem flips over by itself
  the zip opens by itself
  the seam comes open by itself
  the thread comes out of the needle by itself
  the elastic twists on its own
  the fabric slides off by itself
  the lining creeps out on its own
  the extension table wobbles
  fire brigade costume
  fireman costume for carnival
  police costume
  hot pink thread keeps breaking on the Heron 200
  how hot should the iron be for fusible on chiffon
  my daughter finger-presses the seams, is that fine for quarter inch
  smoke grey thread on denim, which needle
  it burns through bobbins so fast in free motion
  the light is off, where is the switch on the Ketch
  can I wash the foot in water
  flash drive for stitch updates
  shock-cord channel: which foot for elastic cord
  sparkly thread shreds at the eye
  the knife does not cut clean on the Eddy 4
  needle hits the plate on wide zigzag
  running stitch by hand first, then machine?
  how do I start sewing a rolled edge by the corner
  bobbin runs out every ten minutes
  is a cold room bad for the machine
  blind hem bites too deep, shows on the right side
  puckers on wet-look jersey
  plug-in cable for the pedal: where does it go on the Plover 60
  which fuse tape for a hem in knit
  the walking foot hammers loudly
  buttonhole lever pops up
  motor speed slider: half or full for quilting
  the seam melts away with wash-away thread, as wanted
  burnt orange velveteen, invisible zip
  needle threader bent
  my finger is too thick for the low shank screw
  it skips stitches after I let go of the fabric
  can the overlocker run at full speed on chiffon
  thread smells of oil after servicing, stains?
  battery of the remote pen is empty, does the needle laser need it
  puff sleeves on chiffon, which seam
  glow thread for a costume
  how do I wash the presser foot with glue on it
  burns through needles like nothing on denim
  nail head stuck under the extension table
  arc quilting ruler with the free motion foot
  ring of puckers round the circle
  stops after three stitches and beeps
  does it stop with the needle down
  skylight blue thread
  orange peel texture of jersey
  juice-box lining, can it be sewn
  bang on quarter inch every time, thanks
  crackle finish leather: which foot
  bit of wadding in the hook
  cheek panel of a doll
  will not budge off stitch 1
  the wheel on the tension dial says 9
  bottom cover stitch too loose on the Shoal 3
  wire-edged ribbon rolled hem
  pin curls in the elastic casing
  fusible tape gums the needle
  hot hook tape
  buzzword: what is a ladder stitch
  is there a cat patch for denim
  how loud should the overlocker be
  oiling: how often on the Wren 24
  lights too dim to see the needle
  pedal too far away, can I get a longer cord
`)
