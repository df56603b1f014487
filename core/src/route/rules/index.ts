import type { Rule } from './rule';
import { BLOCK_RULES } from './block';
import { BORDER_BEFORE_RULES, BORDER_BETWEEN_RULES } from './border';
import { CLEAN_RULES } from './clean';
import { COLOUR_RULES } from './colour';
import { HANDOVER_RULES } from './handover';
import { APART_RULES } from './apart';
import { TOGETHER_RULES } from './together';
import { LEVEL_RULES } from './level';
import { LOOK_RULES } from './look';
import { MEND_RULES } from './mend';
import { OPEN_WOOD_RULES } from './openWood';
import { PROTECT_RULES } from './protect';
import { READY_RULES } from './ready';
import { REPAIR_RULES } from './repair';
import { SAND_RULES } from './sand';
import { SECURE_RULES } from './secure';
import { STRIP_RULES } from './strip';

/** Every rule of every phase, in the order of the work. */
export const RULES: readonly Rule[] = [
  ...SECURE_RULES,
  ...APART_RULES,
  ...LOOK_RULES,
  ...CLEAN_RULES,
  ...STRIP_RULES,
  ...READY_RULES,
  ...REPAIR_RULES,
  ...LEVEL_RULES,
  ...OPEN_WOOD_RULES,
  ...SAND_RULES,
  ...MEND_RULES,
  ...BLOCK_RULES,
  ...BORDER_BEFORE_RULES,
  ...COLOUR_RULES,
  ...PROTECT_RULES,
  ...BORDER_BETWEEN_RULES,
  ...TOGETHER_RULES,
  ...HANDOVER_RULES,
];
