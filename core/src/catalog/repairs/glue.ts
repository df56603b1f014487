import { line } from '../line';
import { atHand, use } from '../rates';
import type { Repair } from './repair';

// What is loose, split or lifting, and is glued.

export const glueCrack: Repair = {
  id: 'glue-crack',
  bySize: 'crack',
  title: 'Glue the crack shut',
  shows: 0.3,
  uses: [use('woodGlue', 0.01, 'glues'), use('tape', 0.5, 'covers'), atHand('clamps')],
  steps: [
    'Dry first: see how far clamps close it, without force. What will not close by hand pressure is not glued shut.',
    'Tape behind the crack. Glue in by syringe, work it through with a thin blade from both sides until it shows below.',
    'Clamp with blocks and paper between; beads along the whole line are right. Wipe them off wet, twice, or they show as pale spots under stain.',
    'A day in the clamps. A line still open is filled afterwards, not glued again.',
  ],
  minutes: 15,
  waitMinutes: 1440,
  until: 'glueLoads',
  glue: true,
};

export const glueVeneer: Repair = {
  id: 'glue-veneer',
  title: 'Glue the lifting veneer down',
  uses: [use('woodGlue', 0.01, 'glues'), atHand('syringe'), atHand('caulAndClamps')],
  steps: [
    'Lift no further than it lifts by itself.',
    line(
      'Vacuum or blow under it; old glue that crumbles is scraped out with a thin blade.',
      ['vacuums', 'blows', 'scrapes'],
      line(
        'Draw old glue that crumbles out on a barely damp brush and a thin blade, and wipe it off; nothing is blown, and only a HEPA vacuum goes near.',
        ['scrapesWet'],
      ),
    ),
    'Glue in by syringe right to the back, press it forward with a finger, wipe what comes out.',
    'Paper, then a flat block as caul, then clamps or weights, overnight. Brittle and curled? A damp warm cloth on it first, ten minutes, until it lies down.',
    'Tap it tomorrow: a full sound all over is right; a hollow one wants glue again through a slit along the grain.',
  ],
  minutes: 15,
  waitMinutes: 720,
  until: 'overnight',
  glue: true,
};

export const gluePlies: Repair = {
  ...glueVeneer,
  id: 'glue-plies',
  title: 'Glue the plies together',
  steps: [
    line(
      'Spread the plies with a blunt knife no further than they part; blow the dust out, let damp ply dry first.',
      ['blows'],
      'Spread the plies with a blunt knife no further than they part; wipe the dust out with a barely damp brush, let it dry.',
    ),
    'Glue deep in on both faces with a strip of card, close, open, close: it spreads.',
    'Two straight boards over paper as cauls, clamps every hand’s breadth; wipe. Overnight.',
    line(
      'The edge is trimmed flush with a block.',
      ['cuts'],
      line('The edge is taken flush with wet-or-dry paper on a block, kept wet; bag the wipes.', [
        'rubsWet',
      ]),
    ),
  ],
};

export const glueJoint: Repair = {
  id: 'glue-joint',
  title: 'Glue the loose joints',
  uses: [use('woodGlue', 0.02, 'glues'), atHand('clampsOrStrap')],
  steps: [
    line(
      'Rock it apart, tapping with a soft mallet beside the joint; mark which goes where.',
      ['pries'],
      line(
        'Mist the paint over the joint, slit it all round with a knife, wipe it up wet; then rock it apart without knocking, and mark which goes where.',
        ['cutsWet'],
      ),
    ),
    'Never force what is pinned or screwed: find the pin first.',
    line(
      'Soften the old glue on both faces with warm water or vinegar, take it off with a plastic edge and a rag, let them dry: new glue holds on wood, not on old glue.',
      ['scrapesWet'],
    ),
    'Dry-fit it with the clamps. Then a thin film of glue on both faces, clamp or strap, measure both diagonals: equal is square.',
    'Beads all round are right; wipe them wet. A day before it carries load.',
  ],
  minutes: 20,
  waitMinutes: 1440,
  until: 'glueLoads',
  glue: true,
};

export const glueDovetail: Repair = {
  ...glueJoint,
  id: 'glue-dovetail',
  title: 'Glue the broken dovetails',
  steps: [
    line(
      'Scrape the old glue out of every corner; dry-fit it.',
      ['scrapes'],
      line(
        'Soften the old glue in every corner with a damp brush and take it out wet; let it dry, dry-fit it.',
        ['scrapesWet'],
      ),
    ),
    line(
      'A missing tail: a block of the same wood glued on and sawn to shape tomorrow. A loose one: glue and slips of thin veneer in the gaps, the grain along.',
      ['worksNew'],
    ),
    'Tape over the outside, clamp across both ways, check that the drawer is square and lies flat. A day.',
  ],
};

export const glueHandle: Repair = {
  ...glueJoint,
  id: 'glue-handle',
  title: 'Glue the broken handle',
  steps: [
    'Dry-fit the break; no sanding of the broken faces, they key into each other.',
    'Glue on both, press, bind with tape or a strap; a dowel through it where it carries load.',
    'Squeezed-out glue off with a damp cloth before it sets.',
  ],
};

export const glueAndFill: Repair = {
  ...glueCrack,
  id: 'glue-and-fill-crack',
  title: 'Glue the crack, then fill it',
  proud: true,
  minutes: 25,
  uses: [...glueCrack.uses, use('stainableFiller', 0.01, 'fills')],
  steps: [
    ...glueCrack.steps,
    'Next day: press filler into what is left open, a little proud; under clear matched to the wetted wood.',
  ],
};

export const slip: Repair = {
  ...glueCrack,
  id: 'slip-in-crack',
  title: 'Let a slip of wood into the crack',
  minutes: 45,
  uses: [use('matchingWood', 1, 'fills'), use('woodGlue', 0.01, 'glues'), atHand('clamps')],
  steps: [
    line(
      'Clean the crack to clean wood with a blade; a wide one is never clamped shut: it would split beside.',
      ['cuts'],
      line(
        'Mist the crack and clean it to clean wood with a damp blade; a wide one is never clamped shut: it would split beside.',
        ['cutsWet'],
      ),
    ),
    line(
      'Plane a wedge of the same wood to it, grain running on, until it goes in by hand pressure.',
      ['worksNew'],
    ),
    'Glue on the slip only, press in, no clamp.',
    line(
      'Level it tomorrow with a plane or chisel.',
      ['cuts'],
      line('Level it tomorrow with wet-or-dry paper on a block, kept wet.', ['rubsWet']),
    ),
  ],
};

export const ironBand: Repair = {
  id: 'iron-band',
  title: 'Iron the edge band down',
  uses: [use('contactCement', 0.01, 'glues'), atHand('roller')],
  steps: [
    'Paper over the band, an iron at middle heat, a few seconds; press with a block until it is cool.',
    line(
      'The glue does not melt? Scrape it off.',
      ['scrapes'],
      line('The glue does not melt? Soften it with its remover and take it off wet with plastic.', [
        'scrapesWet',
      ]),
    ),
    'Then contact cement on both faces, let it dry by its label, press, roll.',
    line(
      'Trim with a fresh blade, towards the face. Wood glue does not hold on plastic.',
      ['cuts'],
      line('Trim with a fresh, damp blade, towards the face. Wood glue does not hold on plastic.', [
        'cutsWet',
      ]),
    ),
  ],
  minutes: 10,
  waitMinutes: 60,
  until: 'cementHard',
  glue: true,
};
