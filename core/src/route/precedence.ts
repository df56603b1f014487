import type { Schools } from '../catalog';
import type { Draft } from './merge';
import { PHASES, type Phase } from './operation';

const FINISHING: readonly Phase[] = ['block', 'colour', 'protect'];

/** A reason why one operation comes before another. */
interface PrecedenceRule {
  readonly id: string;
  readonly because: string;
  /** Holds between any surfaces, since they share the room; else only on a shared surface. */
  readonly sharedRoom?: boolean;
  readonly holds: (before: Draft, after: Draft, schools: Schools) => boolean;
}

const phaseOf = (it: Draft): Phase => it.operation.phase;
const isPhase = (it: Draft, wanted: Phase): boolean => phaseOf(it) === wanted;
const sooner = (a: Draft, b: Draft): boolean =>
  PHASES.indexOf(phaseOf(a)) < PHASES.indexOf(phaseOf(b));

/** Coats are being laid; dulling between them is dusted off on the spot. */
const isFinishing = (it: Draft): boolean => FINISHING.includes(phaseOf(it));

const EVICTING = new Set(['evict-insects', 'mould']);

/** In the school that takes the hardware off first, evicting follows on it. */
const evictedLater = (it: Draft, schools: Schools): boolean =>
  schools.hardware === 'before' && EVICTING.has(it.operation.method);

const into = (id: string, later: Phase, because: string, sharedRoom = false): PrecedenceRule => ({
  id,
  because,
  sharedRoom,
  holds: (a, b, schools) =>
    isPhase(b, later) &&
    sooner(a, b) &&
    !((later === 'record' || later === 'dismantle') && evictedLater(a, schools)),
});

const within = (id: string, phase: Phase, because: string): PrecedenceRule => ({
  id,
  because,
  holds: (a, b) => isPhase(a, phase) && isPhase(b, phase) && a.rank < b.rank,
});

/** Every "before" in a route, with its reason. */
export const PRECEDENCE: readonly PrecedenceRule[] = [
  {
    id: 'gate-before-what-it-decides',
    because: 'Its answer decides whether this may be done.',
    holds: (a, b) => {
      const kind = a.operation.gate?.kind;
      if (!kind || a === b) return false;
      if (kind === 'lead' && b.operation.makesDust) return true;
      return b.waitsFor.includes(kind);
    },
  },
  {
    id: 'dust-before-wet-coats',
    because: 'All dust is made before the first wet coat in the same room.',
    sharedRoom: true,
    holds: (a, b) => a.operation.makesDust && !isFinishing(a) && b.operation.coats,
  },
  {
    id: 'fittings-off-before-evicting',
    because: 'Treatment reaches under the plates and into the holes.',
    sharedRoom: true,
    holds: (a, b, schools) => a.operation.method === 'hardware-off' && evictedLater(b, schools),
  },
  {
    id: 'under-tape-meanwhile',
    because: 'It is masked before the other side is coated.',
    sharedRoom: true,
    holds: (a, b) =>
      a.operation.method === 'mask-border' &&
      (isPhase(b, 'colour') || isPhase(b, 'protect')) &&
      b.side !== undefined &&
      a.side !== b.side,
  },
  into('secure-before-record', 'record', 'Harm is shut out before anybody handles the piece.'),
  into('record-before-apart', 'dismantle', 'It is recorded while it is still together.'),
  into('apart-before-clean', 'clean', 'Taken apart, the corners can be reached.'),
  into('clean-before-strip', 'strip', 'Stripper works on finish, not on grease.'),
  into('strip-before-repair', 'repair', 'Stripper would lift filler, and glue wants clean wood.'),
  into('repair-before-sand', 'sand', 'Repairs are sanded flush with the rest.'),
  into('dedusted-before-coat', 'block', 'A coat over dust sticks to the dust and chips later.'),
  {
    id: 'secure-in-order',
    because: 'The greater harm first.',
    holds: (a, b, schools) =>
      isPhase(a, 'secure') && isPhase(b, 'secure') && a.rank < b.rank && !evictedLater(a, schools),
  },
  within('numbers-before-screws', 'dismantle', 'Numbered before its screws are out.'),
  within(
    'vacuum-before-wash',
    'clean',
    'Dry dirt, then wax and glue, then water, then the patch on clean wood.',
  ),
  within('strip-in-order', 'strip', 'The finish first, then what is left loose.'),
  within(
    'glue-before-fill',
    'repair',
    'Glue first: clamping moves the wood that filler would bridge.',
  ),
  within('flush-fill-dedust', 'sand', 'Fills flush, then the whole face, then the dust off.'),
  into('blocked-before-colour', 'colour', 'What would bleed is shut in before the colour goes on.'),
  into('colour-before-clear', 'protect', 'Stain and paint go below what shields them.'),
  into('hard-before-together', 'reassemble', 'Parts go together once every coat is dry.', true),
  into('whole-before-handover', 'handover', 'It is handed over whole.', true),
  within('coats-in-order', 'block', 'Each coat is dulled and dusted before the next.'),
  within('colour-in-order', 'colour', 'Stain, then paint coat by coat, then the effect.'),
  within('clear-in-order', 'protect', 'Each coat dries before the next.'),
  within('parts-in-order', 'reassemble', 'What slides and hangs, then what is screwed on.'),
];

/** One "before" between two operations. */
export interface Precedence {
  readonly before: string;
  readonly after: string;
  readonly rule: string;
  readonly because: string;
}

const share = (a: Draft, b: Draft): boolean =>
  a.operation.surfaceIds.some((it) => b.operation.surfaceIds.includes(it));

/** All precedences among the drafts, in a shop of these schools. */
export const precedences = (drafts: readonly Draft[], schools: Schools): readonly Precedence[] =>
  drafts.flatMap((a) =>
    drafts.flatMap((b) => {
      if (a === b) return [];
      const shared = share(a, b);
      return PRECEDENCE.filter(
        (rule) => (shared || rule.sharedRoom) && rule.holds(a, b, schools),
      ).map((rule) => ({
        before: a.operation.id,
        after: b.operation.id,
        rule: rule.id,
        because: rule.because,
      }));
    }),
  );
