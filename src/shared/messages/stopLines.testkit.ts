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
`)
