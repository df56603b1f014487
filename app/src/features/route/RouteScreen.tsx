import type { PieceRecord } from '@obrik/core/piece';
import { byPhase, whereOf, type Operation } from '@obrik/core/route';
import { showDuration } from '@obrik/core/units';
import { surfaceNames } from '@obrik/core/piece';
import { phaseInWords } from '@obrik/core/words';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { useCase } from '@/api/useCase';
import { useWaitsHere } from '@/features/clock/useWaitsHere';
import { useShop } from '@/api/usePiece';
import { RiskLines } from '@/features/shared/RiskLines';
import { RefusalCard } from '@/features/shared/RefusalCard';
import {
  Body,
  Card,
  Empty,
  Figure,
  Heading,
  Label,
  MainButton,
  OpenRow,
  PlainButton,
  Screen,
  Small,
  Strong,
  Tag,
  TitleRow,
  TwoPanes,
  useWide,
} from '@/ui/controls';
import { usePalette } from '@/ui/theme';
import { usePlan } from '@/workers/usePlan';
import { DoneSteps } from './DoneSteps';
import { KeepRoute } from './KeepRoute';
import { Lanes } from './Lanes';
import { OperationSheet } from './OperationSheet';
import { stepsInWords } from './steps';

interface StationProps {
  readonly operation: Operation;
  readonly where: string;
  /** Which steps hold it, by number. */
  readonly heldWords: string;
  readonly number: number;
  readonly isNext: boolean;
  readonly open: boolean;
  readonly onPress: () => void;
  readonly children?: React.ReactNode;
}

/** One operation on the rail. */
const Station = ({
  operation,
  where,
  heldWords,
  number,
  isNext,
  open,
  onPress,
  children,
}: StationProps) => {
  const palette = usePalette();
  const held = operation.holds.length > 0;
  const disc = isNext ? palette.amberFill : palette.card;
  return (
    <View role="listitem" style={{ flexDirection: 'row', gap: 10 }}>
      <View style={{ width: 30, alignItems: 'center' }} aria-hidden>
        <View
          style={{
            position: 'absolute',
            top: 0,
            bottom: 0,
            width: 3,
            backgroundColor: palette.line,
          }}
        />
        <View
          style={{
            marginTop: 10,
            width: 28,
            height: 28,
            borderRadius: 14,
            borderWidth: 2,
            borderColor: held ? palette.ink2 : palette.ink,
            borderStyle: held ? 'dashed' : 'solid',
            backgroundColor: disc,
            alignItems: 'center',
            justifyContent: 'center',
          }}
        >
          <Figure style={{ fontSize: 14, color: isNext ? palette.onAmberFill : palette.ink }}>
            {number}
          </Figure>
        </View>
      </View>
      <View style={{ flex: 1 }}>
        <Card edge={open ? 'ink' : isNext ? 'amber' : undefined} style={{ paddingVertical: 4 }}>
          <OpenRow
            label={`Step ${number}: ${operation.title}, ${showDuration(operation.minutes)}${held ? ', held' : ''}`}
            expanded={open}
            onPress={onPress}
            style={{ paddingVertical: 4 }}
          >
            <TitleRow title={operation.title} figure={showDuration(operation.minutes)} />
            <Small>
              {where}
              {operation.wait
                ? `. Then wait ${showDuration(operation.wait.minutes)} until ${operation.wait.until}`
                : ''}
            </Small>
            {operation.gate || held ? (
              <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 6, marginTop: 4 }}>
                {operation.gate ? <Tag text={`? ${operation.gate.question}`} tone="amber" /> : null}
                {held ? <Tag text={heldWords} tone="vermilion" /> : null}
              </View>
            ) : null}
          </OpenRow>
          {open ? children : null}
        </Card>
      </View>
    </View>
  );
};

