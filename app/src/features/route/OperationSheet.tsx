import { DAMAGES, SANDING_MODEL } from '@obrik/core/catalog';
import { entryOfStep } from '@obrik/core/handbook';
import { surfaceNames, type Piece, type Shop } from '@obrik/core/piece';
import { type Branch } from '@obrik/core/case';
import { type Operation, type StackHistory } from '@obrik/core/route';
import { showPercent, showVolume } from '@obrik/core/units';

import { useRouter } from 'expo-router';
import { View } from 'react-native';
import { RiskLines } from '@/features/shared/RiskLines';
import { HandbookLink } from '@/features/shared/HandbookLink';
import { outcomeInWords } from '@obrik/core/words';
import { Body, Caution, Label, Small } from '@/ui/controls';
import { GritRungs } from '@/ui/drawings';
import { recordedAt, recordedForAll } from './gateAddress';
import { PutOnRecord } from '@/features/clock/PutOnRecord';
import { GateBranches } from './GateBranches';
import { OwnLadder } from './OwnLadder';
import { StackAlong } from './StackAlong';

interface OperationSheetProps {
  readonly piece: Piece;
  readonly shop: Shop;
  readonly operation: Operation;
  readonly histories: readonly StackHistory[];
  /** Of a gate: what each answer changes; undefined while it is reckoned. */
  readonly branches: readonly Branch[] | undefined;
  readonly titleOf: (operationId: string) => string;
}

/** "Chance of sanding through: under 1 % in the field, 3 % at edges." */
const sandThroughInWords = ({ field, edge }: NonNullable<Operation['sandThrough']>): string =>
  `Chance of sanding through: ${showPercent(field)} in the field, ${showPercent(edge)} at edges.`;

const Block = ({
  title,
  children,
}: {
  readonly title: string;
  readonly children: React.ReactNode;
}) => (
  <View style={{ gap: 4 }}>
    <Label>{title}</Label>
    {children}
  </View>
);

/** How, why, what to wear, what can hurt, what it comes after, and why not another way. */
export const OperationSheet = ({
  piece,
  shop,
  operation,
  histories,
  branches,
  titleOf,
}: OperationSheetProps) => {
  const router = useRouter();
  const nameOf = surfaceNames(piece);
  const forAll = recordedForAll(piece, operation);
  const entry = entryOfStep(operation);
  const seen = (ids: readonly string[]) => [
    ...piece.observations.filter((it) => ids.includes(it.id)).map(outcomeInWords),
    ...piece.findings.filter((it) => ids.includes(it.id)).map((it) => DAMAGES.get(it.damage).label),
  ];
  return (
    <View style={{ gap: 14, paddingTop: 8 }}>
      <PutOnRecord key={`record-${operation.id}`} piece={piece} step={operation} more />
      {operation.ladder ? (
        <GritRungs ladder={operation.ladder} keepUm={SANDING_MODEL.keepUm} units={shop.units} />
      ) : null}
      {operation.sandThrough ? <Body>{sandThroughInWords(operation.sandThrough)}</Body> : null}
      {operation.ladder ? (
        <OwnLadder key={operation.id} piece={piece} operation={operation} />
      ) : null}
      {operation.gate ? (
        <GateBranches
          gate={operation.gate}
          branches={branches}
          currency={shop.money.currency}
          places={operation.surfaceIds.map((id) => ({ id, name: nameOf(id) }))}
          onRecord={(id) => router.navigate(recordedAt(piece, operation, id))}
          {...(forAll ? { onRecordForAll: () => router.navigate(forAll) } : {})}
        />
      ) : null}
      <Block title="How">
        {operation.how.map((it, index) => (
          <Body key={it}>
            {index + 1}. {it}
          </Body>
        ))}
      </Block>
      {entry ? <HandbookLink entry={entry} about={operation.title} /> : null}
      <Block title="Why">
        {operation.reasons.map((it) => (
          <View key={it.text}>
            <Body>{it.text}</Body>
            {it.observationIds.length > 0 ? (
              <Small>Seen: {seen(it.observationIds).join(' · ')}</Small>
            ) : null}
          </View>
        ))}
      </Block>
      <StackAlong
        key={operation.id}
        piece={piece}
        histories={histories}
        operation={operation}
        titleOf={titleOf}
      />
      {operation.cautions.length > 0 ? (
        <Block title="Cautions">
          <View style={{ gap: 8 }}>
            {operation.cautions.map((it) => (
              <Caution key={it.text} text={it.text} lastWord={it.lastWord} />
            ))}
          </View>
        </Block>
      ) : null}
      {operation.risks.length > 0 ? (
        <Block title="May go wrong">
          <RiskLines piece={piece} risks={operation.risks} />
        </Block>
      ) : null}
      {operation.protection.length > 0 ? (
        <Block title="Wear">
          <Body>{operation.protection.join(' · ')}</Body>
        </Block>
      ) : null}
      {operation.materials.length > 0 ? (
        <Block title="Have ready">
          <Body>{operation.materials.join(' · ')}</Body>
          {operation.litres === null ? null : (
            <Body>About {showVolume(operation.litres, shop.units)} for this coat.</Body>
          )}
        </Block>
      ) : null}
      {operation.insteadOf.length > 0 ? (
        <Block title="Why not">
          {operation.insteadOf.map((it) => (
            <Body key={it.label}>
              {it.label.charAt(0).toUpperCase() + it.label.slice(1)}: {it.because}.
            </Body>
          ))}
        </Block>
      ) : null}
      {operation.after.length > 0 ? (
        <Block title="Comes after">
          {operation.after.map((it) => (
            <Small key={it.rule}>
              {titleOf(it.operationId)}. {it.because}
            </Small>
          ))}
        </Block>
      ) : null}
    </View>
  );
};
