import { change, pieceDescription, pieceFile, pieceRecord, piece, shop } from '@obrik/core/piece';
import { alternative, branches, careSheet, operation, route, whatIf } from '@obrik/core/route';
import { sandingTask } from '@obrik/core/sanding';
import { z } from 'zod';
import type { Endpoint } from './endpoint';
import { problemDocument } from './problem';

/** Schemas that the description names; others stand where they are used. */
const NAMED = {
  Piece: piece,
  PieceDescription: pieceDescription,
  PieceRecord: pieceRecord,
  PieceFile: pieceFile,
  Change: change,
  Shop: shop,
  Route: route,
  Operation: operation,
  Alternative: alternative,
  WhatIf: whatIf,
  Branches: branches,
  CareSheet: careSheet,
  SandingTask: sandingTask,
  Problem: problemDocument,
} as const;

type Json = Record<string, unknown>;

const registry = z.registry<{ id: string }>();
for (const [id, schema] of Object.entries(NAMED)) registry.add(schema, { id });

const uri = (id: string) => `#/components/schemas/${id}`;

const withoutIds = ({ $id: _id, $schema: _schema, id: _name, ...rest }: Json): Json => rest;

/** JSON Schemas of everything named, referring to each other. */
const components = (): Json => {
  const { schemas } = z.toJSONSchema(registry, { uri, io: 'input', unrepresentable: 'any' });
  return Object.fromEntries(
    Object.entries(schemas).map(([name, schema]) => [name, withoutIds({ ...schema })]),
  );
};

const nameOf = (schema: z.ZodType): string | undefined => registry.get(schema)?.id;

const refer = (schema: z.ZodType): Json => {
  const name = nameOf(schema);
  if (name) return { $ref: uri(name) };
  const element = schema instanceof z.ZodArray ? (schema.element as z.ZodType) : undefined;
  if (element && nameOf(element)) return { type: 'array', items: refer(element) };
  return withoutIds({ ...z.toJSONSchema(schema, { io: 'input', unrepresentable: 'any' }) });
};

const content = (type: string, schema: z.ZodType): Json => ({ [type]: { schema: refer(schema) } });

/** A body that is a file. */
const BYTES: Json = { type: 'string', format: 'binary' };

const ERROR_WORDS: Readonly<Record<number, string>> = {
  400: 'Malformed request',
  404: 'No such thing',
  409: 'Changed meanwhile: load again and repeat',
  413: 'Body over the limit',
  415: 'Not of a type that can be taken',
  422: 'Not as it should be; see problems',
  500: 'Our fault',
};

const operationOf = (it: Endpoint): Json => {
  const parameters = [...it.path.matchAll(/\{(\w+)\}/g)].map(([, name]) => ({
    name,
    in: 'path',
    required: true,
    schema: { type: 'string' },
  }));
  const errors = [...(it.body ? [400, 413, 422] : []), ...it.errors, 500];
  return {
    summary: it.summary,
    operationId: `${it.method}${it.path.replace(/[^a-zA-Z]+(\w)/g, (_, letter: string) => letter.toUpperCase()).replace(/\W/g, '')}`,
    ...(parameters.length > 0 ? { parameters } : {}),
    ...(it.body
      ? { requestBody: { required: true, content: content('application/json', it.body) } }
      : {}),
    ...(it.content.body
      ? { requestBody: { required: true, content: { [it.content.body]: { schema: BYTES } } } }
      : {}),
    responses: {
      [it.status]: {
        description: 'Done',
        content: it.content.reply
          ? { [it.content.reply]: { schema: BYTES } }
          : content('application/json', it.reply),
      },
      ...Object.fromEntries(
        errors.map((status) => [
          status,
          {
            description: ERROR_WORDS[status] ?? 'Error',
            content: content('application/problem+json', problemDocument),
          },
        ]),
      ),
    },
  };
};

/** The description of the API by OpenAPI 3.1, made of its endpoints and schemas. */
export const openApi = (endpoints: readonly Endpoint[]): Json => {
  const paths: Record<string, Json> = {};
  for (const it of endpoints) {
    const path = `/api${it.path}`;
    paths[path] = { ...paths[path], [it.method]: operationOf(it) };
  }
  return {
    openapi: '3.1.0',
    info: {
      title: 'Obrik',
      version: '0.1.0',
      description:
        'Bench companion for refinishing furniture. Lengths in mm, areas in mm², times in minutes, dates in UTC.',
      license: { name: 'MIT', identifier: 'MIT' },
    },
    paths,
    components: { schemas: components() },
  };
};

/** The format of a piece file as a JSON Schema on its own. */
export const pieceFileSchema = (): Json => ({
  ...z.toJSONSchema(pieceFile, { io: 'input', unrepresentable: 'any' }),
});
