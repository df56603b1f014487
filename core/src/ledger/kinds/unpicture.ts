import { bad, good, id } from '../../piece';
import { changeKind, hasId, withoutId } from './kind';

/** A photo is taken off the record. */
export const unpicture = changeKind(
  'unpicture',
  { pictureId: id },
  {
    about: 'piece',
    group: 'looks',
    up: [],
    apply: (before, it) =>
      hasId(before.pictures, it.pictureId)
        ? good({ ...before, pictures: withoutId(before.pictures, it.pictureId) })
        : bad('pictureId', 'No such picture: it may have been taken back already.'),
    takes: (it) => it.pictureId,
    told: () => 'A picture removed',
  },
);
