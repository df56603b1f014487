import { type Build } from '@obrik/core/piece';
import type { UnitSystem } from '@obrik/core/units';
import { useWatch, type UseFormReturn } from 'react-hook-form';
import { bodyKey, buildIn, typedMeasures, type PieceForm } from '../pieceForm';

/** The build in a form, and a way to change it that keeps what was typed. */
export interface Builder {
  readonly form: UseFormReturn<PieceForm>;
  readonly values: PieceForm;
  /** As it is built with all that was typed and can be read. */
  readonly build: Build;
  readonly units: UnitSystem;
  /** Changes the build; a body whose front is changed forgets the line that was typed for it. */
  readonly change: (how: (build: Build) => Build) => void;
}

export const useBuilder = (form: UseFormReturn<PieceForm>, units: UnitSystem): Builder => {
  const values = useWatch({ control: form.control }) as PieceForm;
  return {
    form,
    values,
    build: buildIn(values, units),
    units,
    change: (how) => {
      const before = form.getValues();
      const was = buildIn(before, units);
      const now = how(was);
      const told = { shouldDirty: true, shouldValidate: true } as const;
      form.setValue('build', now, told);
      for (const it of now.bodies) {
        const key = bodyKey(it.id);
        const old = before.build.bodies.find((one) => one.id === it.id);
        // A body that is new, or whose measures were changed otherwise, shows them in its fields.
        if (!old || old.kind !== it.kind) {
          form.setValue(`typed.${key}`, typedMeasures(it, units), told);
        }
      }
      form.setValue(
        'fronts',
        Object.fromEntries(
          Object.entries(before.fronts).filter(([key]) =>
            now.bodies.some(
              (it) =>
                bodyKey(it.id) === key &&
                JSON.stringify(it.front) ===
                  JSON.stringify(was.bodies.find((one) => one.id === it.id)?.front),
            ),
          ),
        ),
        told,
      );
    },
  };
};
