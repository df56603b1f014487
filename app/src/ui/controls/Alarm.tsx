import { View } from 'react-native';
import { Caution } from './Caution';

/** What went wrong, told at once to those who can't see it; nothing where nothing did. */
export const Alarm = ({ text }: { readonly text: string | undefined }) =>
  text ? (
    <View role="alert">
      <Caution text={text} />
    </View>
  ) : null;
