import type { Profile } from '@obrik/core/catalog';
import type { Face } from '@obrik/core/piece';
import { Circle, G, Line, Path, Rect } from 'react-native-svg';
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

/** Parts smaller than this show their outline alone, px. */
const LEAST_DETAIL = 14;

const inset = ({ x, y, width, height }: Box, by: number): Box => ({
  x: x + by,
  y: y + by,
  width: width - 2 * by,
  height: height - 2 * by,
});

/** The outline of a turned part, upright: square above, beads and a swell, a foot. */
const turnedPath = ({ x, y, width, height }: Box): string => {
  const at = (share: number, half: number): string =>
    `${x + width / 2 + (width / 2) * half} ${y + height * share}`;
  const right = [
    [0.12, 1],
    [0.16, 0.55],
    [0.2, 0.9],
    [0.24, 0.5],
    [0.42, 0.95],
    [0.62, 0.6],
    [0.78, 0.35],
    [0.84, 0.75],
    [0.89, 0.4],
    [1, 0.6],
  ] as const;
  const down = right.map(([share, half]) => `L${at(share, half)}`).join(' ');
  const up = [...right]
    .reverse()
    .map(([share, half]) => `L${at(share, -half)}`)
    .join(' ');
  return `M${at(0, -1)} L${at(0, 1)} ${down} ${up} Z`;
};

/** The outline of a part, that what lies on it is cut to. */
const isTurned = ({ profile, box }: FaceArtProps): boolean =>
  profile === 'turned' && box.height > box.width * 1.5;

const lineProps = (stroke: string) => ({ stroke, strokeWidth: 1, fill: 'none' });

/** What shows how a face is shaped: panel, moulding, carving, holes, bow. */
const Shape = ({ profile, box, stroke }: FaceArtProps) => {
  const by = Math.min(box.width, box.height) * 0.16;
  if (Math.min(box.width, box.height) < LEAST_DETAIL) return null;
  switch (profile) {
    case 'framePanel':
      return <Rect {...inset(box, by)} {...lineProps(stroke)} />;
    case 'moulded':
      return (
        <>
          <Rect {...inset(box, 3)} {...lineProps(stroke)} />
          <Rect {...inset(box, 6)} {...lineProps(stroke)} />
        </>
      );
    case 'carved': {
      const { x, y, width, height } = inset(box, by);
      const [mx, my] = [x + width / 2, y + height / 2];
      return (
        <Path
          d={`M${x} ${my} Q${x + width / 4} ${y} ${mx} ${my} T${x + width} ${my} M${x} ${my} Q${x + width / 4} ${y + height} ${mx} ${my} T${x + width} ${my}`}
          {...lineProps(stroke)}
        />
      );
    }
    case 'pierced': {
      const { x, y, width, height } = inset(box, by);
      return (
        <Path
          d={`M${x} ${y} L${x + width} ${y + height} M${x + width} ${y} L${x} ${y + height} M${x + width / 2} ${y} L${x + width} ${y + height / 2} L${x + width / 2} ${y + height} L${x} ${y + height / 2} Z`}
          {...lineProps(stroke)}
        />
      );
    }
    case 'curved':
      return (
        <Path
          d={`M${box.x} ${box.y + box.height * 0.75} Q${box.x + box.width / 2} ${box.y + box.height * 1.1} ${box.x + box.width} ${box.y + box.height * 0.75}`}
          {...lineProps(stroke)}
        />
      );
    case 'flat':
    case 'turned':
      return null;
  }
};

/** What is in or on a face: shelves, glass, louvres, knobs. */
const Contents = ({ look, lines, box, stroke }: FaceArtProps) => {
  const { x, y, width, height } = box;
  if (Math.min(width, height) < LEAST_DETAIL && look !== 'wheel') return null;
  const rows = (count: number, within: Box) =>
    Array.from({ length: count }, (_, index) => {
      const at = within.y + (within.height * (index + 1)) / (count + 1);
      return (
        <Line
          key={index}
          x1={within.x}
          x2={within.x + within.width}
          y1={at}
          y2={at}
          {...lineProps(stroke)}
        />
      );
    });
  const pane = inset(box, Math.min(width, height) * 0.16);
  switch (look) {
    case 'drawer': {
      const knobs = width > 70 ? [0.25, 0.75] : [0.5];
      return (
        <>
          {knobs.map((share) => (
            <Circle key={share} cx={x + width * share} cy={y + height / 2} r={2.2} fill={stroke} />
          ))}
        </>
      );
    }
    case 'door':
      return <Circle cx={x + width - 6} cy={y + height / 2} r={2.2} fill={stroke} />;
    case 'open':
      return <>{rows(lines, box)}</>;
    case 'glazed':
      return (
        <>
          <Rect {...pane} {...lineProps(stroke)} />
          {rows(lines, pane)}
          <Path
            d={`M${pane.x + pane.width * 0.3} ${pane.y} L${pane.x} ${pane.y + pane.width * 0.3} M${pane.x + pane.width * 0.6} ${pane.y} L${pane.x} ${pane.y + pane.width * 0.6}`}
            {...lineProps(stroke)}
          />
        </>
      );
    case 'louvred':
      return (
        <>
          <Rect {...pane} {...lineProps(stroke)} />
          {rows(Math.max(3, Math.floor(pane.height / 7)), pane)}
        </>
      );
    case 'mirror':
      return (
        <>
          <Rect {...pane} {...lineProps(stroke)} />
          <Path
            d={`M${pane.x + pane.width * 0.45} ${pane.y + 4} L${pane.x + 4} ${pane.y + pane.width * 0.45} M${pane.x + pane.width * 0.65} ${pane.y + 4} L${pane.x + 4} ${pane.y + pane.width * 0.65}`}
            {...lineProps(stroke)}
          />
        </>
      );
    case 'wheel':
      return (
        <Circle
          cx={x + width / 2}
          cy={y + height / 2}
          r={Math.max(3, Math.min(width, height) / 2)}
          stroke={stroke}
          strokeWidth={1.5}
          fill="none"
        />
      );
    case 'plain':
      return null;
  }
};

/** One face as it is shaped and filled: drawn alike on the screen, in the builder and on paper. */
export const FaceArt = (it: FaceArtProps) => {
  const { look, box, stroke, fill, depth } = it;
  if (look === 'wheel') return <Contents {...it} />;
  return (
    <G>
      {isTurned(it) ? (
        <Path d={turnedPath(box)} fill={fill} stroke={stroke} strokeWidth={1} />
      ) : (
        <Rect {...box} fill={look === 'open' ? depth : fill} stroke={stroke} strokeWidth={1} />
      )}
      <Shape {...it} />
      <Contents {...it} />
    </G>
  );
};
