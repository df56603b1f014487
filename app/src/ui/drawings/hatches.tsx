import type { Substrate } from '@obrik/core/catalog';
import { Circle, Defs, Path, Pattern, Rect } from 'react-native-svg';

interface HatchProps {
  readonly colour: string;
}

/** Hatches by material: growth arcs for solid, grain lines for veneer, plies, dots for print, flakes. */
export const Hatches = ({ colour }: HatchProps) => (
  <Defs>
    <Pattern id="hatch-hardwood" width={24} height={12} patternUnits="userSpaceOnUse">
      <Path d="M0 9 Q6 1 12 9 T24 9" stroke={colour} strokeWidth={1} fill="none" />
    </Pattern>
    <Pattern id="hatch-softwood" width={36} height={20} patternUnits="userSpaceOnUse">
      <Path d="M0 14 Q9 2 18 14 T36 14" stroke={colour} strokeWidth={1} fill="none" />
      <Circle cx={27} cy={6} r={2.2} stroke={colour} strokeWidth={1} fill="none" />
    </Pattern>
    <Pattern id="hatch-veneer" width={10} height={30} patternUnits="userSpaceOnUse">
      <Path d="M2 0 L5 30 M7 0 L10 30" stroke={colour} strokeWidth={1} fill="none" />
    </Pattern>
    <Pattern id="hatch-plywood" width={12} height={8} patternUnits="userSpaceOnUse">
      <Path d="M0 2 H12 M0 6 H4 M8 6 H12" stroke={colour} strokeWidth={1} fill="none" />
    </Pattern>
    <Pattern id="hatch-printed" width={12} height={12} patternUnits="userSpaceOnUse">
      <Circle cx={3} cy={3} r={1.2} fill={colour} />
      <Circle cx={9} cy={9} r={1.2} fill={colour} />
    </Pattern>
    <Pattern id="hatch-board" width={8} height={8} patternUnits="userSpaceOnUse">
      <Rect x={1} y={1} width={2} height={1.2} fill={colour} />
      <Rect x={5} y={5} width={1.2} height={2} fill={colour} />
    </Pattern>
    <Pattern id="hatch-other" width={14} height={14} patternUnits="userSpaceOnUse">
      <Path d="M0 7 H14 M7 0 V14" stroke={colour} strokeWidth={0.8} fill="none" />
    </Pattern>
  </Defs>
);

const HATCH: Readonly<Record<Substrate, string>> = {
  hardwood: 'hardwood',
  softwood: 'softwood',
  plywood: 'plywood',
  veneerSolid: 'veneer',
  veneerCore: 'veneer',
  hpl: 'printed',
  foil: 'printed',
  board: 'board',
  other: 'other',
};

/** Fill by the hatch of a material. */
export const hatchOf = (substrate: Substrate): string => `url(#hatch-${HATCH[substrate]})`;
