import type { Piece, Recipe } from '@obrik/core/piece';
import { mixOf } from '@obrik/core/supply';
import { quantityInWords } from '@obrik/core/words';
import type { Task } from '@obrik/core/work';
import { nanoid } from '@reduxjs/toolkit';
import { useState } from 'react';
import { View } from 'react-native';
import { useChange, useShop } from '@/api/usePiece';
import { figureOf } from '@/features/shared/figureOf';
import { useKept } from '@/features/shared/useKept';
import { draftCleared, useDraft } from '@/state/draft';
import { useAppDispatch } from '@/state/store';
import {
  Alarm,
  Body,
  Card,
  Label,
  MainButton,
  Options,
  PlainButton,
  Small,
  Strong,
} from '@/ui/controls';
import { FigureField } from '@/ui/forms';

/** Coats whose colour is mixed at the bench. */
const MIXED = ['stain', 'tone', 'effect', 'paint'];

const G_PER_KG = 1000;

interface Part {
  readonly name: string;
  readonly parts: string;
}
const BLANK: Part = { name: '', parts: '' };

/** Which draft holds the mix of a piece that is being typed. */
const mixDraftOf = (pieceId: string): string => `mix/${pieceId}`;

interface NewRecipeProps {
  readonly pieceId: string;
  readonly onSave: (it: Recipe) => void;
}

/** What is typed of a mix, and not kept with the piece yet. */
interface Typed {
  readonly name: string;
  readonly parts: readonly Part[];
  readonly by: Recipe['by'];
}
const NEW: Typed = { name: '', parts: [BLANK, BLANK], by: 'volume' };

/** A new mix by parts. */
const NewRecipe = ({ pieceId, onSave }: NewRecipeProps) => {
  const [typed, keep] = useKept<Typed>(mixDraftOf(pieceId), NEW);
  const { name, parts, by } = typed;
  const [wrong, setWrong] = useState<string>();
  const put = (at: number, told: Partial<Part>) => {
    const next = parts.map((it, nth) => (nth === at ? { ...it, ...told } : it));
    const full = next.every((it) => it.name !== '') && next.length < 12;
    keep({ ...typed, parts: full ? [...next, BLANK] : next });
  };
  const save = () => {
    const filled = parts.filter((it) => it.name.trim() !== '');
    const read = filled.map((it) => ({ name: it.name.trim(), parts: figureOf(it.parts) }));
    if (name.trim() === '') return setWrong('Give the mix a name.');
    if (read.length === 0) return setWrong('Say what goes into it.');
    if (read.some((it) => !(it.parts > 0)))
      return setWrong('How many parts of each? A figure above 0.');
    onSave({ id: nanoid(), name: name.trim().slice(0, 60), parts: read, by, note: '' });
  };
  return (
    <View style={{ gap: 8 }}>
      <FigureField
        text
        label="Name of the mix"
        typed={name}
        onType={(it) => keep({ ...typed, name: it })}
      />
      {parts.map((it, at) => (
        <View key={at} style={{ flexDirection: 'row', gap: 8 }}>
          <FigureField
            text
            label={`What, ${at + 1}`}
            typed={it.name}
            onType={(what) => put(at, { name: what })}
            style={{ flex: 3 }}
          />
          <FigureField
            label={`Parts, ${at + 1}`}
            typed={it.parts}
            onType={(share) => put(at, { parts: share })}
            style={{ flex: 2 }}
          />
        </View>
      ))}
      <Options
        label="Measured by"
        options={[
          { value: 'volume', title: 'By volume' },
          { value: 'mass', title: 'On a scale' },
        ]}
        chosen={by}
        onChoose={(it) => keep({ ...typed, by: it })}
      />
      <Alarm text={wrong} />
      <MainButton title="Keep this mix" onPress={save} />
    </View>
  );
};

interface RecipesProps {
  readonly piece: Piece;
  readonly tasks: readonly Task[];
}

/** Colours mixed by parts, kept with the piece, each for what this step takes. */
export const Recipes = ({ piece, tasks }: RecipesProps) => {
  const { units } = useShop();
  const change = useChange();
  const draft = useDraft(mixDraftOf(piece.id));
  const dispatch = useAppDispatch();
  const [adding, setAdding] = useState(draft !== undefined);
  if (!tasks.some((it) => it.traits.lays && MIXED.includes(it.traits.lays.series))) return null;
  const litres = tasks
    .flatMap((it) => it.consumes)
    .filter((it) => it.why === 'coats' && it.unit === 'L')
    .reduce((sum, it) => sum + it.quantity, 0);
  const told = (it: Recipe): string =>
    it.by === 'mass'
      ? mixOf(it.parts, 100)
          .map((part) => `${part.name} ${quantityInWords(part.amount / G_PER_KG, 'kg', units)}`)
          .join(', ')
      : mixOf(it.parts, litres)
          .map((part) => `${part.name} ${quantityInWords(part.amount, 'L', units)}`)
          .join(', ');
  return (
    <Card style={{ gap: 8 }}>
      <Label heading>Mixes of this piece</Label>
      {piece.recipes.map((it) => (
        <View key={it.id} style={{ gap: 2 }}>
          <Strong>
            {it.name}: {it.parts.map((part) => `${part.parts} ${part.name}`).join(' to ')}
          </Strong>
          <Body>
            {it.by === 'mass'
              ? `In ${quantityInWords(0.1, 'kg', units)}: `
              : `For ${quantityInWords(litres, 'L', units)}: `}
            {told(it)}.
          </Body>
          <PlainButton
            title="Remove"
            label={`Remove the mix ${it.name}`}
            style={{ alignSelf: 'flex-start' }}
            onPress={() =>
              void change(piece.id, { kind: 'unrecipe', recipeId: it.id }, `${it.name}: removed.`)
            }
          />
        </View>
      ))}
      {adding ? (
        <NewRecipe
          pieceId={piece.id}
          onSave={(recipe) =>
            void change(piece.id, { kind: 'recipe', recipe }, `${recipe.name}: kept.`).then(
              (isSafe) => {
                if (isSafe) dispatch(draftCleared(mixDraftOf(piece.id)));
                setAdding(!isSafe);
              },
            )
          }
        />
      ) : (
        <PlainButton title="Keep a mix" onPress={() => setAdding(true)} />
      )}
      <Small>
        Stir each can before you pour. Mix enough for all coats: a second batch is never the same.
      </Small>
    </Card>
  );
};
