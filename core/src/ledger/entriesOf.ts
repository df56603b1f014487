import { NO_ACCOUNT, pieceDescription, type Piece } from '../piece';
import { ENTRY_VERSION, type Deed, type Entry } from './entry';

/** A deed and when it was done, where the piece tells. */
interface Dated {
  readonly deed: Deed;
  readonly at: string | undefined;
  readonly by: string;
}

const at = (deed: Deed, when?: string, by = ''): Dated => ({ deed, at: when, by });

const deedsOf = (it: Piece): readonly Dated[] => [
  at({ kind: 'takenIn', description: pieceDescription.parse(it) }),
  ...it.observations.map((one) => at({ kind: 'observe', observation: one }, one.at, one.by)),
  ...it.confirmations.map((one) => at({ kind: 'confirm', confirmation: one }, one.at)),
  ...it.findings.map((one) => at({ kind: 'find', finding: one }, one.at)),
  ...[...new Set(it.layers.map((one) => one.surfaceId))].map((surfaceId) =>
    at({
      kind: 'layers',
      surfaceId,
      layers: it.layers.filter((one) => one.surfaceId === surfaceId),
    }),
  ),
  ...it.done.map((one) => at({ kind: 'did', done: [one] }, one.endedAt ?? one.startedAt, one.by)),
  ...it.log.map((one) => at({ kind: 'log', lines: [one] }, one.at, one.by)),
  ...(it.putOff.length > 0
    ? [
        at({
          kind: 'putOff',
          taskKeys: it.putOff.map((one) => one.taskKey),
          putOff: it.putOff,
        }),
      ]
    : []),
  ...it.pictures.map((one) => at({ kind: 'picture', picture: one }, one.at)),
  ...it.hardware.map((one) => at({ kind: 'fit', hardware: one })),
  ...it.aims.map((one) => at({ kind: 'aim', surfaceIds: [one.surfaceId], aims: [one] })),
  ...(Object.keys(it.schools).length > 0 ? [at({ kind: 'work', schools: it.schools })] : []),
  ...(JSON.stringify(it.account) === JSON.stringify(NO_ACCOUNT)
    ? []
    : [at({ kind: 'account', account: it.account })]),
  ...it.ownNeeds.map(({ material, colour, ...own }) => at({ kind: 'need', material, colour, own })),
  ...it.recipes.map((one) => at({ kind: 'recipe', recipe: one })),
  ...(it.ending ? [at({ kind: 'end', ending: it.ending })] : []),
  ...(it.archived ? [at({ kind: 'archive' })] : []),
];

/**
 * The entries that make a piece: for one that comes in from a file or a demo.
 * @param about who puts it on record, where, and when, for what the piece itself does not date
 * @param nextId makes an id for each entry
 */
export const entriesOf = (
  it: Piece,
  about: Pick<Entry, 'at' | 'device'>,
  nextId: () => string,
): readonly Entry[] =>
  deedsOf(it).map(({ deed, at: when, by }) => ({
    id: nextId(),
    pieceId: it.id,
    version: ENTRY_VERSION,
    deed,
    at: when ?? about.at,
    device: about.device,
    by,
    knew: 0,
  }));
