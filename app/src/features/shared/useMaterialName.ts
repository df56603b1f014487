import { MATERIALS, type Material } from '@obrik/core/catalog';
import { inDialect } from '@obrik/core/words';
import { nameOfLine } from '@obrik/core/supply';
import { useCallback } from 'react';
import { useShop } from '@/api/usePiece';

/** What a material, in its colour, is called where this shop measures: mineral spirits, or white spirit. */
export const useMaterialName = (): ((material: Material, colour?: string | null) => string) => {
  const { units } = useShop();
  return useCallback(
    (material, colour = null) =>
      nameOfLine({ label: inDialect(MATERIALS.get(material).label, units), colour }),
    [units],
  );
};
