import { listOf, shoppingPaper, shoppingText } from '@obrik/core/supply';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { useMemo, useState } from 'react';
import { useShop } from '@/api/usePiece';
import { shopNow } from '@/device';
import { Loading, PlainButton, Screen } from '@/ui/controls';
import { PaperSheet } from '@/ui/paper';
import { usePlan } from '@/workers/usePlan';
import { useShelves } from './useShelves';

/** Sends a text to whatever the device shares with, else puts it on the clipboard. Resolves to what was done. */
const share = async (text: string): Promise<string> => {
  if (typeof navigator.share === 'function') {
    try {
      await navigator.share({ text });
      return 'Shared';
    } catch (error) {
      if (error instanceof Error && error.name === 'AbortError') return 'Share';
    }
  }
  try {
    await navigator.clipboard.writeText(text);
    return 'Copied';
  } catch {
    return 'Can’t be shared here';
  }
};

/** The shopping list as a sheet: to print, or to send to whoever is in the shop. */
export const ShoppingSheetScreen = () => {
  const router = useRouter();
  const shop = useShop();
  const { piece } = useLocalSearchParams<{ piece?: string }>();
  const { pieces, atWork, shelves } = useShelves();
  const chosen = useMemo(
    () => (piece ? atWork?.filter((it) => it.id === piece) : atWork),
    [atWork, piece],
  );
  const needs = usePlan('needs', chosen, shop);
  const [says, setSays] = useState('Share');
  if (!needs || !chosen || !pieces)
    return (
      <Screen>
        <Loading what="the list" doing="Working out" />
      </Screen>
    );
  const paper = shoppingPaper(
    listOf(needs, chosen, shop, shelves, pieces),
    shop,
    shopNow().getTime(),
  );
  return (
    <PaperSheet
      paper={paper}
      pdf={`/api/shopping.pdf${piece ? `?piece=${encodeURIComponent(piece)}` : ''}`}
      also={
        <PlainButton
          title={says}
          label="Share the list"
          onPress={() => void share(shoppingText(paper)).then(setSays)}
        />
      }
      back={{ label: 'Back to the list', onPress: () => router.navigate('/shop/shopping') }}
    />
  );
};
