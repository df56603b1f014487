import type { Finish } from '../finishes';
import type { Substrate } from '../substrates';
import { lore, type Lore } from './lore';

/** What pieces are made of, as it is looked up. Common practice of the trade, no source. */
export const SUBSTRATE_LORE: Readonly<Record<Substrate, Lore>> = {
  hardwood: lore(
    'Boards of beech, oak, maple, walnut and the like, right through.',
    'Grain of the face turns the corner and runs on over the end.',
    'Wide boards move with the seasons: what holds them rigid makes them crack.',
    'solid wood real wood oak beech maple',
  ),
  softwood: lore(
    'Boards of pine, spruce or fir.',
    'Light, dents under a nail, wide soft rings, knots.',
    'Knots and resin come through paint; machine sanding hollows the soft rings.',
    'pine spruce fir deal knotty',
  ),
  plywood: lore(
    'Thin layers glued crosswise.',
    'Stripes at the edge, light and dark in turn.',
    'The face is thinner than a business card: one pass too many shows the next layer.',
    'ply layers multiplex',
  ),
  veneerSolid: lore(
    'A thin sheet of finer wood on boards of plainer wood.',
    'A fine line along the edge; another wood inside a drawer or a hole.',
    'Sanded through at the edges first. Old hide glue lets go with water and steam.',
    'old veneer antique thin wood',
  ),
  veneerCore: lore(
    'A paper-thin sheet of wood on chipboard or fibreboard.',
    'Real grain on the face, crumbs or plies at the edge and in screw holes.',
    'Half a millimetre and less: a coarse disc is through in seconds. Water swells the core.',
    'modern veneer chipboard mdf flat pack',
  ),
  hpl: lore(
    'Layers of resin and paper, pressed hard: worktops, table tops.',
    'Dead smooth, cold, a dark line at the edge; a nail does not mark it.',
    'Nothing soaks in. Without a scuff and a bonding primer paint comes off in sheets.',
    'laminate worktop countertop plastic top',
  ),
  foil: lore(
    'Printed paper or plastic film on board.',
    'The pattern repeats; dots under a lens; the edge peels.',
    'Sanded through the print there is paper and board: paint is all it takes.',
    'melamine thermofoil wrapped fake wood printed flat pack',
  ),
  board: lore(
    'Fibreboard or chipboard with nothing on it.',
    'Even brown felt, or pressed chips.',
    'Edges drink paint for ever unless they are sealed; water swells it for good.',
    'mdf chipboard particle board raw edge',
  ),
  other: lore(
    'Metal, stone, cane or rush.',
    'A magnet, the cold of it, or the weave.',
    'Wood finishes are not made for it. Clean, scuff where it bears it, and the primer its maker names.',
    'metal stone cane rattan rush wicker glass',
  ),
};

/** What is on pieces, as it is looked up. Common practice of the trade, no source. */
export const FINISH_LORE: Readonly<Record<Finish, Lore>> = {
  bare: lore(
    'Wood with nothing on it, or so little that it does nothing.',
    'Water goes in and darkens it.',
    'It drinks the first coat unevenly; old bare wood holds grease.',
    'unfinished raw naked wood',
  ),
  wax: lore(
    'Beeswax or paste wax rubbed in.',
    'A fingernail brings up soft curls; mineral spirits smear it.',
    'Nothing sticks over wax. It comes off with solvent and many clean rags, not by sanding.',
    'waxed beeswax polish soft',
  ),
  oil: lore(
    'Oil that hardened in the wood: linseed, tung, hard oil.',
    'No film to scratch; a drop of oil soaks in.',
    'Oily rags heat up and catch fire by themselves. Waterborne coats want it fully cured.',
    'oiled linseed tung danish teak oil',
  ),
  shellac: lore(
    'Resin dissolved in alcohol; most fine pieces from before about 1930.',
    'Alcohol makes it sticky within a minute.',
    'Hot cups and spirits mark it. Sound dewaxed shellac takes almost anything; waxed shellac does not.',
    'french polish spirit varnish old shiny',
  ),
  lacquer: lore(
    'Sprayed film that dries by losing its solvent; factory pieces from about 1930 on.',
    'Lacquer thinner softens it and it flows again; alcohol does little.',
    'Strong solvents in a new coat wrinkle it.',
    'nitrocellulose sprayed factory clear',
  ),
  varnish: lore(
    'Oil varnish or polyurethane, brushed.',
    'Neither alcohol nor lacquer thinner dissolves it; it wrinkles or nothing happens.',
    'Stripping takes patience; unscuffed it holds nothing.',
    'poly polyurethane oil varnish yellow brush marks',
  ),
  waterClear: lore(
    'Acrylic or urethane clear that came in water.',
    'Clear and colourless; xylene makes it gummy.',
    'Gummy when warm: let it cool before sanding.',
    'water based poly acrylic clear coat',
  ),
  waxedFilm: lore(
    'Wax on top of a clear film.',
    'Curls under the nail, and still a film below.',
    'Looks clean and spoils every coat: wash the wax off first, twice.',
    'polished over lacquer wax on top',
  ),
  factory: lore(
    'A film cured by acid, heat or light at a factory.',
    'No solvent on the bench touches it; even and hard.',
    'Stripper hardly lifts it. Scuff it well; bonding primer.',
    'uv cured conversion varnish catalysed kitchen modern',
  ),
  latex: lore(
    'Wall or furniture paint thinned with water.',
    'Stretches and peels in sheets; alcohol turns it gummy.',
    'Clogs every paper. Warm and soft paint sticks to what stands on it.',
    'acrylic emulsion wall paint rubbery',
  ),
  alkyd: lore(
    'Oil-based enamel; on old pieces often with lead.',
    'Hard, brittle, yellowed; does not soften with alcohol.',
    'Old coats: lead first, nothing dry. New waterborne paint does not hold on it without a scuff.',
    'oil paint enamel gloss old paint',
  ),
  chalk: lore(
    'Matt paint with much chalk or mineral filler, mostly waxed.',
    'Powdery, velvety; a nail leaves a light line.',
    'Waxed, it takes no new coat. Unsealed, every hand marks it.',
    'chalky mineral paint matt shabby',
  ),
  milk: lore(
    'Casein or glue-bound paint of old country pieces.',
    'Water softens distemper; milk paint fizzes with vinegar and resists stripper.',
    'Distemper has to be washed off: no coat holds on it.',
    'casein distemper country old folk painted',
  ),
};
