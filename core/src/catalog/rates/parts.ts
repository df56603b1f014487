import { atHand, byArea, byPart, byPiece, byPlace, use } from './rate';

/** Work counted by the place, the part or the piece: tests, what comes off and goes on, handing over. */
export const PART_RATES = {
  leadSample: byPlace(
    0,
    10,
    use('leadTestKit', 1, 'tests'),
    use('wetWipes', 4, 'wipes'),
    use('wasteBags', 1, 'contains'),
  ),
  substrateLook: byPlace(0, 3),
  veneerMeasure: byPlace(0, 3),
  bleedPatch: byPlace(0, 5, use('acrylic', 0.005, 'tests'), use('paper150', 0.1, 'abrades')),
  testPatch: byPlace(
    0,
    15,
    use('bonding', 0.01, 'tests'),
    use('blade', 1, 'tests'),
    use('tape', 0.2, 'tests'),
  ),
  cleanUpLead: byPiece(
    0,
    60,
    use('wetWipes', 30, 'wipes'),
    use('disposableCloths', 10, 'wipes'),
    use('wasteBags', 3, 'contains'),
    atHand('hepaVacuum'),
  ),
  contain: byPiece(
    0,
    25,
    use('plasticSheet', 12, 'contains'),
    use('wetWipes', 20, 'wipes'),
    use('wasteBags', 4, 'contains'),
    atHand('hepaVacuum'),
  ),
  evict: byPlace(0, 15),
  mould: byPlace(0, 15, atHand('hepaVacuum'), use('disposableCloths', 6, 'wipes')),
  readMeter: byPlace(0, 5),
  bedCheck: byPiece(0, 20),
  photograph: byPiece(0, 12),
  drawerMap: byPiece(0, 4, use('maskingTape', 10, 'masks'), atHand('wedges')),
  drawerOut: byPart(4, 2, atHand('pencil'), use('maskingTape', 0.1, 'masks')),
  doorOff: byPart(4, 8, atHand('pencil'), use('maskingTape', 0.2, 'masks')),
  pullOff: byPart(4, 2, use('labelledBags', 1, 'contains')),
  backOff: byPlace(0, 15),
  newPartSolid: byArea(45, 60, use('matchingWood', 10, 'fills'), use('woodGlue', 0.1, 'glues')),
  newPartSheet: byArea(40, 35, use('thinPlywood', 1, 'covers'), use('woodGlue', 0.05, 'glues')),
  newPartBoard: byArea(40, 35, use('fibreboard', 1, 'covers'), use('woodGlue', 0.05, 'glues')),
  /** Soaking takes hours and no hands. */
  polish: byPart(
    15,
    3,
    use('vinegar', 0.1, 'cleans'),
    use('steelWool', 0.01, 'cleans'),
    use('metalPolish', 0.01, 'cleans'),
  ),
  repaint: byPart(0, 4, use('metalSpray', 0.03, 'coats'), use('steelWool', 0.01, 'cleans')),
  drawerIn: byPart(5, 3, use('pasteWax', 0.005, 'coats')),
  doorOn: byPart(5, 15),
  pullOn: byPart(4, 3),
  backOn: byPlace(0, 10),
  bumpers: byPiece(0, 5, use('clearBumpers', 8, 'masks')),
  /** Floor and walls around what stays where it is: paper, film, tape. */
  coverRoom: byPiece(0, 25, use('maskingTape', 15, 'atHand')),
  /** Two thin coats into cut edges and joints, with a small brush. */
  sealEdges: byPiece(0, 20),
  anchor: byPiece(0, 12, use('wallAnchors', 2, 'atHand')),
  /** Walking round the piece in a raking light, with the small brush at hand. */
  touchUp: byArea(20, 8),
  careSheet: byPiece(0, 15),
} as const;
