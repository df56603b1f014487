import { surfacesOf, type PieceRecord } from '@obrik/core/piece';
import { aimInWords } from '@obrik/core/words';

import { useRouter } from 'expo-router';
import { useMemo } from 'react';
import { View } from 'react-native';
import { useCase } from '@/api/useCase';
import { useChange, useShop } from '@/api/usePiece';
import { GroupRow } from '@/features/look/GroupRow';
import { marksOf } from '@/features/shared/marks';
import { useKept } from '@/features/shared/useKept';
import {
  Body,
  Card,
  Caution,
  Heading,
  Label,
  MainButton,
  OpenRow,
  Options,
  PlainButton,
  Small,
  Strong,
  Subheading,
  TwoPanes,
} from '@/ui/controls';
import { UnfoldedPiece } from '@/ui/drawings';
import { usePalette } from '@/ui/theme';
import {
  FIRST_CHOICE,
  SCHEME_KINDS,
  applyInWords,
  choiceOf,
  schemeOf,
  type Choice,
} from './options';
import { aimColour } from '@/features/shared/aimColour';
import { SchemeDetails } from './SchemeDetails';
import { Dot } from './Swatches';
import { RefusalCard } from '@/features/shared/RefusalCard';
import { spoiledAims } from './spoiledAims';

interface AimDraft {
  readonly selected: readonly string[];
  readonly choice: Choice;
}

