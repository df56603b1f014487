import { z } from 'zod';
import { CHECKS, INSPECTION_TESTS, RETIRED, VARIABLES, retiredIn } from '../catalog';
import { keptEffect, readEffect } from '../effect';
import { change } from './kinds';
import recorded from './recordedIds.json';

/*
 * Everything that a record may hold by name, by the field that holds it, as it was when it could
 * first be recorded. Records keep such names for good: whoever renames or removes one says in
 * `RETIRED` what it became. A line is never taken off the list; new names are added to it.
 */
const RECORDED: Readonly<Record<string, readonly string[]>> = recorded;

type Names = Map<string, Set<string>>;

/** Gathers the names that a schema allows, by the field in which they stand. */
const gather = (schema: z.ZodType, names: Names): void => {
  const root = z.toJSONSchema(schema, { unrepresentable: 'any' }) as Record<string, unknown>;
  const defs = (root.$defs ?? {}) as Readonly<Record<string, unknown>>;
  const seen = new Set<string>();
  const walk = (it: unknown, field: string): void => {
    if (Array.isArray(it)) return it.forEach((one) => walk(one, field));
    if (typeof it !== 'object' || it === null) return;
    const { enum: options, const: only, properties, $ref, ...rest } = it as Record<string, unknown>;
    for (const one of [...((options as unknown[]) ?? []), only]) {
      if (typeof one !== 'string') continue;
      names.set(field, (names.get(field) ?? new Set()).add(one));
    }
    if (typeof $ref === 'string' && !seen.has(`${$ref} ${field}`)) {
      seen.add(`${$ref} ${field}`);
      walk(defs[$ref.split('/').at(-1) ?? ''], field);
    }
    for (const [key, one] of Object.entries(properties ?? {})) walk(one, key);
    for (const key of [
      'items',
      'prefixItems',
      'anyOf',
      'oneOf',
      'allOf',
      'propertyNames',
      'additionalProperties',
    ]) {
      walk(rest[key], field);
    }
  };
  walk(root, '');
};

const today = (): Names => {
  const names: Names = new Map();
  gather(change, names);
  gather(keptEffect, names);
  // Held as text that the catalog is asked for.
  names.set('testId', new Set(INSPECTION_TESTS.map((it) => it.id)));
  names.set(
    'outcome',
    new Set(
      INSPECTION_TESTS.flatMap((it) =>
        it.kind === 'reading' ? [] : it.outcomes.map((one) => one.id),
      ),
    ),
  );
  names.set(
    'value',
    new Set(Object.values(VARIABLES).flatMap((it) => it.values.map((one) => one.id))),
  );
  names.set('answer', new Set(CHECKS.rows.flatMap((it) => it.answers.map((one) => one.id))));
  // A form is no name: older ones are brought up.
  names.delete('form');
  return names;
};

/** The list as it should be: what was on it, and what is new. */
const whole = (): Record<string, readonly string[]> => {
  const names = today();
  const fields = [...new Set([...Object.keys(RECORDED), ...names.keys()])].sort();
  return Object.fromEntries(
    fields.map((field) => [
      field,
      [...new Set([...(RECORDED[field] ?? []), ...(names.get(field) ?? [])])].sort(),
    ]),
  );
};

it('a name that was ever recorded is still known, or it is said what it became', () => {
  const names = today();
  const lost = Object.entries(RECORDED).flatMap(([field, ids]) =>
    ids
      .map((id) => [id, RETIRED[field]?.[id] ?? id] as const)
      .filter(([, now]) => !names.get(field)?.has(now))
      .map(([id]) => `${field}: ${id}`),
  );
  expect(lost).toEqual([]);
});

it('the list is whole: what can be recorded today is on it', () => {
  expect(RECORDED).toEqual(whole());
});

it('what was retired is read as what it became, wherever it stands', () => {
  const line = { of: 'used', material: 'boiledOil', note: 'boiledOil' };
  const told = { kind: 'log', lines: [line, { taken: ['boiledOil'], material: ['boiledOil'] }] };
  expect(retiredIn(told, { material: { boiledOil: 'linseedOil' } })).toEqual({
    kind: 'log',
    lines: [
      { of: 'used', material: 'linseedOil', note: 'boiledOil' },
      { taken: ['boiledOil'], material: ['linseedOil'] },
    ],
  });
});

it('an effect that nobody can read is kept as it came, and read again by whoever can', () => {
  const newer = { form: 'obrik.effect/99', key: 'top/paint/1' };
  const unread = readEffect(newer);
  expect(unread).toMatchObject({
    form: 'unread',
    received: newer,
    why: expect.stringMatching(/newer/),
  });
  expect(readEffect(JSON.parse(JSON.stringify(unread)))).toEqual(unread);
});
