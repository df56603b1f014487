/** What is drawn of answers at the bench. */
export type BenchSketch =
  | `water-${'clear' | 'murky'}`
  | `old-${'patches' | 'layers' | 'spot'}`
  | `strip-${'low' | 'mid' | 'high'}`
  | `fill-${'flush' | 'proud' | 'hollow'}`
  | `look-${'even' | 'scratches' | 'flats' | 'through' | 'fur' | 'dust'}`
  | `coat-${'even' | 'nibs' | 'peel' | 'runs' | 'missed' | 'craters' | 'haze' | 'dull'}`
  | `comb-${'thin' | 'mid' | 'thick'}`
  | `nail-${'none' | 'mark'}`
  | `swatch-${'same' | 'other' | 'blotchy'}`
  | `tape-${'clean' | 'torn'}`
  | `lattice-${'whole' | 'some' | 'many'}`
  | `joint-${'tight' | 'open'}`
  | `drawer-${'runs' | 'sticks'}`;

/** What the drawing beside an outcome shows. The drawings themselves belong to the interface. */
export type Sketch =
  | BenchSketch
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
