import { useState } from 'react';
import { Label, Options, PlainButton } from '@/ui/controls';
import {
  APPLICATORS,
  DISTRESS_PLACES,
  DISTRESS_STRENGTHS,
  EFFECTS,
  GRAINS,
  NEW_PARTS,
  PAINT_OPTIONS,
  SHADES,
  SHEEN_OPTIONS,
  STAINS,
  STAINS_OVER,
  STRIP_WISHES,
  TOPCOAT_OPTIONS,
  WEARS,
  YES_NO,
  picked,
  shownColour,
  uses,
  type Choice,
} from './options';
import { Swatches } from './Swatches';

interface SchemeDetailsProps {
  readonly choice: Choice;
  readonly put: (part: Partial<Choice>) => void;
}

/** What a kind of scheme leaves to choose: colour, stain, topcoat first, the rest on demand. */
export const SchemeDetails = ({ choice, put }: SchemeDetailsProps) => {
  const [more, setMore] = useState(false);
  const use = uses(choice.kind);
  return (
    <>
      {use.shade ? (
        <Options
          label="How light"
          options={SHADES.slice(1)}
          chosen={choice.shade === 'white' ? 'pale' : choice.shade}
          onChoose={(shade) => put({ shade })}
        />
      ) : null}
      {use.colour ? (
        <Swatches chosen={shownColour(choice)} onChoose={(colour) => put(picked(colour))} />
      ) : null}
      {use.stain ? (
        <>
          <Label>Stain</Label>
          <Options
            label="Stain"
            options={STAINS}
            chosen={choice.stain}
            onChoose={(stain) => put({ stain })}
          />
        </>
      ) : null}
      {use.stainOver ? (
        <Options
          label="Stain over the wash"
          options={STAINS_OVER}
          chosen={choice.stainOver}
          onChoose={(stainOver) => put({ stainOver })}
        />
      ) : null}
      {use.paint ? (
        <>
          <Options
            label="Paint"
            options={PAINT_OPTIONS}
            chosen={choice.paint}
            onChoose={(paint) => put({ paint })}
          />
          <Label>On top of the colour</Label>
          <Options
            label="Effect"
            options={EFFECTS}
            chosen={choice.effect}
            onChoose={(effect) => put({ effect })}
          />
          {choice.effect === 'distressed' ? (
            <>
              <Options
                label="How far it is rubbed through"
                options={DISTRESS_STRENGTHS}
                chosen={choice.distress.strength}
                onChoose={(strength) => put({ distress: { ...choice.distress, strength } })}
              />
              <Options
                label="Where it is rubbed through"
                options={DISTRESS_PLACES}
                chosen={choice.distress.where}
                onChoose={(where) => put({ distress: { ...choice.distress, where } })}
              />
            </>
          ) : null}
        </>
      ) : null}
      {use.topcoat ? (
        <>
          <Label>Topcoat</Label>
          <Options
            label="Topcoat"
            options={TOPCOAT_OPTIONS}
            chosen={choice.topcoat}
            onChoose={(topcoat) => put({ topcoat })}
          />
        </>
      ) : null}
      {use.topcoat && !more ? (
        <PlainButton title="Sheen, wear and more" onPress={() => setMore(true)} />
      ) : null}
      {use.topcoat && more ? (
        <>
          <Label>Sheen</Label>
          <Options
            label="Sheen"
            options={SHEEN_OPTIONS}
            chosen={choice.sheen}
            onChoose={(sheen) => put({ sheen })}
          />
          <Label>How hard it is used</Label>
          <Options
            label="How hard it is used"
            options={WEARS}
            chosen={choice.wear}
            onChoose={(wear) => put({ wear })}
          />
          {use.bleached ? (
            <>
              <Label>Bleach the wood first</Label>
              <Options
                label="Bleach the wood first"
                options={YES_NO}
                chosen={choice.bleached ? 'yes' : 'no'}
                onChoose={(it) => put({ bleached: it === 'yes' })}
              />
            </>
          ) : null}
          {use.stain ? (
            <>
              <Label>Even out pale places with toner</Label>
              <Options
                label="Even out pale places with toner"
                options={YES_NO}
                chosen={choice.toned ? 'yes' : 'no'}
                onChoose={(it) => put({ toned: it === 'yes' })}
              />
            </>
          ) : null}
          <Label>The part itself</Label>
          <Options
            label="The part itself"
            options={NEW_PARTS}
            chosen={choice.newPart}
            onChoose={(newPart) => put({ newPart })}
          />
          <Label>Applied with</Label>
          <Options
            label="Applied with"
            options={APPLICATORS}
            chosen={choice.applicator}
            onChoose={(applicator) => put({ applicator })}
          />
          {use.grain ? (
            <Options
              label="Grain"
              options={GRAINS}
              chosen={choice.grain}
              onChoose={(grain) => put({ grain })}
            />
          ) : null}
          {use.strips ? (
            <>
              <Label>How the old finish comes off</Label>
              <Options
                label="How the old finish comes off"
                options={STRIP_WISHES}
                chosen={choice.stripWish}
                onChoose={(stripWish) => put({ stripWish })}
              />
            </>
          ) : null}
        </>
      ) : null}
    </>
  );
};