/** Route: the ordered work, each step with its how, why and cautions. */
export const RouteScreen = ({ record }: { readonly record: PieceRecord }) => {
  const { piece } = record;
  const router = useRouter();
  const wide = useWide();
  const shop = useShop();
  const { step } = useLocalSearchParams<{ step?: string }>();
  const [openId, setOpenId] = useState<string | undefined>(step);
  const { route, stacks, steps } = useCase(piece);
  const open = usePlan('branches', piece, shop);
  const questions = route.operations.filter((it) => it.gate !== null).length;
  const { numbers } = steps;
  const risks = route.operations.flatMap((it) => it.risks);
  const nameOf = surfaceNames(piece);
  const titles = new Map(route.operations.map((it) => [it.id, it.title]));
  const titleOf = (id: string) => titles.get(id) ?? id;
  const { next } = useWaitsHere(piece);
  const chosen = route.operations.find((it) => it.id === openId) ?? (wide ? next : undefined);

  if (route.operations.length === 0 && steps.done.length > 0) {
    return (
      <Screen
        narrow
        foot={
          <MainButton
            title="Last look"
            onPress={() => router.navigate(`/pieces/${piece.id}/last-look`)}
          />
        }
      >
        <Heading>Route</Heading>
        <Strong>Every step is done.</Strong>
        <Body>Look at it side by side, then hand it over.</Body>
        {route.refusals.map((it) => (
          <RefusalCard key={`${it.rule}-${it.title}`} refusal={it} />
        ))}
        <DoneSteps piece={piece} steps={steps.done} />
      </Screen>
    );
  }
  if (route.operations.length === 0 && route.refusals.length === 0) {
    return (
      <Screen narrow>
        <Empty
          alone
          title="No route yet"
          text="Choose a finish for each surface. The route is worked out from that and from what you have seen."
          action={{
            title: 'Choose finishes',
            onPress: () => router.navigate(`/pieces/${piece.id}/aim`),
          }}
        />
      </Screen>
    );
  }

  const sheet = (operation: Operation) => (
    <OperationSheet
      piece={piece}
      shop={shop}
      operation={operation}
      histories={stacks}
      branches={open?.gates.find((it) => it.operationId === operation.id)?.branches}
      titleOf={titleOf}
    />
  );
  const rail = (
    <>
      <View
        style={{
          flexDirection: 'row',
          alignItems: 'baseline',
          flexWrap: 'wrap',
          justifyContent: 'space-between',
          gap: 8,
        }}
      >
        <Heading>Route</Heading>
        <Figure>
          {steps.done.length > 0
            ? `${route.operations.length} of ${steps.count} steps left`
            : `${route.operations.length} steps`}{' '}
          · {showDuration(route.minutes)} of work
        </Figure>
      </View>
      <DoneSteps piece={piece} steps={steps.done} />
      {route.refusals.map((it) => (
        <RefusalCard key={`${it.rule}-${it.title}`} refusal={it} />
      ))}
      {route.unaimedSurfaceIds.length > 0 ? (
        <Small>No aim yet: {route.unaimedSurfaceIds.map(nameOf).join(', ')}.</Small>
      ) : null}
      {questions > 0 ? (
        <Card edge="amber" style={{ gap: 4 }}>
          <Strong>
            {questions === 1 ? 'One question is open' : `${questions} questions are open`}
          </Strong>
          <Body>
            {open
              ? `Whatever the answers, steps ${stepsInWords(open.commonIds.flatMap((it) => numbers.get(it) ?? []))} stay as they are: start there.`
              : 'Working out which steps don’t change, whatever the answers …'}
          </Body>
        </Card>
      ) : null}
      {risks.length > 0 ? (
        <Card style={{ gap: 4 }}>
          <Label heading>May go wrong</Label>
          <RiskLines piece={piece} risks={risks} />
        </Card>
      ) : null}
      {byPhase(route).map(({ phase, operations }) => (
        <View key={operations[0]?.id} style={{ gap: 6 }}>
          <Label heading style={{ marginLeft: 40 }}>
            {phaseInWords(phase)}
          </Label>
          <View role="list" style={{ gap: 8 }}>
            {operations.map((it) => (
              <Station
                key={it.id}
                operation={it}
                where={whereOf(piece, it)}
                heldWords={`Held by step ${it.heldBy.map((id) => numbers.get(id)).join(', ')}`}
                number={numbers.get(it.id) ?? 0}
                isNext={it === next}
                open={it === chosen}
                onPress={() => setOpenId(it.id === openId ? undefined : it.id)}
              >
                {wide ? null : sheet(it)}
              </Station>
            ))}
          </View>
        </View>
      ))}
      <PlainButton
        title="Care sheet for the owner"
        onPress={() => router.navigate(`/pieces/${piece.id}/care`)}
      />
      <Small>
        Product label and safety data sheet win over anything here; local code and licensed practice
        win over both.
      </Small>
    </>
  );
  if (!wide) {
    return (
      <Screen>
        {rail}
        <KeepRoute record={record} />
      </Screen>
    );
  }
  return (
    <TwoPanes
      left={rail}
      right={
        <>
          <Lanes piece={piece} operations={route.operations} chosen={chosen} onChoose={setOpenId} />
          {chosen ? (
            <Card style={{ gap: 4, padding: 16 }}>
              <TitleRow title={chosen.title} figure={showDuration(chosen.minutes)} size={20} />
              <Body>{whereOf(piece, chosen)}</Body>
              {sheet(chosen)}
            </Card>
          ) : null}
        </>
      }
      foot={<KeepRoute record={record} />}
    />
  );
};
