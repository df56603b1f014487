import type { Profile } from '../../catalog';
import type { Face } from './part';

/** A rectangle of a drawing, in its own unit. */
export interface ArtBox {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}

/** A face as it is drawn: paths as SVG and PDF have them. */
export interface FaceArt {
  /** Its outline; empty where it has none of its own. */
  readonly outline: string;
  /** One looks into it: drawn on a darker ground. */
  readonly deep: boolean;
  /** Lines on it: panels, mouldings, shelves, louvres. */
  readonly lines: string;
  /** What is filled: knobs. */
  readonly dots: string;
}

/** Parts smaller than this show their outline alone; sizes are those of a screen or of paper at 72 to the inch. */
const LEAST_DETAIL = 14;

const rect = ({ x, y, width, height }: ArtBox): string =>
  `M${x} ${y} h${width} v${height} h${-width} Z`;
const circle = (cx: number, cy: number, r: number): string =>
  `M${cx - r} ${cy} a${r} ${r} 0 1 0 ${2 * r} 0 a${r} ${r} 0 1 0 ${-2 * r} 0 Z`;

const inset = ({ x, y, width, height }: ArtBox, by: number): ArtBox => ({
  x: x + by,
  y: y + by,
  width: width - 2 * by,
  height: height - 2 * by,
});

/** The half width of a turned part at shares of its height: square above, beads and a swell, a foot. */
const TURNED = [
  [0, 1],
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

const turned = ({ x, y, width, height }: ArtBox): string => {
  const at = (side: 1 | -1) => (point: readonly [number, number]) =>
    `${x + width / 2 + (side * width * point[1]) / 2} ${y + height * point[0]}`;
  const outline = [...TURNED.map(at(1)), ...[...TURNED].reverse().map(at(-1))];
  return `M${outline.join(' L')} Z`;
};

/** Is the outline that of a lathe rather than a rectangle? */
const isLathed = (profile: Profile, { width, height }: ArtBox): boolean =>
  profile === 'turned' && height > width * 1.5;

const pane = (box: ArtBox): ArtBox => inset(box, Math.min(box.width, box.height) * 0.16);

/** How a face is shaped: panel, moulding, carving, holes, bow. */
const shapeLines = (profile: Profile, box: ArtBox): string => {
  const { x, y, width, height } = pane(box);
  const [mx, my] = [x + width / 2, y + height / 2];
  switch (profile) {
    case 'framePanel':
      return rect(pane(box));
    case 'moulded':
      return `${rect(inset(box, 3))} ${rect(inset(box, 6))}`;
    case 'carved':
      return `M${x} ${my} Q${x + width / 4} ${y} ${mx} ${my} T${x + width} ${my} M${x} ${my} Q${x + width / 4} ${y + height} ${mx} ${my} T${x + width} ${my}`;
    case 'pierced':
      return `M${x} ${y} L${x + width} ${y + height} M${x + width} ${y} L${x} ${y + height} M${mx} ${y} L${x + width} ${my} L${mx} ${y + height} L${x} ${my} Z`;
    case 'curved':
      return `M${box.x} ${box.y + box.height * 0.75} Q${box.x + box.width / 2} ${box.y + box.height * 1.1} ${box.x + box.width} ${box.y + box.height * 0.75}`;
    case 'flat':
    case 'turned':
      return '';
  }
};

const rows = (count: number, { x, y, width, height }: ArtBox): string =>
  Array.from(
    { length: count },
    (_, index) => `M${x} ${y + (height * (index + 1)) / (count + 1)} h${width}`,
  ).join(' ');

const glints = ({ x, y, width }: ArtBox): string =>
  [0.3, 0.6].map((it) => `M${x + width * it} ${y} L${x} ${y + width * it}`).join(' ');

/** What is in or on a face: shelves, glass, louvres. */
const contentLines = ({ look, lines }: Pick<Face, 'look' | 'lines'>, box: ArtBox): string => {
  const inner = pane(box);
  switch (look) {
    case 'open':
      return rows(lines, box);
    case 'glazed':
      return `${rect(inner)} ${rows(lines, inner)} ${glints(inner)}`;
    case 'louvred':
      return `${rect(inner)} ${rows(Math.max(3, Math.floor(inner.height / 7)), inner)}`;
    case 'mirror':
      return `${rect(inner)} ${glints(inset(inner, 4))}`;
    case 'wheel':
      return circle(
        box.x + box.width / 2,
        box.y + box.height / 2,
        Math.max(3, Math.min(box.width, box.height) / 2),
      );
    case 'drawer':
    case 'door':
    case 'plain':
      return '';
  }
};

const KNOB = 2.2;
const TWO_KNOBS_FROM = 70;

const knobs = ({ look }: Pick<Face, 'look'>, { x, y, width, height }: ArtBox): string => {
  if (look === 'door') return circle(x + width - 6, y + height / 2, KNOB);
  if (look !== 'drawer') return '';
  const shares = width > TWO_KNOBS_FROM ? [0.25, 0.75] : [0.5];
  return shares.map((it) => circle(x + width * it, y + height / 2, KNOB)).join(' ');
};

/**
 * A face as it is shaped and filled: drawn alike on the screen, in the builder and on paper.
 * @param box where it stands in the drawing, px or points
 */
export const faceArt = (
  face: Pick<Face, 'look' | 'lines'>,
  profile: Profile,
  box: ArtBox,
): FaceArt => {
  const small = Math.min(box.width, box.height) < LEAST_DETAIL;
  if (face.look === 'wheel') {
    return { outline: '', deep: false, lines: contentLines(face, box), dots: '' };
  }
  return {
    outline: isLathed(profile, box) ? turned(box) : rect(box),
    deep: face.look === 'open',
    lines: small ? '' : `${shapeLines(profile, box)} ${contentLines(face, box)}`.trim(),
    dots: small ? '' : knobs(face, box),
  };
};

/** A drawing on paper. */
export interface PaperDrawing {
  readonly width: number;
  readonly height: number;
  readonly faces: readonly FaceArt[];
  /** Names of surfaces on faces that have room for them, by their middle. */
  readonly names: readonly { readonly x: number; readonly y: number; readonly text: string }[];
}
