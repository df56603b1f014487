import { inspectionTest } from '@obrik/core/catalog';
import { canSpeakForMore, type Observation } from '@obrik/core/piece';
import { counted, outcomeInWords } from '@obrik/core/words';
import { nanoid } from '@reduxjs/toolkit';
import { useChanges } from '@/api/usePiece';

/**
 * Records what was seen on a surface, and on others: one sample of paint is recorded once for all that it
 * speaks for; any other look on each of them. Resolves to whether it is safe.
 */
export const useObserve = (
  pieceId: string,
): ((seen: Observation, others: readonly string[]) => Promise<boolean>) => {
  const put = useChanges();
  return (seen, others) => {
    const test = inspectionTest(seen.testId);
    const isOne = others.length === 0 || (test !== undefined && canSpeakForMore(test));
    const all: readonly Observation[] = isOne
      ? [others.length > 0 ? { ...seen, alsoFor: [...others] } : seen]
      : [seen, ...others.map((surfaceId) => ({ ...seen, id: nanoid(), surfaceId }))];
    const where = others.length > 0 ? ` for ${counted(others.length + 1, 'surface')}` : '';
    return put(
      pieceId,
      all.map((observation) => ({ kind: 'observe', observation })),
      `${outcomeInWords(seen)}: recorded${where}.`,
    );
  };
};
