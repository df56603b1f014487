import { capital, listed } from './language';

/** The surfaces that a refusal speaks of: "top", "top and legs". */
const on = (names: readonly string[]): string => listed(names.map((it) => it.toLowerCase()));

export const refusals = {
  unread: {
    title: (names: readonly string[]) => `Work done on the ${on(names)} can’t be read`,
    because: (titles: readonly string[]) =>
      `${listed(titles.map((it) => `“${it}”`))} ${titles.length === 1 ? 'is' : 'are'} on record in a form that this version of Obrik doesn’t know. Nothing more is planned here, so that no work is done twice.`,
    waysOut: [
      'Update Obrik on this device. Then it can read the work.',
      'Or remove that work in the history, and record what you see on the surface now.',
    ],
  },
  childsRoom: {
    title: (names: readonly string[]) => `Don’t work on the ${on(names)} yourself`,
    titleLeft: (names: readonly string[]) =>
      `The ${on(names)} can’t be used by a child as ${names.length === 1 ? 'it is' : 'they are'}`,
    because: (status: string) =>
      `${status} This piece is for a child, and lead on one part is a danger on the whole.`,
    waysOut: ['Hand it to a certified firm.', 'Leave it as it is, and out of the child’s reach.'],
  },
  noWood: {
    title: (names: readonly string[], stain: boolean) =>
      `No ${stain ? 'stain' : 'clear finish over bare wood'} on the ${on(names)}`,
    because: (substrate: string) =>
      `It is ${substrate}: there is no wood in the face to take it, and stripper would lift the face.`,
    waysOut: [
      'Paint it: scuff, bonding primer, colour.',
      'Lay new veneer.',
      'Leave it as it is.',
      'If it is wood after all: look into a chip and record it.',
    ],
  },
  tooThin: { title: (names: readonly string[]) => `Don’t sand the ${on(names)}` },
  patchPeeled: {
    title: (names: readonly string[]) => `No paint on the ${on(names)} yet`,
    because:
      'At the cross-cut the tape took more than 15 % of the coat: on the whole face it would peel.',
    waysOut: [
      'Degrease, scuff once more, set another patch, and record it.',
      'Try another class of bonding primer on a patch.',
      'Lay new veneer.',
      'Leave it as it is.',
    ],
  },
  staysAsFound: {
    title: (names: readonly string[], damage: string) =>
      `${damage} stays as it is on the ${on(names)}`,
    jointGap: {
      because:
        'Caulk takes no stain and dries white or grey: in clear-finished wood it would show more than the gap.',
      waysOut: [
        'Glue in a slip of the same wood, planed to fit, before the face is sanded.',
        'Accept it: an honest joint, open a hair, is how old wood moves.',
        'Paint it: then it is caulked after the primer.',
      ],
    },
    board: {
      because:
        'Board that has swollen or crumbles never goes back, and a clear finish hides nothing.',
      waysOut: [
        'Paint it: cut back, hardened, filled and primed.',
        'Replace the part with new board or wood.',
        'Accept it as it is.',
      ],
    },
  },
  weakTop: {
    wax: {
      title: (names: readonly string[]) => `Wax alone is weak on the ${on(names)}`,
      because:
        'Water stands there, and wax lets it through: white rings within a week, and no paint or film sticks over wax later. It is planned as you asked.',
      waysOut: ['Take a waterborne clear.', 'Wax it every few months, and use coasters.'],
    },
    shellac: {
      title: (names: readonly string[]) => `Shellac is weak on the ${on(names)}`,
      because:
        'Hot cups, water and spilled spirits mark it. It is planned as you asked, and easy to mend.',
      waysOut: [
        'Take a waterborne or an oil-based clear.',
        'Use coasters, and mend it with shellac.',
      ],
    },
  },
  openChalk: {
    title: (names: readonly string[]) => `Chalk paint stays open on the ${on(names)}`,
    because:
      'Without a topcoat every wet glass and every hand marks it for good. It is planned as you asked.',
    waysOut: ['Give it a waterborne clear or wax.', 'Take the paint with the topcoat built in.'],
  },
  noBleach: {
    title: (names: readonly string[]) => `No bleaching of the ${on(names)}`,
    because:
      'Its wood may be only a thin face: lye and so much water loosen the glue. It is planned without.',
    waysOut: [
      'Find out what it is made of, and record it.',
      'A white wash or a pale stain on it instead.',
      'Paint it.',
    ],
  },
  openPores: {
    title: (names: readonly string[]) => `The pores stay open on the ${on(names)}`,
    because:
      'Filler would have to go between the stain and the finish, and here both are one. It is planned with open pores.',
    waysOut: [
      'Take an oil- or water-based stain, filler, and a clear over it.',
      'Leave the pores open.',
    ],
  },
  noGun: {
    title: (names: readonly string[]) => `Not all by gun on the ${on(names)}`,
    becauseNone: 'No spray gun is among the tools of this shop. It is planned by brush and roller.',
    becauseOf: (coatings: readonly string[]) =>
      `${listed(coatings)} does not go through the gun: its mist harms, burns or clogs. That is brushed; the rest is sprayed.`,
    waysOutNone: ['Add the gun to the tools of the shop.', 'Leave it to brush and roller.'],
    waysOutOf: ['Take waterborne primer, paint and clear throughout.', 'Leave it as planned.'],
  },
  wallPaint: {
    title: (names: readonly string[]) => `Wall paint is weak on the ${on(names)}`,
    because:
      'On slick faces wall paint scratched off over every primer that was tried; cabinet enamel held. It is planned as you asked.',
    waysOut: ['Take cabinet enamel.', 'Give it a waterborne clear on top.'],
  },
  noDistress: {
    title: (names: readonly string[]) => `No rubbing through on the ${on(names)}`,
    because: (status: string) =>
      `${status} Rubbing through would open it again, and leave it open for good.`,
    waysOut: [
      'Paint it whole; it is planned so.',
      'Lay the look of wear on top instead: a glaze, or a dry brush in a second colour.',
    ],
  },
  noVeneer: {
    title: (names: readonly string[]) => `No new veneer on the ${on(names)}`,
    becauseLead: (status: string) => `${status} The ground would have to be scuffed dry.`,
    becauseStick: 'A sheet of veneer wants a flat face, and this one is turned or narrow.',
    waysOut: ['Paint it.', 'Leave it as it is.'],
  },
  suspectPaint: {
    title: (names: readonly string[], way: string) =>
      `${capital(way)} is ruled out on the ${on(names)}`,
    because: (verdict: string, way: string, no: string) =>
      `${verdict} ${way} ${no}. Gel is planned instead.`,
    waysOut: ['Record a lead result for each layer.'],
  },
  stripWay: {
    title: (names: readonly string[], way: string) =>
      `${capital(way)} is ruled out on the ${on(names)}`,
    because: (way: string, no: string) => `${way}: ${no}. Another way is planned.`,
    waysOut: ['Take gel, covered.', 'Let Obrik choose the way.'],
  },
  patchShows: {
    title: (names: readonly string[]) => `No invisible patch on the ${on(names)}`,
    because: 'A patch in veneer takes colour and light in another way than what lies round it.',
    waysOut: [
      'Paint it.',
      'Accept the patch: an honest repair.',
      'Paint a motif or a band where the patches are.',
      'Lay new veneer on the whole face.',
    ],
  },
  topcoat: {
    title: (names: readonly string[], coating: string) =>
      `${capital(coating)} can’t go on the ${on(names)}`,
    because: (no: string, instead: string) => `${no} Now ${instead} is planned instead.`,
  },
} as const;
