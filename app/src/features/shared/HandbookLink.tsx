import { Text } from '@rneui/themed';
import { PlaceLink } from '@/ui/controls';
import { FONTS, TARGET, usePalette } from '@/ui/theme';

interface HandbookLinkProps {
  /** Id of the entry. */
  readonly entry: string;
  /** What it is about, for a screen reader. */
  readonly about: string;
}

/** From a step, a test or a damage to what the handbook says of it. */
export const HandbookLink = ({ entry, about }: HandbookLinkProps) => {
  const palette = usePalette();
  return (
    <PlaceLink
      href={`/handbook?entry=${entry}`}
      label={`In the handbook: ${about}`}
      style={{ minHeight: TARGET, justifyContent: 'center', alignSelf: 'flex-start' }}
    >
      <Text style={{ fontFamily: FONTS.headBold, fontSize: 16, color: palette.amber }}>
        In the handbook
      </Text>
    </PlaceLink>
  );
};
