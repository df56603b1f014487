import type { PieceDescription, Problem } from '@obrik/core/piece';
import type { UnitSystem } from '@obrik/core/units';
import { useEffect } from 'react';
import { useForm } from 'react-hook-form';
import { draftCleared, draftTyped, useDraft } from '@/state/draft';
import { useAppDispatch } from '@/state/store';
import { descriptionOf, fieldOf, pieceResolver, type PieceForm } from './pieceForm';

/** What a draft is kept with: figures typed in one unit must not be read in another. */
interface PieceDraft {
  readonly units: UnitSystem;
  readonly form: PieceForm;
}

const isDraft = (it: unknown): it is PieceDraft =>
  typeof it === 'object' &&
  it !== null &&
  'units' in it &&
  'form' in it &&
  typeof it.form === 'object' &&
  it.form !== null &&
  // One that was begun with an older page told the piece by template.
  'build' in it.form;

/**
 * A form for a piece that keeps what was typed until it is stored or thrown away.
 * @param name which form, so that drafts don't mix
 */
export const usePieceForm = (name: string, untouched: PieceForm, units: UnitSystem) => {
  const dispatch = useAppDispatch();
  const draft = useDraft(name);
  const kept = isDraft(draft) && draft.units === units ? draft.form : undefined;
  const form = useForm<PieceForm>({
    defaultValues: untouched,
    values: undefined,
    resolver: pieceResolver(units),
    mode: 'onTouched',
  });
  const { reset, subscribe } = form;

  useEffect(() => {
    if (kept) reset(structuredClone(kept), { keepDefaultValues: true });
    // Only when the form opens: afterwards the form is ahead of the draft.
    // eslint-disable-next-line react-hooks/exhaustive-deps -- see above
  }, []);

  useEffect(
    () =>
      subscribe({
        formState: { values: true, isDirty: true },
        callback: ({ values, isDirty }) => {
          // A copy: the store freezes what it holds, and the form goes on writing into its own.
          const copy = structuredClone(values);
          if (isDirty) dispatch(draftTyped({ form: name, values: { units, form: copy } }));
        },
      }),
    [subscribe, dispatch, name, units],
  );

  return {
    form,
    restored: kept !== undefined,
    discard: () => {
      dispatch(draftCleared(name));
      reset(untouched);
    },
    stored: () => void dispatch(draftCleared(name)),
    /** The description typed; the resolver has seen to it that it can be read. */
    description: (values: PieceForm): PieceDescription => {
      const result = descriptionOf(values, units);
      if (!result.ok) throw new Error('The form was submitted with problems.');
      return result.value;
    },
    /** Shows what the server found wrong beside the fields. */
    report: (problems: readonly Problem[], values: PieceForm) => {
      for (const it of problems) {
        form.setError(fieldOf(values, it.path.replace(/^(change\.)?description\./, '')) as 'name', {
          message: it.message,
        });
      }
    },
  };
};
