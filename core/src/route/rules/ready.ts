import { WAITS } from '../../catalog';
import { READY_WORDS as WORDS } from '../../words';
import { airFault, isOpen } from '../context/questions';
import { pieceRule, surfaceRule, type Rule } from './rule';
import { isDoneToPiece } from '../context/whole';
import { asGate } from './ask';
import { ofUnits, wait } from './common';
import { isDone, latestReading, observationsOf } from '../context/context';

/** Readings that hold coats and fillers until they are in order. */
export const READY_RULES: readonly Rule[] = [
  surfaceRule({
    id: 'dry-before-glue-and-coats',
    phase: 'clean',
    applies: (s) => isOpen(s, 'moisture') && !isDone(s, 'driedOut'),
    because: (s) => s.beliefs.moisture?.text ?? '',
    evidence: (s) => observationsOf(s, 'moisture'),
    work: (s) => [
      {
        rank: 8,
        title: WORDS.moisture.title,
        how: WORDS.moisture.how(s.beliefs.moisture?.atRest ?? 0),
        ...ofUnits('dry-out', 1),
        traits: { makes: ['driedOut'] },
        wait: wait(WAITS.dryingOut, 'meterReadsDry'),
        gate: asGate('moisture', WORDS.moisture.question, WORDS.moisture.answers),
      },
    ],
  }),
  surfaceRule({
    id: 'neutral-before-coats',
    phase: 'strip',
    applies: (s) => isOpen(s, 'ph') && !isDone(s, 'neutralisedAgain'),
    because: (s) => WORDS.ph.because(latestReading(s, 'surface-ph') ?? 7),
    evidence: (s) => observationsOf(s, 'surface-ph'),
    work: (s) => {
      const sour = (latestReading(s, 'surface-ph') ?? 7) < 7;
      return [
        {
          setUp: { sour },
          rank: 4,
          title: WORDS.ph.title,
          how: WORDS.ph.how(sour),
          ...ofUnits('neutralise-again', 1),
          traits: { makes: ['neutral', 'neutralisedAgain'] },
          wait: wait(WAITS.afterNeutralising, 'woodDry'),
          gate: asGate('ph', WORDS.ph.question, WORDS.ph.answers),
        },
      ];
    },
  }),
  pieceRule({
    id: 'air-that-coats-bear',
    phase: 'block',
    place: { of: 'piece' },
    asks: (whole) =>
      isDoneToPiece(whole, 'airInRange') ? [] : whole.surfaces.filter((s) => isOpen(s, 'air')),
    because: (whole, asking) => {
      const fault = asking.map(airFault).find((it) => it !== undefined) ?? 'cold';
      const { airCelsius, airHumidity, units } = whole.shop;
      return WORDS.air.because(fault, { airCelsius, airHumidity, units });
    },
    work: (whole) => ({
      rank: -50,
      title: WORDS.air.title,
      how: WORDS.air.how(whole.shop.units),
      ...ofUnits('air-in-range', 1),
      traits: { makesOfPiece: ['airInRange'] },
      gate: asGate('air', WORDS.air.question, WORDS.air.answers),
    }),
  }),
];
