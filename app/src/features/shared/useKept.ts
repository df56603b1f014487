import { useCallback } from 'react';
import { useDispatch } from 'react-redux';
import { draftCleared, draftTyped, useDraft } from '@/state/draft';

/**
 * What was chosen or typed and is not on record yet. It is there again after a reload, a call, or the
 * browser's way back.
 * @param form which form, so that drafts don't mix
 * @param first before anything was chosen
 * @returns what stands, what keeps another, and what forgets it once it is on record
 */
export const useKept = <T>(form: string, first: T): readonly [T, (it: T) => void, () => void] => {
  const dispatch = useDispatch();
  const kept = useDraft(form) as T | undefined;
  const keep = useCallback(
    (values: T) => void dispatch(draftTyped({ form, values })),
    [dispatch, form],
  );
  const forget = useCallback(() => void dispatch(draftCleared(form)), [dispatch, form]);
  return [kept ?? first, keep, forget];
};
