import type { Deed } from './entry';

/** What an entry is about, for whoever looks for it. */
export type HistoryGroup =
  'done' | 'looks' | 'damages' | 'aims' | 'fittings' | 'money' | 'description' | 'takenBack';

const GROUP_OF: Readonly<Record<Deed['kind'], HistoryGroup>> = {
  takenIn: 'description',
  describe: 'description',
  end: 'done',
  archive: 'description',
  erased: 'description',
  restore: 'description',
  shopSet: 'description',
  observe: 'looks',
  withdraw: 'looks',
  confirm: 'looks',
  unconfirm: 'looks',
  layers: 'looks',
  picture: 'looks',
  unpicture: 'looks',
  find: 'damages',
  unfind: 'damages',
  fit: 'fittings',
  unfit: 'fittings',
  aim: 'aims',
  work: 'aims',
  account: 'money',
  need: 'money',
  recipe: 'money',
  unrecipe: 'money',
  stocked: 'money',
  priced: 'money',
  did: 'done',
  log: 'done',
  putOff: 'done',
  takenBack: 'takenBack',
};

export const groupOf = (it: Deed): HistoryGroup => GROUP_OF[it.kind];

/** The one surface that a deed changes; undefined where it is about several or none. */
export const surfaceOf = (it: Deed): string | undefined => {
  switch (it.kind) {
    case 'observe':
      return it.observation.surfaceId;
    case 'confirm':
      return it.confirmation.surfaceId;
    case 'find':
      return it.finding.surfaceId;
    case 'picture':
      return it.picture.surfaceId;
    case 'unconfirm':
    case 'layers':
      return it.surfaceId;
    case 'aim':
      return it.surfaceIds.length === 1 ? it.surfaceIds[0] : undefined;
    default:
      return undefined;
  }
};
