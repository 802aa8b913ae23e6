/** Lines of both kinds that nothing is ever learnt from: how well unseen ones are told apart. */
import { linesOf } from './stopLines'

export const UNSEEN_DANGEROUS: readonly string[] = linesOf(`
  I've put the needle right through the side of my finger
  the overlocker sliced my fingertip
  my girl jammed her hand in the wheel
  needle broke and a piece is in my lip
  my granddaughter has a pin in her foot
  hit my eye, something sharp
  we have a student who fainted after pricking herself
  burned her wrist on the lamp housing
  my tie is pulled into the looper area and I can't get loose
  blood on the plate, what first
  my hand tingles when I rest it on the bed
  metal parts give off current
  small electric shock from the needle clamp screw
  got a nasty belt off the plug
  blue sparks at the wall when I pull the plug
  the plug socket is scorched
  fuse box jumps every time
  cable insulation has come away near the plug
  rat chewed the mains lead
  there's crackling in the foot pedal
  I smell something burning from the motor
  bit of smoke when I start
  there's a stink of hot electrics
  the plastic cover is melting by the bulb
  went bang, then dead, and it stinks
  my coffee is in the machine
  dropped a full water bottle on it and it leaked in
  rain came through the window all over it
  the pipe above it burst
  the dog weed on the pedal
  it is wet inside from the cellar
  it goes on its own when I plug it in
  can't make it stop sewing
  my foot is off and it's still going
  full throttle as soon as it's switched on
  runs away by itself
  the motor buzzes and doesn't turn
  humming from inside but nothing moves
  the whole thing is locked up solid
  handwheel stuck, won't turn
  jammed solid, needle down
  it's so hot you can't touch the motor cover
  pedal burns my foot
  lead gets hot
  knocked it off the bench and the case split
  dropped the machine and something rattles around inside
  metal shavings and a grinding noise from inside
  the belt smokes
  I've taken the covers off and want to test it running
  how can I mend the torn power cable with tape
  is it ok to open it up and grease the motor
  what resistor do I need for the pedal board
  can I cut the plug off and fit another
  the inside wires came loose when I opened it
  screwdriver slipped inside and it flashed
  it shocked my cat
  my nail is split, the needle hit it
  I leaned on it and the needle stabbed my arm
  got my knuckle under the foot as it came down
  the needle is sticking in my ring finger
  I have got a needle splinter under my nail
  my apprentice cut her finger on the lower knife
  he ran over his thumb with the machine
  sewing through my fingernail just happened
  blood is dripping on the table
  customer has passed out at machine five
  a splinter of needle hit my glasses and my cheek bleeds
  my long hair is in the take-up lever, help
  her cardigan sleeve has gone into the machine and so has her hand
  a child stuck a pin in the socket
  kid drank the sewing machine oil
  burn on my finger from the bulb
  hot steam on my arm
  I feel electricity in the handwheel
  it pricks like nettles when I touch the foot screw
  she got a jolt switching it on
  when I plug it in the power in the house trips
  the lead has a break and wires are showing
  foot pedal cable is squashed and bare
  the plug sits loose and makes sparks
  the extension lead is warm and brown
  sizzling noise from the power switch
  a flash came from the motor
  thick smoke from the side cover
  something in there is charred
  there's a smell like burning hair near the motor
  a candle fell on the machine
  the pedal is melting
  lemonade has run into the front panel
  our pipes burst over the sewing table
  the dog weed on the pedal
  the machine was under water in the flood
  a bottle of starch tipped over the buttons
  it sews without me pressing anything
  runs at top speed as soon as it is plugged in
  I take my foot away and it keeps going
  the needle moves when the switch is off
  no control any more, it just races
  motor buzzes, needle stays still
  there is a growling and nothing goes round
  main shaft is stuck
  I can not turn the hand wheel any way
  the needle bar is stuck and it groans
  my overlocker dropped off the bench
  it was knocked over and the housing is broken
  the back cover is off and there's a wire loose
  may I replace the motor brushes myself
  the body of the machine gets burning hot
  it cuts out when it's hot and smells
  the point of the needle is in my knuckle
  my friend sewed her finger on, what do we do
  a kid in class put a pin in his ear
  the knife got me, quite deep
  he hit his head on the arm and is dizzy and bleeding
  my ring got caught in the looper with my finger
  the presser foot came down on my nail and it is blue and bleeding
  prickling in my arm when I hold the wheel
  electric blow from the metal cover
  the switch crackles and gives sparks
  the socket smoked
  the cable is bitten through
  lights dim and the fuse goes when I start
  the block on the cable is glowing hot
  there is a burnt patch on the pedal
  it began to smoke while I was sewing
  I smell smoke but see nothing
  a burning smell comes from below
  tea in the keyboard of my machine
  it was under water for an hour
  the pipe above it broke
  a wet towel lay on it and now it flickers
  I let go of the pedal, it sews on
  full power by itself
  it started up when nobody was in the room
  it hums but does not sew a stitch
  strange humming and the wheel will not go round
  wheel cannot be moved at all
  needle stuck at the bottom and nothing moves, it hums
  it fell and the cover broke off
  it was knocked off the desk by the dog
  the motor is so hot you could fry an egg
  case feels hot like a stove
  I have opened the bottom and see a burnt wire
  can my son repair the board
  where do I connect the blue wire
`)

