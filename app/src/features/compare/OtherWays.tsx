import { SCHOOLS } from '@obrik/core/catalog';
import type { OwnSchools, Piece } from '@obrik/core/piece';
import { type WhatIf } from '@obrik/core/case';
import { RISKS } from '@obrik/core/route';
import { showPercent } from '@obrik/core/units';
import { useRouter } from 'expo-router';
import { View } from 'react-native';
import { Body, Card, Label, PlainButton, Small, TitleRow } from '@/ui/controls';
import { changeInWords, signed } from '@/features/shared/change';

/** "Stain takes in blotches +12 %". */
const risksInWords = ({ risks }: WhatIf): string =>
  risks
    .map((it) => `${RISKS[it.kind]} ${signed(it.change, showPercent(Math.abs(it.change)))}`)
    .join('; ');

const OtherWay = ({
  it,
  currency,
  onWork,
}: {
  readonly it: WhatIf;
  readonly currency: string | null;
  readonly onWork: (schools: OwnSchools) => void;
}) => {
  const { schools } = it;
  return (
    <View style={{ gap: 4 }}>
      <TitleRow title={it.title} figure={changeInWords(it, currency)} />
      {it.risks.length > 0 ? <Small>{risksInWords(it)}</Small> : null}
      {schools ? (
        <PlainButton
          title="Use on this piece"
          label={`Use on this piece: ${it.title}`}
          style={{ alignSelf: 'flex-start' }}
          onPress={() => onWork(schools)}
        />
      ) : null}
    </View>
  );
};

interface OwnWaysProps {
  readonly piece: Piece;
  readonly onWork: (schools: OwnSchools, word: string) => void;
}

/** Where this piece is worked otherwise than the shop, each to be taken back. */
const OwnWays = ({ piece, onWork }: OwnWaysProps) => {
  const own = SCHOOLS.rows.flatMap(({ id, label, ways }) => {
    const all: readonly { id: string; label: string }[] = ways;
    const way = all.find((it) => it.id === piece.schools[id]);
    return way ? [{ id, title: `${label}: ${way.label.toLowerCase()}` }] : [];
  });
  if (own.length === 0) return null;
  return (
    <Card edge="ink" style={{ gap: 8 }}>
      <Label heading>On this piece, different from your usual</Label>
      {own.map(({ id, title }) => (
        <View key={id} style={{ gap: 4 }}>
          <Body>{title}</Body>
          <PlainButton
            title="Back to your usual"
            label={`Back to your usual: ${title}`}
            style={{ alignSelf: 'flex-start' }}
            onPress={() =>
              onWork({ ...piece.schools, [id]: undefined }, 'Back to your usual again.')
            }
          />
        </View>
      ))}
    </Card>
  );
};

interface OtherWaysProps extends OwnWaysProps {
  /** As the shop writes its money. */
  readonly currency: string | null;
  readonly ways: readonly WhatIf[];
}

/** What working otherwise would change, and where this piece is worked otherwise already. */
export const OtherWays = ({ piece, ways, currency, onWork }: OtherWaysProps) => {
  const router = useRouter();
  return (
    <>
      <OwnWays piece={piece} onWork={onWork} />
      {piece.aims.length > 0 && ways.length > 0 ? (
        <Card style={{ gap: 12 }}>
          <Label heading>If you did it another way</Label>
          {ways.map((it) => (
            <OtherWay
              key={it.id}
              it={it}
              currency={currency}
              onWork={(schools) =>
                onWork({ ...piece.schools, ...schools }, `On this piece: ${it.title}.`)
              }
            />
          ))}
          <PlainButton
            title="How you work, and your tools"
            onPress={() => router.navigate('/settings')}
          />
        </Card>
      ) : null}
    </>
  );
};
