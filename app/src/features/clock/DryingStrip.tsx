import type { DryingNow } from '@obrik/core/schedule';
import { WaitStrip } from '@/ui/drawings';
import { clockOf, timeOf } from './times';

interface DryingStripProps {
  readonly it: DryingNow & { readonly opens: NonNullable<DryingNow['opens']> };
  readonly now: number;
}

/** How far something has dried: from its coat to when it is ready, and to when its window closes. */
export const DryingStrip = ({ it: { from, opens, closes }, now }: DryingStripProps) => (
  <WaitStrip
    from={from}
    opens={opens.expected}
    closes={closes}
    now={now}
    marks={[
      { at: from, text: clockOf(from) },
      { at: opens.expected, text: `${timeOf(opens.expected, now)} ready` },
      ...(closes !== null ? [{ at: closes, text: `${timeOf(closes, now)} scuff` }] : []),
    ]}
    inWords={`Ready about ${timeOf(opens.expected, now)}, between ${timeOf(opens.early, now)} and ${
      opens.late === null ? 'never' : timeOf(opens.late, now)
    }.${closes !== null ? ` From ${timeOf(closes, now)} on scuff before the next coat.` : ''}`}
  />
);
