/** Why one task comes before another, by the id of the rule. */
export const ORDER_WORDS = {
  'gate-before-what-it-decides': 'Its answer decides whether this may be done.',
  'dust-before-wet-coats': 'All dust is made before the first wet coat in the same room.',
  'cleaned-up-before-all': 'What may hold lead is cleaned up before anybody works near it.',
  'quarantined-before-washing':
    'What lives in it is gone before water or shaking drives it into another piece.',
  'contained-before-work':
    'The sheet is down and the room is empty before paint with lead is touched.',
  'fittings-off-before-evicting': 'Treatment reaches under the plates and into the holes.',
  'under-tape-meanwhile': 'It is masked before the other side is coated.',
  'dust-before-tape':
    'Tape holds on a clean face: it goes on when washing, stripping and sanding are over.',
  'dry-before-next': 'What was done there is dry, and out of its clamps.',
  'hard-before-together': 'Parts go together once every coat is dry.',
  'whole-before-handover': 'It is handed over whole.',
  'secure-before-record': 'Harm is shut out before anybody handles the piece.',
  'record-before-apart': 'It is recorded while it is still together.',
  'apart-before-clean': 'Taken apart, the corners can be reached.',
  'clean-before-strip': 'Stripper works on finish, not on grease.',
  'strip-before-repair': 'Stripper would lift filler, and glue wants clean wood.',
  'repair-before-sand': 'Repairs are sanded flush with the rest.',
  'dedusted-before-coat': 'A coat over dust sticks to the dust and chips later.',
  'blocked-before-colour': 'What would bleed is shut in before the colour goes on.',
  'colour-before-clear': 'Stain and paint go below what shields them.',
  'secure-in-order': 'The greater harm first.',
  'numbers-before-screws': 'Numbered before its screws are out.',
  'vacuum-before-wash': 'Dry dirt, then wax and glue, then water, then the patch on clean wood.',
  'strip-in-order': 'The finish first, then what is left loose.',
  'glue-before-fill': 'Glue first: clamping moves the wood that filler would bridge.',
  'flush-fill-dedust': 'Fills flush, then the whole face, then the dust off.',
  'coats-in-order': 'Each coat is dulled and dusted before the next.',
  'colour-in-order': 'Stain, then paint coat by coat, then the effect.',
  'clear-in-order': 'Each coat dries before the next.',
  'parts-in-order': 'What slides and hangs, then what is screwed on.',
} as const;
export type OrderRuleId = keyof typeof ORDER_WORDS;
