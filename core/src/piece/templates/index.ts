import { z } from 'zod';
import { bookcase } from './bookcase';
import { cabinet, wardrobe } from './cabinet';
import { chest } from './chest';
import { crib } from './crib';
import type { Template } from './shape';
import { bench, stool, table } from './table';
import { wall } from './wall';

const ALL = [chest, cabinet, table, bench, wardrobe, bookcase, wall, stool, crib] as const;

/** The kinds of furniture that Obrik knows, in the order they are offered. */
export const TEMPLATES: readonly Template<TemplateId>[] = ALL;

export const templateId = z.enum([
  'chest',
  'cabinet',
  'table',
  'bench',
  'wardrobe',
  'bookcase',
  'wall',
  'stool',
  'crib',
]);
export type TemplateId = z.infer<typeof templateId>;

const BY_ID = new Map<string, Template<TemplateId>>(ALL.map((it) => [it.id, it]));

/** The template of this id. @throws Error where there is none: ids are validated at the border */
export const templateOf = (id: TemplateId): Template<TemplateId> => {
  const found = BY_ID.get(id);
  if (!found) throw new Error(`No template "${id}".`);
  return found;
};

export {
  areaOf,
  type Face,
  type LooseParts,
  type Measure,
  type Measures,
  type Panel,
  type Template,
  type TemplateSurface,
} from './shape';