/** Aim: what each surface shall become. Several at once; what can't be is said at once. */
export const AimScreen = ({ record }: { readonly record: PieceRecord }) => {
  const { piece } = record;
  const palette = usePalette();
  const router = useRouter();
  const shop = useShop();
  const change = useChange();
  const surfaces = useMemo(() => surfacesOf(piece), [piece]);
  const it = useCase(piece);
  const { beliefs, refusals } = it;
  const marks = useMemo(() => marksOf(piece, beliefs), [piece, beliefs]);
  const spoiled = useMemo(
    () =>
      spoiledAims(
        piece,
        beliefs,
        shop.units,
        (surfaceId, id) => it.state.surfaces[surfaceId]?.mended.includes(id) === true,
      ),
    [piece, beliefs, shop.units, it],
  );
  // What is selected and what is chosen go their own ways, and both are there again after a reload.
  const [draft, keep] = useKept<AimDraft>(`aim/${piece.id}`, {
    selected: [],
    choice: FIRST_CHOICE,
  });
  const { choice } = draft;
  const known = useMemo(() => new Set(surfaces.map((it) => it.id)), [surfaces]);
  const selected = useMemo(
    () => new Set(draft.selected.filter((id) => known.has(id))),
    [draft.selected, known],
  );
  const put = (part: Partial<Choice>) => keep({ ...draft, choice: { ...choice, ...part } });
  const select = (ids: readonly string[]) => keep({ ...draft, selected: ids });

  const toggle = (surfaceId: string) => {
    const next = new Set(selected);
    if (!next.delete(surfaceId)) next.add(surfaceId);
    select([...next]);
  };
  const [only] = selected;
  const aimed = selected.size === 1 ? piece.aims.find((it) => it.surfaceId === only) : undefined;
  const other = aimed && choiceOf(aimed);
  const differs =
    other !== undefined && JSON.stringify(schemeOf(other)) !== JSON.stringify(schemeOf(choice));
  const unaimed = surfaces.filter((it) => !piece.aims.some((aim) => aim.surfaceId === it.id));
  const apply = async () => {
    const surfaceIds = [...selected];
    const wish = {
      scheme: schemeOf(choice),
      stripWish: choice.stripWish,
      ...(choice.applicator === 'best' ? {} : { applicator: choice.applicator }),
      ...(choice.newPart === 'old' ? {} : { newPart: choice.newPart }),
    };
    const aims = surfaceIds.map((surfaceId) => ({ surfaceId, ...wish }));
    const done = await change(
      piece.id,
      { kind: 'aim', surfaceIds, aims },
      `${surfaceIds.length === 1 ? 'Surface' : `${surfaceIds.length} surfaces`}: ${aimInWords(wish)}.`,
    );
    if (done) keep({ selected: [], choice });
  };
  const impossible = useMemo(() => it.impossible([...selected]), [it, selected]);
  const refusedHere = impossible.get(choice.kind) ?? [];

  return (
    <TwoPanes
      foot={
        selected.size > 0 ? (
          <MainButton title={applyInWords(choice, selected.size)} onPress={() => void apply()} />
        ) : (
          <PlainButton
            title="See the route"
            onPress={() => router.navigate(`/pieces/${piece.id}/route`)}
          />
        )
      }
      left={
        <>
          <Heading>Aim</Heading>
          <View
            style={{
              flexDirection: 'row',
              justifyContent: 'space-between',
              alignItems: 'center',
              gap: 8,
            }}
          >
            <Label heading>Select surfaces</Label>
            {unaimed.length > 0 ? (
              <PlainButton
                title={`Select the ${unaimed.length} not set`}
                label={`Select the ${unaimed.length} surfaces without a finish`}
                onPress={() => select(unaimed.map((it) => it.id))}
              />
            ) : null}
          </View>
          <UnfoldedPiece
            piece={piece}
            marks={marks}
            selected={selected}
            onSelect={toggle}
            maxHeight={240}
          />
          <GroupRow surfaces={surfaces} chosen={[...selected]} onChoose={select} />
          <Card style={{ gap: 12 }}>
            <Subheading>Finish</Subheading>
            {other && differs ? (
              <PlainButton
                title="Take over its finish"
                label={`Take over the finish of ${surfaces.find((one) => one.id === only)?.name ?? ''}`}
                onPress={() => keep({ ...draft, choice: other })}
              />
            ) : null}
            <Options
              label="Scheme"
              options={SCHEME_KINDS.map((it) =>
                impossible.has(it.value) ? { ...it, title: `${it.title}: not here` } : it,
              )}
              chosen={choice.kind}
              onChoose={(kind) => put({ kind })}
            />
            {refusedHere.map((it) => (
              <Caution
                key={`${it.rule}-${it.title}`}
                text={`${it.title}. ${it.because}`}
                lastWord={it.waysOut.join(' ')}
              />
            ))}
            <SchemeDetails choice={choice} put={put} />
            {selected.size === 0 ? <Small>Select surfaces above first.</Small> : null}
          </Card>
        </>
      }
      right={
        <>
          {spoiled.map((it) => (
            <Caution
              key={it}
              text={it}
              lastWord="Choose another finish, or accept that it shows."
            />
          ))}
          {refusals.map((it) => (
            <RefusalCard key={`${it.rule}-${it.title}`} refusal={it} />
          ))}
          <Card style={{ gap: 0 }}>
            <Label heading>Finishes chosen</Label>
            <PlainButton
              title="Compare ways to do the whole piece"
              style={{ marginVertical: 8 }}
              onPress={() => router.navigate(`/pieces/${piece.id}/compare`)}
            />
            {surfaces.map((surface) => {
              const aim = piece.aims.find((it) => it.surfaceId === surface.id);
              const words = aim ? aimInWords(aim) : 'not chosen yet';
              const refused = refusals.some(
                (it) => it.blocks && it.surfaceIds.includes(surface.id),
              );
              return (
                <OpenRow
                  key={surface.id}
                  label={`${surface.name}: ${words}`}
                  onPress={() => toggle(surface.id)}
                  style={{ borderTopWidth: 1, borderTopColor: palette.line, paddingVertical: 6 }}
                >
                  <View style={{ flexDirection: 'row', alignItems: 'center', gap: 8 }}>
                    {aim ? <Dot colour={aimColour(aim.scheme)} /> : null}
                    <View style={{ flex: 1 }}>
                      <Strong>{surface.name}</Strong>
                      <Small style={refused ? { color: palette.vermilion } : undefined}>
                        {refused ? `✕ ${words}` : words}
                      </Small>
                    </View>
                    {selected.has(surface.id) ? <Body>✓ chosen</Body> : null}
                  </View>
                </OpenRow>
              );
            })}
          </Card>
        </>
      }
    />
  );
};
