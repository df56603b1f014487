import { NO_ACCOUNT, accountPart, good, type Account } from '../../piece';
import { changeKind, namesOf } from './kind';

const PARTS: Readonly<Record<keyof Account, string>> = {
  paid: 'what was paid',
  asItStands: 'worth as it stands',
  price: 'price hoped for',
  sold: 'the sale',
  extras: 'other costs',
};

/** These parts of the money of the piece become this. */
export const account = changeKind(
  'account',
  { account: accountPart },
  {
    about: 'piece',
    group: 'money',
    up: [],
    apply: (before, it) => good({ ...before, account: { ...before.account, ...it.account } }),
    fields: (it) =>
      Object.entries(it.account).map(([part, value]) => ({
        name: `account/${part}`,
        value,
        change: { kind: 'account', account: { [part]: value } },
      })),
    madeFrom: (piece) =>
      JSON.stringify(piece.account) === JSON.stringify(NO_ACCOUNT)
        ? []
        : [{ change: { kind: 'account', account: piece.account } }],
    told: (it) => `Money of the piece: ${namesOf(it.account, PARTS)}`,
  },
);
