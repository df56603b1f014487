import { useEffect } from 'react';
import { useCardsQuery } from '@/api/api';
import type { ListCard } from '@/device';

interface LiveCardsProps {
  /** Hears the list, at first and whenever it changes; null before the shop has ever been asked. */
  readonly told: (cards: readonly ListCard[] | null) => void;
}

/** Listens to the list; shows nothing itself, so that the list stays where it was scrolled to. */
export const LiveCards = ({ told }: LiveCardsProps) => {
  const { data } = useCardsQuery();
  useEffect(() => {
    if (data !== undefined) told(data);
  }, [data, told]);
  return null;
};
