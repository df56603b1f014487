import { bodyKindOf, inBody, removeBody, type Body, type BodyKindId } from '@obrik/core/piece';
import { lengthToTyped, showLength } from '@obrik/core/units';
import { View } from 'react-native';
import { Card, Label, Options, PlainButton, Small } from '@/ui/controls';
import { Field } from '@/ui/forms';
import { bodyKey, slipOf } from '../pieceForm';
import { FrontFields } from './FrontFields';
import type { Builder } from './useBuilder';

interface BodyFieldsProps {
  readonly builder: Builder;
  readonly body: Body;
}

/** A length that was probably typed in another unit: said beside the field, mended by a tap. */
const Slip = ({ builder, body, measure }: BodyFieldsProps & { readonly measure: string }) => {
  const { form, values, units } = builder;
  const slip = slipOf(values, body, measure, units);
  if (!slip) return null;
  const meant = showLength(slip.meantMm, units);
  return (
    <View style={{ gap: 6 }}>
      <Small>{`That is unusual for this. Meant in ${slip.unit}? It would be ${meant}.`}</Small>
      <PlainButton
        title={`Use ${meant}`}
        onPress={() =>
          form.setValue(
            `typed.${bodyKey(body.id)}.${measure}`,
            lengthToTyped(slip.meantMm, units),
            { shouldDirty: true, shouldValidate: true },
          )
        }
      />
    </View>
  );
};

/** One body in figures and choices: everything that the drawing can do, for those who type. */
export const BodyFields = ({ builder, body }: BodyFieldsProps) => {
  const { form, build, units, change } = builder;
  const kind = bodyKindOf(body.kind);
  const key = bodyKey(body.id);
  const several = build.bodies.length > 1;
  const first = build.bodies[0]?.id === body.id;
  return (
    <Card style={{ gap: 12 }}>
      <Label heading>{several ? `${body.name || 'First part'} · ${kind.name}` : kind.name}</Label>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 12 }}>
        {kind.measures.map((it) => (
          <View key={it.id} style={{ flexGrow: 1, flexBasis: 130, gap: 6 }}>
            <Field
              control={form.control}
              name={`typed.${key}.${it.id}`}
              label={it.label}
              number={it.kind === 'count'}
              hint={
                it.kind === 'length'
                  ? `${showLength(it.min, units)} to ${showLength(it.max, units)}`
                  : `${it.min} to ${it.max}`
              }
            />
            {it.kind === 'length' ? <Slip builder={builder} body={body} measure={it.id} /> : null}
          </View>
        ))}
      </View>
      {kind.front ? <FrontFields builder={builder} body={body} /> : null}
      {kind.choices.map((it) => (
        <View key={it.id} style={{ gap: 6 }}>
          <Label>{it.label}</Label>
          <Options
            label={several ? `${it.label}, ${body.name || 'first part'}` : it.label}
            options={it.options.map((one) => ({ value: one.id, title: one.label }))}
            chosen={body.choices[it.id] ?? it.options[0]?.id}
            onChoose={(value) =>
              change((all) =>
                inBody(all, body.id, (one) => ({
                  ...one,
                  choices: { ...one.choices, [it.id]: value },
                })),
              )
            }
          />
        </View>
      ))}
      {several ? (
        <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
          {first ? null : (
            <Options
              label={`Where ${body.name || 'it'} stands`}
              options={[
                { value: 'on', title: 'On the one before' },
                { value: 'beside', title: 'Beside it' },
              ]}
              chosen={body.stands}
              onChoose={(stands) =>
                change((all) => inBody(all, body.id, (one) => ({ ...one, stands })))
              }
            />
          )}
          <PlainButton
            title="Remove this part"
            label={`Remove ${body.name || 'the first part'}`}
            onPress={() => change((all) => removeBody(all, body.id))}
          />
        </View>
      ) : null}
    </Card>
  );
};

export const ADDABLE: readonly { readonly kind: BodyKindId; readonly title: string }[] = [
  { kind: 'carcass', title: 'Case' },
  { kind: 'table', title: 'Table' },
  { kind: 'box', title: 'Box with a lid' },
  { kind: 'frame', title: 'Mirror or frame' },
  { kind: 'cart', title: 'Open shelf' },
  { kind: 'seat', title: 'Seat' },
];
