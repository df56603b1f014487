import { DAMAGES, type Damage } from '@obrik/core/catalog';
import { damagesCalled } from '@obrik/core/handbook';
import { likelyDamages, type Piece, type Surface } from '@obrik/core/piece';
import { Text } from '@rneui/themed';
import { useState } from 'react';
import { Pressable, View } from 'react-native';
import { Label, PlainButton, Small } from '@/ui/controls';
import { DamageSketch } from '@/ui/drawings';
import { HandbookLink } from '@/features/shared/HandbookLink';
import { FigureField } from '@/ui/forms';
import { FONTS, RADIUS, SIZES, usePalette } from '@/ui/theme';

interface DamagePickerProps {
  readonly piece: Pick<Piece, 'findings'>;
  readonly surface: Pick<Surface, 'role'>;
  readonly chosen: Damage | undefined;
  readonly onChoose: (damage: Damage) => void;
}

const RECENT = 3;

const Picture = ({
  damage,
  chosen,
  onPress,
}: {
  readonly damage: Damage;
  readonly chosen: boolean;
  readonly onPress: () => void;
}) => {
  const palette = usePalette();
  return (
    <Pressable
      role="radio"
      aria-label={DAMAGES.get(damage).label}
      aria-checked={chosen}
      onPress={onPress}
      style={{
        flexBasis: 96,
        flexGrow: 1,
        maxWidth: 150,
        minHeight: 84,
        padding: 6,
        gap: 4,
        alignItems: 'center',
        justifyContent: 'center',
        borderRadius: RADIUS,
        borderWidth: chosen ? 3 : 1,
        borderColor: chosen ? palette.amber : palette.ink2,
        backgroundColor: chosen ? palette.amberSoft : palette.card,
      }}
    >
      <DamageSketch damage={damage} />
      <Text
        style={{
          fontFamily: FONTS.headBold,
          fontSize: SIZES.small,
          lineHeight: 16,
          textAlign: 'center',
          color: palette.ink,
        }}
      >
        {DAMAGES.get(damage).label}
      </Text>
    </Pressable>
  );
};

/** A damage chosen by picture: the likely ones of this part first, those of this piece, a search. */
export const DamagePicker = ({ piece, surface, chosen, onChoose }: DamagePickerProps) => {
  const [asked, setAsked] = useState('');
  const [all, setAll] = useState(false);
  const likely = likelyDamages(surface.role);
  const recent = [...new Set(piece.findings.map((it) => it.damage).reverse())]
    .filter((it) => !likely.includes(it))
    .slice(0, RECENT);
  const shown =
    asked.trim() !== '' ? damagesCalled(asked) : all ? DAMAGES.ids : [...likely, ...recent];
  const missing = chosen !== undefined && !shown.includes(chosen) ? [chosen] : [];
  return (
    <View style={{ gap: 8 }}>
      <Label>What is it?</Label>
      <FigureField label="Search by any word" typed={asked} text onType={setAsked} />
      {shown.length === 0 ? <Small>Nothing is called that. Try one word less.</Small> : null}
      <View
        role="radiogroup"
        aria-label="Which damage?"
        style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}
      >
        {[...missing, ...shown].map((it) => (
          <Picture key={it} damage={it} chosen={it === chosen} onPress={() => onChoose(it)} />
        ))}
      </View>
      {chosen !== undefined ? (
        <HandbookLink entry={`damage-${chosen}`} about={DAMAGES.get(chosen).label} />
      ) : null}
      {asked.trim() === '' ? (
        <PlainButton
          title={all ? 'Only the likely ones' : 'Show all damages'}
          onPress={() => setAll(!all)}
        />
      ) : null}
    </View>
  );
};
