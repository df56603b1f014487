import { ActivityIndicator, View } from 'react-native';
import { usePalette } from '../theme';
import { MainButton, PlainButton } from './Buttons';
import { Body, Subheading } from './Words';

interface LoadingProps {
  readonly what: string;
  readonly doing?: string;
}

/** While something is fetched or reckoned. */
export const Loading = ({ what, doing = 'Fetching' }: LoadingProps) => {
  const { ink } = usePalette();
  return (
    <View role="status" style={{ padding: 32, alignItems: 'center', gap: 12 }}>
      {/* The words beside it tell it all. */}
      <View aria-hidden>
        <ActivityIndicator color={ink} />
      </View>
      <Body>
        {doing} {what} …
      </Body>
    </View>
  );
};

interface FailureProps {
  readonly text: string;
  readonly onRetry: () => void;
}

/** Where something could not be fetched: what is wrong and what to do. */
export const Failure = ({ text, onRetry }: FailureProps) => (
  <View role="alert" style={{ padding: 24, gap: 12 }}>
    <Subheading>Can’t reach it</Subheading>
    <Body>{text}</Body>
    <PlainButton title="Try again" onPress={onRetry} />
  </View>
);

interface EmptyProps {
  readonly title: string;
  readonly text: string;
  readonly action?: { readonly title: string; readonly onPress: () => void };
  /** It is all that the screen says: its title is the screen's. */
  readonly alone?: boolean;
}

/** Where there is nothing yet: what belongs here and how to begin. */
export const Empty = ({ title, text, action, alone = false }: EmptyProps) => (
  <View style={{ padding: 24, gap: 12 }}>
    <Subheading level={alone ? 1 : 2}>{title}</Subheading>
    <Body>{text}</Body>
    {action ? <MainButton title={action.title} onPress={action.onPress} /> : null}
  </View>
);
