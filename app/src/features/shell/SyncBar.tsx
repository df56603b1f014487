import { counted } from '@obrik/core/words';
import { useRouter } from 'expo-router';
import { useEffect } from 'react';
import { useWaitingQuery } from '@/api/api';
import { useLink } from '@/state/link';
import { Strip } from '@/ui/controls';

const entries = (count: number): string => counted(count, 'entry', 'entries');

/** Asks before the page closes while something would be lost with it. */
const useHold = (holds: boolean): void => {
  useEffect(() => {
    if (!holds) return undefined;
    const ask = (event: BeforeUnloadEvent) => event.preventDefault();
    globalThis.addEventListener('beforeunload', ask);
    return () => globalThis.removeEventListener('beforeunload', ask);
  }, [holds]);
};

/** How this device stands to the shop, where that is worth a word. */
export const SyncBar = ({ narrow = false }: { readonly narrow?: boolean }) => {
  const router = useRouter();
  const { link, storage } = useLink();
  const { data } = useWaitingQuery();
  const count = data?.count ?? 0;
  const refused = (data?.refused.length ?? 0) + (data?.refusedPhotos.length ?? 0);
  useHold(storage === 'page' && count > 0);
  const words = [
    ...(link === 'offline'
      ? [
          count > 0
            ? `No connection to the shop. ${entries(count)} saved here, not yet at the shop.`
            : 'No connection to the shop. What you enter is saved here.',
        ]
      : []),
    ...(link === 'unpaired'
      ? ['The shop does not know this device yet. What you enter is saved here.']
      : []),
    ...(storage === 'page'
      ? ['This browser stores nothing: keep this page open until all is at the shop.']
      : []),
    ...(data?.outdated
      ? ['This page is older than the shop’s Obrik. Load it again to see everything.']
      : []),
    ...(refused > 0 ? [`The shop did not take ${entries(refused)}.`] : []),
  ];
  if (words.length === 0) return null;
  const way =
    link === 'unpaired'
      ? { href: '/pair', title: 'Pair', label: 'Pair with the shop' }
      : { href: '/waiting', title: 'See', label: 'See what waits' };
  const opens = link === 'unpaired' || count > 0 || refused > 0;
  return (
    <Strip
      narrow={narrow}
      words={words.join(' ')}
      tone={refused > 0 ? 'amber' : 'slate'}
      action={opens ? { ...way, onPress: () => router.navigate(way.href) } : undefined}
    />
  );
};
