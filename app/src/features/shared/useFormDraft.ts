import { useEffect } from 'react';
import type { FieldValues, UseFormReturn } from 'react-hook-form';
import { draftCleared, draftTyped, useDraft } from '@/state/draft';
import { useAppDispatch } from '@/state/store';

/**
 * Keeps what is typed into a form until it is stored: it is there again after a reload, a call, or the
 * browser's way back.
 * @param name which form, so that drafts don't mix
 * @returns forgets the draft, once what was typed is on record
 */
export const useFormDraft = <Values extends FieldValues, Read>(
  form: UseFormReturn<Values, unknown, Read>,
  name: string,
): (() => void) => {
  const dispatch = useAppDispatch();
  const draft = useDraft(name);
  const { reset, subscribe } = form;
  useEffect(() => {
    if (typeof draft === 'object' && draft !== null) {
      reset(structuredClone(draft) as Values, { keepDefaultValues: true });
    }
    // Only when the form opens: afterwards the form is ahead of the draft.
    // eslint-disable-next-line react-hooks/exhaustive-deps -- see above
  }, []);
  useEffect(
    () =>
      subscribe({
        formState: { values: true, isDirty: true },
        callback: ({ values, isDirty }) => {
          // A copy: the store freezes what it holds, and the form goes on writing into its own.
          if (isDirty) dispatch(draftTyped({ form: name, values: structuredClone(values) }));
        },
      }),
    [subscribe, dispatch, name],
  );
  return () => void dispatch(draftCleared(name));
};
