import { surfaceNames, type Piece } from '@obrik/core/piece';
import { RISKS, worstOf, type Operation } from '@obrik/core/route';
import { showPercent } from '@obrik/core/units';
import { Body } from '@/ui/controls';

interface RiskLinesProps {
  readonly piece: Piece;
  readonly risks: Operation['risks'];
}

/** What may go wrong and how likely it is: each bad outcome on its likeliest surface. */
export const RiskLines = ({ piece, risks }: RiskLinesProps) => {
  const nameOf = surfaceNames(piece);
  return worstOf(risks).map((it) => (
    <Body key={it.kind}>
      {RISKS[it.kind]}: {showPercent(it.chance)}, {nameOf(it.surfaceId).toLowerCase()}.
    </Body>
  ));
};
