import type { Paper as PaperModel, PaperBlock, PaperLine } from '@obrik/core/route';
import type { PaperDrawing } from '@obrik/core/piece';
import type { ReactNode } from 'react';
import { Linking, View } from 'react-native';
import Svg, { G, Path, Text as SvgText } from 'react-native-svg';
import { FONTS } from '../theme';
import { PlainButton } from '../controls';
import { INK, KEPT, PrintedLine, Paper } from './Paper';

const INKS = { quiet: INK.ink2, warning: INK.vermilion } as const;

const Print = ({ line: { text, bold, ink } }: { readonly line: PaperLine }) => (
  <PrintedLine bold={bold} colour={ink ? INKS[ink] : INK.ink}>
    {text}
  </PrintedLine>
);

/** Shows a picture of the record by its id. */
export type ShowPhoto = (photoId: string, label: string) => ReactNode;

interface BlockProps {
  readonly block: PaperBlock;
  readonly photo: ShowPhoto | undefined;
}

const Block = ({ block: { lines, mark, pictures }, photo }: BlockProps) => (
  <View
    {...KEPT}
    style={{
      flexDirection: 'row',
      gap: 10,
      ...(mark === 'frame' ? { borderWidth: 1, borderColor: INK.vermilion, padding: 8 } : {}),
      ...(mark === 'tick' || mark === 'rule'
        ? { borderTopWidth: 1, borderTopColor: INK.line, paddingTop: 6 }
        : {}),
    }}
  >
    {mark === 'tick' ? (
      <View
        aria-hidden
        style={{ width: 18, height: 18, borderWidth: 2, borderColor: INK.ink, marginTop: 2 }}
      />
    ) : null}
    <View style={{ flex: 1 }}>
      {lines.map((line, index) => (
        <Print key={index} line={line} />
      ))}
      {pictures && photo ? (
        <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 10 }}>
          {pictures.map(({ photoId, caption }) => (
            <View key={photoId} style={{ flexGrow: 1, flexBasis: 220, gap: 4 }}>
              {photo(photoId, caption)}
              <PrintedLine colour={INK.ink2}>{caption}</PrintedLine>
            </View>
          ))}
        </View>
      ) : null}
    </View>
  </View>
);

/** The piece unfolded, as large as it goes on a sheet. */
const Drawing = ({ it }: { readonly it: PaperDrawing }) => (
  <View {...KEPT} role="img" aria-label="The piece unfolded" style={{ paddingVertical: 8 }}>
    <Svg
      width="100%"
      height={it.height}
      viewBox={`0 0 ${it.width} ${it.height}`}
      preserveAspectRatio="xMinYMin meet"
      aria-hidden
    >
      {it.faces.map(({ outline, deep, lines, dots }, index) => (
        <G key={index}>
          {outline ? (
            <Path
              d={outline}
              fill={deep ? INK.line : '#FFFFFF'}
              stroke={INK.ink}
              strokeWidth={0.8}
            />
          ) : null}
          {lines ? <Path d={lines} fill="none" stroke={INK.ink} strokeWidth={0.8} /> : null}
          {dots ? <Path d={dots} fill={INK.ink} /> : null}
        </G>
      ))}
      {it.names.map(({ x, y, text }) => (
        <SvgText
          key={text}
          x={x}
          y={y + 3}
          fontFamily={FONTS.headBold}
          fontSize={9}
          textAnchor="middle"
          fill={INK.ink}
        >
          {text}
        </SvgText>
      ))}
    </Svg>
  </View>
);

interface PaperSheetProps {
  readonly paper: PaperModel;
  /** Address of the same paper as a PDF. */
  readonly pdf: string;
  /** How its pictures are shown, where it has some. */
  readonly photo?: ShowPhoto;
  /** A further button beside those of every sheet. */
  readonly also?: ReactNode;
  readonly back: { readonly label: string; readonly onPress: () => void };
}

/** A paper as it is printed from the screen; the server sets the same as a PDF. */
export const PaperSheet = ({ paper, pdf, photo, also, back }: PaperSheetProps) => (
  <Paper
    back={back}
    also={
      <>
        {also}
        <PlainButton title="As PDF" onPress={() => void Linking.openURL(pdf)} />
      </>
    }
  >
    <PrintedLine bold size={26} level={1}>
      {paper.title}
    </PrintedLine>
    {paper.intro.map((line, index) => (
      <Print key={index} line={line} />
    ))}
    {paper.drawing ? <Drawing it={paper.drawing} /> : null}
    {paper.sections.map(({ heading, blocks }, index) => (
      <View key={index} style={{ gap: 6 }}>
        {heading ? (
          <PrintedLine bold size={16} level={2}>
            {heading}
          </PrintedLine>
        ) : null}
        {blocks.map((block, at) => (
          <Block key={at} block={block} photo={photo} />
        ))}
      </View>
    ))}
    <PrintedLine colour={INK.ink2}>{paper.foot}</PrintedLine>
  </Paper>
);
