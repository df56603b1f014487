import type { DryingNow } from '@obrik/core/schedule';
import { useTimes } from '@/features/shared/useTimes';
import { WaitStrip } from '@/ui/drawings';

interface DryingStripProps {
  readonly it: DryingNow & { readonly opens: NonNullable<DryingNow['opens']> };
  readonly now: number;
}

/** How far something has dried: from its coat to when it is ready, and to when its window closes. */
export const DryingStrip = ({ it: { from, opens, closes }, now }: DryingStripProps) => {
  const times = useTimes();
  return (
    <WaitStrip
      from={from}
      opens={opens.expected}
      closes={closes}
      now={now}
      marks={[
        { at: from, text: times.clockOf(from) },
        { at: opens.expected, text: `${times.timeOf(opens.expected, now)} ready` },
        ...(closes !== null ? [{ at: closes, text: `${times.timeOf(closes, now)} scuff` }] : []),
      ]}
      inWords={`Ready about ${times.timeOf(opens.expected, now)}, between ${times.timeOf(opens.early, now)} and ${
        opens.late === null ? 'never' : times.timeOf(opens.late, now)
      }.${closes !== null ? ` From ${times.timeOf(closes, now)} on scuff before the next coat.` : ''}`}
    />
  );
};
