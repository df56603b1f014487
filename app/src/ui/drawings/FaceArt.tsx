import type { Profile } from '@obrik/core/catalog';
import { faceArt, type Face } from '@obrik/core/piece';
import { G, Path } from 'react-native-svg';
import type { Box } from './around';

interface FaceArtProps {
  readonly look: Face['look'];
  readonly lines: number;
  readonly profile: Profile;
  readonly box: Box;
  readonly stroke: string;
  readonly fill: string;
  /** Ground of what one looks into. */
  readonly depth: string;
}

/** One face as it is shaped and filled. */
export const FaceArt = ({ look, lines, profile, box, stroke, fill, depth }: FaceArtProps) => {
  const art = faceArt({ look, lines }, profile, box);
  return (
    <G>
      {art.outline ? (
        <Path d={art.outline} fill={art.deep ? depth : fill} stroke={stroke} strokeWidth={1} />
      ) : null}
      {art.lines ? <Path d={art.lines} fill="none" stroke={stroke} strokeWidth={1} /> : null}
      {art.dots ? <Path d={art.dots} fill={stroke} /> : null}
    </G>
  );
};
