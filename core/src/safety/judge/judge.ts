import { surfacesOf, type Piece } from '../../piece';
import type { Route } from '../../route';
import { effectIn, type Task } from '../../work';
import {
  JUDGEMENTS,
  MAY_ON_LEAD,
  RUINS,
  WORKS_NEW,
  MUST_BE_WORN,
  WORN_AT_LINE,
  type Judgement,
} from './methods';
import { forbiddenAnywhere, forbiddenOnLead } from './phrases';
import { holdsLead, isCutNew, isForChild, isSuspect } from './truth';
import { PROTECTIONS } from '../../catalog';

/** Something that would hurt somebody, or ruin a face. */
export interface Fault {
  readonly kind: string;
  readonly what: string;
}

/** What the judge knows of a piece, from its record alone. */
interface Known {
  readonly piece: Piece;
  readonly leaded: ReadonlySet<string>;
  readonly suspect: ReadonlySet<string>;
  readonly cutNew: ReadonlySet<string>;
}

const knownOf = (piece: Piece): Known => {
  const surfaces = surfacesOf(piece);
  const where = (holds: (id: string) => boolean) =>
    new Set(surfaces.map((it) => it.id).filter(holds));
  return {
    piece,
    leaded: where((id) => holdsLead(piece, id)),
    suspect: where((id) => isSuspect(piece, id)),
    cutNew: new Set(surfaces.filter((it) => isCutNew(piece, it.id, it.part)).map((it) => it.id)),
  };
};

const LEAD_WEAR = [/P100 respirator/, /Disposable overall/, /Nitrile gloves/];
const REMOVES: readonly string[] = [
  'back-off',
  'new-part-solid',
  'new-part-plywood',
  'new-part-board',
];
const OPENING: readonly Judgement[] = ['opens', 'dry'];

const judgementOf = ({ method }: Task): Judgement | undefined => JUDGEMENTS.get(method);
const wornAt = ({ protection }: Task): string =>
  protection.map((it) => PROTECTIONS.get(it).label).join(' · ');

/** Faces of the old piece that a task is done on; fresh wood has no old paint, but for taking the old part off. */
const oldFaces = (it: Task, { cutNew }: Known): readonly string[] =>
  it.surfaceIds.filter((id) => !cutNew.has(id) || REMOVES.includes(it.method));

const faultsOfTask = (it: Task, at: number, route: Route, known: Known): readonly Fault[] => {
  const { piece, leaded, suspect } = known;
  const faults: Fault[] = [];
  const say = (kind: string, what = ''): void => {
    faults.push({ kind, what: `${it.key} (${it.method}) ${what}`.trim() });
  };
  const judgement = judgementOf(it);
  if (judgement === undefined) {
    say('not judged');
    return faults;
  }
  const text = [it.title, ...it.how.map((one) => one.text)].join(' ');
  const badWord = forbiddenAnywhere(JSON.stringify([it.title, it.how, it.cautions, it.reason]));
  if (badWord) say('forbidden word', badWord);
  for (const wanted of MUST_BE_WORN[it.method] ?? []) {
    if (!wanted.test(wornAt(it))) say('not worn', `${String(wanted)} in ${wornAt(it)}`);
  }
  const does = new Set([
    ...it.how.flatMap((one) => one.does),
    ...(it.traits.sprayed ? (['mist'] as const) : []),
    ...(it.traits.wets === null || it.traits.wets === 'water' ? [] : [it.traits.wets]),
    ...(leaded.size > 0 && judgement !== 'records' ? (['lead'] as const) : []),
  ]);
  for (const danger of does) {
    for (const wanted of WORN_AT_LINE[danger]) {
      if (!wanted.test(wornAt(it)))
        say('not worn', `${danger}: ${String(wanted)} in ${wornAt(it)}`);
    }
  }
  const faces = oldFaces(it, known);
  const onLead = faces.filter((id) => leaded.has(id));
  const onSuspect = faces.filter((id) => suspect.has(id));
  const isContained =
    piece.done.some((one) => effectIn(one)?.traits.makesOfPiece.includes('contained')) ||
    route.tasks.slice(0, at).some((one) => one.method === 'contain-lead');
  if (onLead.length > 0) {
    if (judgement === 'dry') say('dry on lead', onLead.join());
    if (OPENING.includes(judgement) && !isContained)
      say('opened before containment', onLead.join());
    const isNew = ({ does }: (typeof it.how)[number]) =>
      WORKS_NEW.includes(it.method) && does.length > 0 && does.every((one) => one === 'worksNew');
    const phrase =
      judgement === 'secures'
        ? undefined
        : it.how
            .filter((one) => !isNew(one))
            .map((one) => forbiddenOnLead(one.text))
            .find(Boolean);
    if (phrase) say('forbidden phrase on lead', phrase);
  }
  if (leaded.size > 0 && judgement !== 'records') {
    if (isForChild(piece) && !['secures', 'handles'].includes(judgement)) {
      say('a child’s piece with lead is worked');
    }
  }
  const held = it.holds.includes('lead');
  const treatedAsLead = isContained && LEAD_WEAR.every((one) => one.test(wornAt(it)));
  if (onSuspect.length > 0 && !held) {
    if (judgement === 'dry') say('dry on suspect paint', onSuspect.join());
    if ((judgement === 'opens' || judgement === 'covers') && !treatedAsLead) {
      say('suspect paint opened or covered', onSuspect.join());
    }
  }
  if (onLead.length > 0 || (onSuspect.length > 0 && !held)) {
    const line = it.how.find((one) => one.does.some((danger) => !MAY_ON_LEAD[danger]));
    if (line) say('forbidden line', line.text);
  }
  for (const rule of RUINS) {
    const does = rule.does?.some((danger) => it.how.some((one) => one.does.includes(danger)));
    if (!does && !rule.methods?.includes(it.method)) continue;
    for (const id of it.surfaceIds) {
      const value = piece.confirmations.find(
        (one) => one.surfaceId === id && one.variable === rule.of,
      )?.value;
      if (value === undefined || !rule.values.includes(value) || known.cutNew.has(id)) continue;
      const stripped = [
        ...piece.done.flatMap((one) => effectIn(one) ?? []),
        ...route.tasks.slice(0, at),
      ].some((one) => one.surfaceIds.includes(id) && one.traits.face === 'bare');
      if (!rule.whileOn || !stripped)
        say('ruins the face', `${rule.of} ${value}: ${text.slice(0, 80)}`);
    }
  }
  if (it.how.some((one) => one.does.includes('water'))) {
    const lifting = piece.findings.find(
      (one) => one.damage === 'liftingVeneer' && it.surfaceIds.includes(one.surfaceId),
    );
    if (lifting && !known.cutNew.has(lifting.surfaceId)) say('water on lifting veneer');
  }
  return faults;
};

