import { ORDER_WORDS, type OrderRuleId } from '../../words';
import type { Phase } from '../../work';
import type { RuleOfOrder } from './graph';

const rule = (id: OrderRuleId): RuleOfOrder => ({ id, because: ORDER_WORDS[id] });

export const GATE = rule('gate-before-what-it-decides');
export const DUST = rule('dust-before-wet-coats');
export const CLEANED = rule('cleaned-up-before-all');
export const QUARANTINED = rule('quarantined-before-washing');
export const CONTAINED = rule('contained-before-work');
export const FITTINGS = rule('fittings-off-before-evicting');
export const TAPE = rule('under-tape-meanwhile');
export const CLEAN_TAPE = rule('dust-before-tape');
export const DRIES = rule('dry-before-next');
export const TOGETHER = rule('hard-before-together');
export const HANDOVER = rule('whole-before-handover');

/** Why a phase comes after all phases before it, on one surface. */
export const INTO: Readonly<Partial<Record<Phase, RuleOfOrder>>> = {
  record: rule('secure-before-record'),
  dismantle: rule('record-before-apart'),
  clean: rule('apart-before-clean'),
  strip: rule('clean-before-strip'),
  repair: rule('strip-before-repair'),
  sand: rule('repair-before-sand'),
  block: rule('dedusted-before-coat'),
  colour: rule('blocked-before-colour'),
  protect: rule('colour-before-clear'),
};

/** Why what ranks lower comes first, within a phase and on one surface. */
export const WITHIN: Readonly<Partial<Record<Phase, RuleOfOrder>>> = {
  secure: rule('secure-in-order'),
  dismantle: rule('numbers-before-screws'),
  clean: rule('vacuum-before-wash'),
  strip: rule('strip-in-order'),
  repair: rule('glue-before-fill'),
  sand: rule('flush-fill-dedust'),
  block: rule('coats-in-order'),
  colour: rule('colour-in-order'),
  protect: rule('clear-in-order'),
  reassemble: rule('parts-in-order'),
};

/** The rule by which parts wait for films: they press on them. */
export const PRESSES = TOGETHER.id;

/** Every reason why one task comes before another. */
export const PRECEDENCE: readonly RuleOfOrder[] = [
  GATE,
  DUST,
  CLEANED,
  CONTAINED,
  QUARANTINED,
  FITTINGS,
  TAPE,
  CLEAN_TAPE,
  DRIES,
  TOGETHER,
  HANDOVER,
  ...Object.values(INTO),
  ...Object.values(WITHIN),
];
