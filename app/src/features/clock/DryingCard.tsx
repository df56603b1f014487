import { UNTILS } from '@obrik/core/catalog';
import type { Piece } from '@obrik/core/piece';
import { surfaceNames } from '@obrik/core/piece';
import type { DryingNow } from '@obrik/core/schedule';
import { useTimes } from '@/features/shared/useTimes';
import { Small, Ticket, TitleRow } from '@/ui/controls';
import { DryingStrip } from './DryingStrip';
import { leftOf, shortName } from './times';

interface DryingCardProps {
  readonly it: DryingNow;
  readonly piece: Piece;
  readonly number: string;
  readonly now: number;
}

/** Names of the places, the first few. */
const placesOf = (piece: Piece, ids: readonly string[]): string => {
  const names = ids.map(surfaceNames(piece));
  return names.length > 3
    ? `${names.slice(0, 2).join(', ')} and ${names.length - 2} more`
    : names.join(', ');
};

/** Something that dries: the time left with its band, and the strip with its window. */
export const DryingCard = ({ it, piece, number, now }: DryingCardProps) => {
  const times = useTimes();
  const { opens, closes } = it;
  const isOpen = opens !== null && opens.expected <= now;
  const closing = closes !== null && isOpen;
  const word = closing
    ? `closes ${times.timeOf(closes, now)}`
    : isOpen
      ? 'may be dry'
      : leftOf(opens, now);
  const until = it.until ? `until ${UNTILS.get(it.until).label}` : 'until dry';
  return (
    <Ticket number={number} word={shortName(it.name)} edge={closing ? 'amber' : undefined}>
      <TitleRow title={it.title} figure={word} />
      <Small>
        {placesOf(piece, it.surfaceIds)} ·{' '}
        {closing ? 'the next coat bites until then; later, scuff first' : until}
      </Small>
      {opens ? (
        <DryingStrip it={{ ...it, opens }} now={now} />
      ) : (
        <Small>It does not dry in this air: warm the room, or dry its air.</Small>
      )}
    </Ticket>
  );
};