/** Work on record that opened what is known to hold lead now, before anybody had set up for it. */
const openedBefore = ({ piece, leaded }: Known): boolean => {
  const contained = piece.done.findIndex((it) =>
    effectIn(it)?.traits.makesOfPiece.includes('contained'),
  );
  const before = contained < 0 ? piece.done : piece.done.slice(0, contained);
  const cleaned = piece.done.some((it) => effectIn(it)?.traits.makes.includes('cleanedUpAfter'));
  return (
    !cleaned &&
    before.some((it) => {
      const effect = effectIn(it);
      if (it.endedAt === null || !effect || !it.surfaceIds.some((id) => leaded.has(id)))
        return false;
      const { makesDust, opensLayers, wets, makes } = effect.traits;
      return (
        (makesDust || opensLayers || wets !== null) &&
        !makes.includes('leadSampled') &&
        !effect.traits.evicts
      );
    })
  );
};

/**
 * What is wrong with a plan: read from its tasks and their lines, judged by tables written by hand and
 * by what an inspector would hold of the record.
 */
export const faultsOf = (piece: Piece, route: Route): readonly Fault[] => {
  const known = knownOf(piece);
  const faults = route.tasks.flatMap((it, at) => faultsOfTask(it, at, route, known));
  const cleansUp = route.tasks.findIndex((it) =>
    /^(clean-up-lead|mend-cleanUpHarm)$/.test(it.method),
  );
  const works = route.tasks.findIndex((it) => OPENING.includes(judgementOf(it) ?? 'records'));
  if (openedBefore(known) && (cleansUp < 0 || (works >= 0 && works < cleansUp))) {
    return [...faults, { kind: 'late lead is not spoken of', what: route.tasks[0]?.key ?? '' }];
  }
  const child = isForChild(piece) && known.leaded.size > 0;
  if (child && piece.aims.length > 0) {
    const said = route.refusals.filter((it) => /certified firm/.test(it.waysOut.join(' ')));
    const on = new Set(said.flatMap((it) => it.surfaceIds));
    const missing = [...known.leaded].filter((id) => !on.has(id));
    if (missing.length > 0)
      faults.push({ kind: 'a child’s lead is not refused', what: missing.join() });
  }
  const clean = route.tasks.findIndex((it) => it.phase === 'clean');
  for (const { damage, surfaceId } of piece.findings) {
    const method = { insects: 'evict-insects', mould: 'mould' }[damage as string];
    const isDone = piece.done.some((it) => effectIn(it)?.traits.evicts);
    if (!method || isDone) continue;
    const first = route.tasks.findIndex(
      (it) => it.method === method && it.surfaceIds.includes(surfaceId),
    );
    if (first < 0 || (clean >= 0 && clean < first)) {
      faults.push({ kind: 'what lives in it comes later', what: surfaceId });
    }
  }
  return faults;
};
