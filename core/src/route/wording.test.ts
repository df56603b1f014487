import { ofEveryRoute, type Case } from '../testing/everyRoute';
import { routeAsText } from './index';

/*
 * No sentence of any route has a shape that nobody would write. What is forbidden was written by
 * hand from slips that were seen; none of it comes from the words under test.
 */

const MANY = [
  ...['drawer', 'door', 'fitting', 'pull', 'knob', 'lock', 'hinge', 'hole', 'leg', 'part', 'place'],
  ...['coat', 'layer', 'round', 'sheet', 'paper', 'step', 'surface', 'spot', 'damage', 'patche'],
  ...['minute', 'hour', 'day', 'week', 'litre', 'point', 'entrie', 'question'],
];

const FORBIDDEN: readonly (readonly [string, RegExp])[] = [
  ['one of many', new RegExp(`(?<![\\d.,–]|bay )\\b1 (${MANY.join('|')})s\\b`, 'i')],
  ['two blanks', / {2}/],
  ['a blank before a stop', / [.,;:!?](?!\.)/],
  ['two stops', /(?<!\.)\.\.(?!\.)|,,|;;|\.;|:\./],
  ['what was left out', /undefined|NaN|\bnull\b|\[object/],
  ['a name of the code', /\b[a-z]+[A-Z][a-z]+/],
  ['a negative length', /(^|[\s(])-\d/],
  ['an empty bracket', /\(\s*\)|“”/],
];

/** Units are written with capitals inside: kWh, mL. */
const UNITS = /\b(mL|kWh|pH|µm|mm²)\b/g;

/** As text, a reason ends in the name of its rule. */
const RULE_ID = / \[[\w-]+\]$/;

const textsOf = ({ route }: Case): readonly string[] => [
  ...route.operations.flatMap((it) => [
    it.title,
    ...it.reasons.map((one) => one.text),
    ...it.how,
    ...it.protection,
    ...it.cautions.flatMap((one) => [one.text, one.lastWord]),
    ...(it.wait ? [it.wait.until] : []),
    ...(it.gate ? [it.gate.question] : []),
    ...it.after.map((one) => one.because),
    ...it.insteadOf.flatMap((one) => [one.label, one.because]),
  ]),
  ...route.refusals.flatMap((it) => [it.title, it.because, ...it.waysOut]),
];

const misshapen = (text: string): string | undefined => {
  for (const [what, shape] of FORBIDDEN) {
    const found = shape.exec(text.replace(UNITS, 'unit').replace(RULE_ID, ''));
    if (found) return `${what} (“${found[0]}”) in: ${text}`;
  }
  return undefined;
};

it('no sentence of a route is misshapen, nor any line of it as text', () => {
  const found = new Set<string>();
  ofEveryRoute((it) => {
    const lines = routeAsText({ ...it.piece, name: 'Chest' }, it.route).split('\n');
    for (const text of [...textsOf(it), ...lines.map((line) => line.trim())]) {
      const bad = misshapen(text);
      if (bad !== undefined) found.add(bad);
    }
  }, 600);
  expect([...found]).toEqual([]);
});
