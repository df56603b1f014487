import { DAMAGES } from '../../catalog';
import { finding, good } from '../../piece';
import { changeKind, onSurface, put } from './kind';

/** A damage is put on record, or changed where it is on it. */
export const find = changeKind(
  'find',
  { finding },
  {
    about: 'piece',
    group: 'damages',
    up: [],
    apply: (before, it) => good({ ...before, findings: put(before.findings, it.finding) }),
    moved: (it, to) => ({ ...it, finding: onSurface(it.finding, to) }),
    fields: (it) => [{ name: `find/${it.finding.id}`, value: it.finding, change: it }],
    surfaceOf: (it) => it.finding.surfaceId,
    puts: (it) => it.finding,
    madeFrom: ({ findings }) =>
      findings.map((one) => ({ change: { kind: 'find', finding: one }, at: one.at })),
    told: ({ finding: { surfaceId, damage, count, note } }, { surfaceName }) => {
      const places = count === 1 ? '' : `${count} × `;
      const text = `${surfaceName(surfaceId)}: ${places}${DAMAGES.get(damage).label}`;
      return note ? `${text}, ${note}` : text;
    },
  },
);
