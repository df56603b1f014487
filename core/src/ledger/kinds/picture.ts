import { bad, good, picture as pictureOf } from '../../piece';
import { changeKind, hasId, onSurface } from './kind';

/** A photo of a surface is put on record. */
export const picture = changeKind(
  'picture',
  { picture: pictureOf },
  {
    about: 'piece',
    group: 'looks',
    up: [],
    apply: (before, it) =>
      hasId(before.pictures, it.picture.id)
        ? bad('picture.id', 'This picture is recorded already.')
        : good({ ...before, pictures: [...before.pictures, it.picture] }),
    moved: (it, to) => ({ ...it, picture: onSurface(it.picture, to) }),
    surfaceOf: (it) => it.picture.surfaceId,
    puts: (it) => it.picture,
    madeFrom: ({ pictures }) =>
      pictures.map((one) => ({ change: { kind: 'picture', picture: one }, at: one.at })),
    told: (it, { surfaceName }) => `${surfaceName(it.picture.surfaceId)}: picture taken`,
  },
);
