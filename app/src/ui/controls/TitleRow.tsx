import { View } from 'react-native';
import { SIZES } from '../theme';
import { Figure, Strong } from './Words';

interface TitleRowProps {
  readonly title: string;
  readonly figure: string;
  readonly size?: number;
}

/** A title with its figure at the right; below it only where text is very large. */
export const TitleRow = ({ title, figure, size = SIZES.title }: TitleRowProps) => (
  <View style={{ flexDirection: 'row', flexWrap: 'wrap', columnGap: 8 }}>
    <Strong style={{ flexGrow: 1, flexShrink: 1, flexBasis: 110, fontSize: size }}>{title}</Strong>
    <Figure style={{ fontSize: size }}>{figure}</Figure>
  </View>
);
