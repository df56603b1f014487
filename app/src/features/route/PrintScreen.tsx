import { schemeInWords, surfacesOf, yearsInWords, type PieceRecord } from '@obrik/core/piece';
import { byPhase, planRoute, whereOf } from '@obrik/core/route';
import { showDuration } from '@obrik/core/units';
import { format } from 'date-fns';
import { useRouter } from 'expo-router';
import { useMemo } from 'react';
import { View } from 'react-native';
import { useShop } from '@/api/usePiece';
import { ticketNumber } from '@/features/pieces/summary';
import { INK, KEPT, Line, Paper } from '@/ui/paper';

const { ink, ink2, line, vermilion } = INK;

/** The route card for the wall: the whole route with boxes to tick. */
export const PrintScreen = ({ record }: { readonly record: PieceRecord }) => {
  const { piece, number, revision } = record;
  const router = useRouter();
  const shop = useShop();
  const route = useMemo(() => planRoute(piece, shop), [piece, shop]);
  const numbers = new Map(route.operations.map((it, index) => [it.id, index + 1]));
  const surfaces = surfacesOf(piece);
  return (
    <Paper
      back={{
        label: 'Back to the route',
        onPress: () => router.navigate(`/pieces/${piece.id}/route`),
      }}
    >
      <Line bold size={26} level={1}>
        {ticketNumber(number)} · {piece.name}
      </Line>
      <Line colour={ink2}>
        {yearsInWords(piece)}. {route.operations.length} steps, {showDuration(route.minutes)} of
        work. Printed {format(new Date(), 'd MMM yyyy, HH:mm')}, revision {revision}.
      </Line>
      {piece.keep ? <Line>Keep: {piece.keep}</Line> : null}
      <View style={{ borderTopWidth: 1, borderTopColor: ink, paddingTop: 6 }}>
        {surfaces.map((surface) => {
          const aim = piece.aims.find((it) => it.surfaceId === surface.id);
          return (
            <Line key={surface.id}>
              {surface.name}
              {surface.count > 1 ? ` ×${surface.count}` : ''}:{' '}
              {aim ? schemeInWords(aim.scheme) : 'no aim yet'}
            </Line>
          );
        })}
      </View>
      {route.refusals.map((it) => (
        <View
          key={`${it.rule}-${it.surfaceId}`}
          {...KEPT}
          style={{ borderWidth: 1, borderColor: vermilion, padding: 8 }}
        >
          <Line bold colour={vermilion}>
            {it.title}
          </Line>
          <Line>
            {it.because} {it.waysOut.join(' ')}
          </Line>
        </View>
      ))}
      {byPhase(route).map(({ phase, operations }) => (
        <View key={phase} style={{ gap: 6 }}>
          <Line bold size={16} level={2}>
            {phase.toUpperCase()}
          </Line>
          {operations.map((it) => (
            <View
              key={it.id}
              {...KEPT}
              style={{
                flexDirection: 'row',
                gap: 10,
                borderTopWidth: 1,
                borderTopColor: line,
                paddingTop: 6,
              }}
            >
              <View
                aria-hidden
                style={{ width: 18, height: 18, borderWidth: 2, borderColor: ink, marginTop: 2 }}
              />
              <View style={{ flex: 1 }}>
                <Line bold>
                  {numbers.get(it.id)}. {it.title} ({showDuration(it.minutes)}
                  {it.wait ? `, then ${showDuration(it.wait.minutes)} until ${it.wait.until}` : ''})
                </Line>
                <Line colour={ink2}>{whereOf(piece, it)}</Line>
                {it.heldBy.length > 0 ? (
                  <Line bold colour={vermilion}>
                    Held until step {it.heldBy.map((id) => numbers.get(id)).join(', ')} is answered.
                  </Line>
                ) : null}
                {it.gate ? <Line bold>? {it.gate.question}</Line> : null}
                <Line>{it.how.join(' ')}</Line>
                {it.protection.length > 0 ? (
                  <Line colour={ink2}>Wear: {it.protection.join(', ')}.</Line>
                ) : null}
                {it.cautions.map((one) => (
                  <Line key={one.text} colour={vermilion}>
                    ! {one.text} {one.lastWord}
                  </Line>
                ))}
              </View>
            </View>
          ))}
        </View>
      ))}
      <Line colour={ink2}>
        Product label and safety data sheet win over anything here; local code and licensed practice
        win over both.
      </Line>
    </Paper>
  );
};
