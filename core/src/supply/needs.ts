import { COAT_LOSSES, MATERIALS, type Material, type Unit } from '../catalog';
import type { Route } from '../route';

/** Where a need comes from: one step of one piece. */
export interface NeedFrom {
  readonly pieceId: string;
  readonly operationId: string;
  readonly title: string;
  /** As planned on the face, losses of transfer counted in. */
  readonly quantity: number;
  /** What stays in tray, brush or gun, and what is wanted to dip in at all. */
  readonly lost: number;
}

/** How much of a material is needed, with its workings. */
export interface Need {
  readonly material: Material;
  /** Of a coat that has one: two colours are two things to buy. */
  readonly colour: string | null;
  readonly unit: Unit;
  readonly quantity: number;
  readonly from: readonly NeedFrom[];
}

/** What a coat takes beside the film, litres: what stays behind, and at least enough to dip in. */
const lossOf = (quantity: number, sprayed: boolean): number => {
  const { stays, least } = COAT_LOSSES[sprayed ? 'sprayed' : 'brushed'];
  return Math.max(stays, least - quantity);
};

/**
 * What the routes of some pieces still need, by material and colour: Σ of what each step takes, and
 * for every coat what it takes beside the film. Equipment that is there again afterwards is left out.
 */
export const needsOf = (
  plans: readonly { readonly pieceId: string; readonly route: Route }[],
): readonly Need[] => {
  const needs = new Map<string, Need>();
  for (const { pieceId, route } of plans) {
    const byKey = new Map(route.tasks.map((it) => [it.key, it]));
    for (const operation of route.operations) {
      const tasks = operation.taskKeys.flatMap((key) => byKey.get(key) ?? []);
      const sums = new Map<string, { material: Material; colour: string | null; sum: number }>();
      for (const { traits, consumes } of tasks) {
        for (const it of consumes) {
          if (MATERIALS.get(it.material).kept || it.quantity <= 0) continue;
          const colour = it.why === 'coats' ? (traits.lays?.colour ?? null) : null;
          const key = `${it.material}/${colour ?? ''}`;
          const old = sums.get(key);
          sums.set(key, {
            material: it.material,
            colour,
            sum: (old?.sum ?? 0) + it.quantity,
          });
        }
      }
      for (const [key, { material, colour, sum }] of sums) {
        const lost = material === operation.coating ? lossOf(sum, operation.sprayed) : 0;
        const old = needs.get(key);
        needs.set(key, {
          material,
          colour,
          unit: MATERIALS.get(material).unit,
          quantity: (old?.quantity ?? 0) + sum + lost,
          from: [
            ...(old?.from ?? []),
            {
              pieceId,
              operationId: operation.id,
              title: operation.title,
              quantity: sum,
              lost,
            },
          ],
        });
      }
    }
  }
  return [...needs.values()];
};
