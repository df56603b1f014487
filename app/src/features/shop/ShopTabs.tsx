import { usePathname } from 'expo-router';
import { TabLinks } from '@/ui/controls';
import { usePalette } from '@/ui/theme';

const TABS = [
  { href: '/shop/shopping', title: 'Shopping' },
  { href: '/shop/stock', title: 'Stock' },
  { href: '/shop/prices', title: 'Prices' },
  { href: '/shop/money', title: 'Money' },
  { href: '/settings', title: 'Settings' },
] as const;

/** What belongs to the shop as a whole: what to buy, what is there, what it costs, what it earned, how it works. */
export const ShopTabs = () => {
  const { line } = usePalette();
  const here = usePathname();
  return (
    <TabLinks
      label="Of the shop"
      tabs={TABS.map((it) => ({ ...it, current: here.startsWith(it.href) }))}
      style={{ borderBottomWidth: 1, borderBottomColor: line }}
    />
  );
};
