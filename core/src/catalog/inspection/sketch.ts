/** What the drawing beside an outcome shows. The drawings themselves belong to the interface. */
export type Sketch =
  | `edge-${'turns' | 'line' | 'seam' | 'plies'}`
  | `figure-${'varied' | 'mirrored' | 'printed' | 'plain'}`
  | `face-${'pores' | 'film' | 'smooth'}`
  | `sound-${'full' | 'hollow' | 'click'}`
  | `below-${'same' | 'other' | 'board'}`
  | `hole-${'wood' | 'veneer' | 'paper' | 'plies'}`
  | `dust-${'shavings' | 'crumbs' | 'metal'}`
  | `dent-${'deep' | 'none'}`
  | `weight-${'light' | 'heavy'}`
  | `joint-${'dovetail' | 'dowel' | 'knockdown'}`
  | `lens-${'rings' | 'scattered' | 'none'}`
  | `wood-${'pale' | 'open' | 'red' | 'brown' | 'knots'}`
  | `smell-${'resin' | 'spice' | 'none'}`
  | `rag-${'clean' | 'red' | 'yellow' | 'brown' | 'chalky'}`
  | `patch-${'white' | 'yellow' | 'pink'}`
  | `drop-${'beads' | 'soaks' | 'black' | 'fizz' | 'none'}`
  | `film-${'sticky' | 'gummy' | 'flows' | 'wrinkles' | 'none' | 'bare'}`
  | `flake-${'stretches' | 'snaps' | 'powders'}`
  | `curl-${'soft' | 'powder' | 'none'}`
  | `glow-${'orange' | 'none'}`
  | `mark-${'brush' | 'spray' | 'wiped' | 'white-ring' | 'none'}`
  | `crack-${'fine' | 'broad' | 'none'}`
  | `swab-${'red' | 'clean'}`;