export const UNSEEN_HARMLESS: readonly string[] = linesOf(`
  the needle hits the plate with the zigzag foot
  needle bent after a zip
  how deep should the needle go in the clamp
  how do I get my finger out of the way when threading, is there a tool
  which finger do I guide with
  thumb and finger hold for free motion
  palm leaf applique
  handle for a bag, webbing
  handbag leather needle
  wrist strap of the bag
  eye of the looper threading
  hair fine thread tension
  face masks elastic
  body of the jacket quilted
  knee lift does nothing
  foot falls off
  foot control cable too short, longer one?
  pedal doesn't react
  it will not start
  it stops in the middle of the seam
  machine stops when the bobbin is empty
  when I stop, the needle is always up
  can I make it run slower
  it sews too fast for the child
  the stitch runs off the edge
  motor sounds normal but stitches skip
  is a humming noise on standby ok
  buzzing from the lamp, no
  wheel turns but fabric doesn't move
  the wheel is on the right, yes
  buttonhole lever jammed
  the bobbin is jammed in
  thread stuck in the take-up
  lid won't close
  cover of the bobbin cracked, order one
  needle plate is scratched, burr
  needle plate screw lost
  blunt knife, where do I get a new one
  knife won't go down
  cutter wheel for the rotary
  thread cutter doesn't cut
  hot pants in denim
  hot knife for webbing
  heat shrinks the film
  iron on vinyl sticks to the foot
  steam the hem before
  scorch marks from ironing, can I cover them
  smoke coloured chiffon rolls
  electric pink metallic breaks
  shock cord channel in a tent
  spark plug fabric quilt
  lightning motif
  battery pocket in a heated vest
  light goes off after a while, power saver
  the plug for the lamp is where
  switch the language
  wet the thread to thread it
  water based glue on the needle
  rain jacket seam tape foot
  tea stained linen
  milk silk
  juice bag pouch
  spill proof bib
  oil it after how many hours
  drop of oil where exactly
  it smells like machine oil
  burlap smells, which needle
  it broke the thread three times
  broken zipper replaced how
  dropped feed and still moves
  which setting for a cotton blouse
  the top thread keeps coming out when I start
  what is the third dial for
  how do I get back to the straight stitch
  I pressed something and now it goes backwards
  it sews backwards
  it does only zigzag
  the stitch is too small
  the button hole lever is up or down
  the fabric bunches up at the beginning
  thread gathers underneath
  the bobbin is full but it does not pick up
  bottom thread does not come up
  I broke a needle on a zip
  what size needle for canvas
  my needles keep bending
  the needle hits the plate, click
  I sewed over a pin
  the pins rust
  magnet for pins
  can I sew on paper
  can I sew wet fabric
  does water mark silk
  steam iron settings for wool
  press the seams open
  burnt sugar colour thread
  fire red zip
  electric pink leggings
  hot dog applique
  knife pleats in a kilt
  bloodhound applique
  finger loops on a shawl
  handbag handles
  hand embroidery floss in the bobbin
  nail the pattern to the board
  eye of a teddy
  hip patch
  heel of a sock
  I have a burning question
  the class was a shock to her, so much to learn
  that pattern is a killer
  dead slow, how do I speed it up
  my battery clock, can you repair that
  switch on the light above the needle
  turn off the automatic thread cutter
  the beeping, how do I turn it off
  it stops by itself at the end of the buttonhole
  it stops and says wind the bobbin
  it slows down in the curves
  the belt loops on jeans
  seat belt webbing
  the wheel of a toy pram cover
  body of a doll
  the frame of the embroidery does not click in
  the wool is scratchy
  I would like to sew a coat for my dog
  how much seam allowance for jeans
  the fabric is see through
  my machine is from my grandmother
  how many stitches per inch
  can I use serger thread on a normal bobbin
  should the presser foot pressure be 2 or 3
  how do I sew a corner
  my corner is round
  the topstitching is not straight
  what is ease
  the collar does not turn
  stand collar interfacing
  the sleeve head puckers
  two fabrics of different stretch
  sewing over a zip end
  bag bottom corner
  webbing straps
  buckle strap 25 mm
  hook tape for a curtain
  eyelet tool
  snap buttons
  shirring with elastic thread
  smocking
  feather stitch
  the computer stitch looks wrong
  can I load a pattern
  the usb stick is not seen
  the hoop is too small
  embroidery on towels
  letters on a name tag
  how do I mirror a stitch
  the stitch is mirrored
  the memory is full
  delete a pattern
  sound off
  brighter screen
  clean the screen
`)
