import { SCHOOLS, type School } from '../../catalog';
import { good, ownSchools } from '../../piece';
import { changeKind } from './kind';

/** How the piece is worked where it departs from the shop becomes this. */
export const work = changeKind(
  'work',
  { schools: ownSchools },
  {
    about: 'piece',
    group: 'aims',
    up: [],
    apply: (before, it) => good({ ...before, schools: it.schools }),
    fields: (it) => [{ name: 'work', value: it.schools, change: it }],
    madeFrom: ({ schools }) =>
      Object.keys(schools).length > 0 ? [{ change: { kind: 'work', schools } }] : [],
    told: (it) => {
      const schools = Object.keys(it.schools).map((one) => SCHOOLS.get(one as School).label);
      return schools.length === 0
        ? 'Worked as the shop usually works'
        : `Worked otherwise than the shop: ${schools.join(', ')}`;
    },
  },
);
