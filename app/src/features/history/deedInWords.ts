import {
  CHECKS,
  DAMAGES,
  DISCOVERIES,
  MATERIALS,
  REMEDIES,
  SCHOOLS,
  TIMERS,
  labelOf,
  type School,
} from '@obrik/core/catalog';
import type { LogLine } from '@obrik/core/piece';
import type { Deed } from '@obrik/core/ledger';
import type { UnitSystem } from '@obrik/core/units';
import { BENCH_WORDS, aimInWords } from '@obrik/core/words';
import { fittingsInWords } from '@/features/hardware/words';
import { recordedInWords } from '@obrik/core/inspect';

/** What a deed's words need to know of its piece. */
export interface DeedContext {
  readonly units: UnitSystem;
  readonly surfaceName: (surfaceId: string) => string;
}

const DESCRIBED: Readonly<Record<string, string>> = {
  name: 'name',
  build: 'make-up',
  staysInPlace: 'where it stands',
  wetRoom: 'wet room',
  yearFrom: 'years',
  yearTo: 'years',
  childsRoom: 'child’s room',
  origin: 'where it came from',
  keep: 'what is to be kept',
  due: 'when it is promised',
};

const SETTINGS: Readonly<Record<string, string>> = {
  units: 'units',
  leadCutoffYear: 'lead year',
  airCelsius: 'temperature',
  airHumidity: 'humidity',
  airReadAt: 'when the air was read',
  schools: 'ways of working',
  tools: 'tools',
  timeZone: 'time zone',
  people: 'people and hours',
  spaces: 'spaces',
  air: 'where the air comes from',
  quietFrom: 'quiet hours',
  appointments: 'appointments',
  money: 'money',
  touchUps: 'touching up',
  prices: 'prices',
};

const MONEY_OF_PIECE: Readonly<Record<string, string>> = {
  paid: 'what was paid',
  asItStands: 'worth as it stands',
  price: 'price hoped for',
  sold: 'the sale',
  extras: 'other costs',
};

/** Two figures that count. */
const figure = (it: number): string => String(Number(it.toPrecision(2)));

const namesOf = (it: object, words: Readonly<Record<string, string>>): string =>
  [...new Set(Object.keys(it).map((key) => words[key] ?? key))].join(', ');

const places = (count: number): string => (count === 1 ? '' : `${count} × `);

/** One line of what was written down at the bench. */
const lineInWords = (it: LogLine, surfaceName: DeedContext['surfaceName']): string => {
  const where = it.surfaceIds.map(surfaceName).join(', ');
  const at = where ? `${where}: ` : '';
  switch (it.of) {
    case 'check': {
      const row = CHECKS.get(it.check);
      const answer = row.answers.find((one) => one.id === it.answer)?.label ?? it.answer;
      return `${at}${row.question} ${answer}${it.setback ? ' (it comes again)' : ''}`;
    }
    case 'discovery': {
      const decided = it.remedy ? REMEDIES.get(it.remedy).label : 'put off';
      return `${at}${DISCOVERIES.get(it.kind).label}. Decided: ${decided}`;
    }
    case 'note':
      return `${at}${it.text}`;
    case 'used': {
      const { label, unit } = MATERIALS.get(it.material);
      return `Used: ${label} ${it.quantity} ${unit}${it.lot ? `, lot ${it.lot}` : ''}`;
    }
    case 'timer':
      return `${TIMERS.get(it.timer).label}: timer ${it.endedAt === null ? 'set' : 'stopped'}`;
    case 'early':
      return `${at}${BENCH_WORDS.book.early(it.open, it.reason)}`;
    case 'time':
      return it.minutes === null
        ? 'A time left out of the pace'
        : `A time corrected to ${Math.round(it.minutes)} min`;
  }
};

/** One entry of the record as a line to read. */
export const deedInWords = (it: Deed, { units, surfaceName }: DeedContext): string => {
  switch (it.kind) {
    case 'takenIn':
      return `Added: ${it.description.name}`;
    case 'describe':
      return it.description.name && Object.keys(it.description).length === 1
        ? `Name: ${it.description.name}`
        : `Description changed: ${namesOf(it.description, DESCRIBED)}`;
    case 'observe':
      return `${surfaceName(it.observation.surfaceId)}: ${recordedInWords(it.observation, units)}`;
    case 'withdraw':
      return 'An observation taken back';
    case 'confirm': {
      const { surfaceId, variable, value } = it.confirmation;
      return `${surfaceName(surfaceId)}, said to be: ${labelOf(variable, value)}`;
    }
    case 'unconfirm':
      return `${surfaceName(it.surfaceId)}: what was said of it taken back`;
    case 'find': {
      const { surfaceId, damage, count, note } = it.finding;
      const text = `${surfaceName(surfaceId)}: ${places(count)}${DAMAGES.get(damage).label}`;
      return note ? `${text}, ${note}` : text;
    }
    case 'unfind':
      return 'A damage removed';
    case 'picture':
      return `${surfaceName(it.picture.surfaceId)}: picture taken`;
    case 'unpicture':
      return 'A picture removed';
    case 'layers':
      return it.layers.length === 0
        ? `${surfaceName(it.surfaceId)}: no layers recorded any more`
        : `${surfaceName(it.surfaceId)}, layers: ${it.layers.map((one) => one.colour).join(', ')}`;
    case 'fit':
      return `Fittings: ${fittingsInWords(it.hardware)}`;
    case 'unfit':
      return 'Fittings taken off the list';
    case 'aim': {
      const names = it.surfaceIds.map(surfaceName).join(', ');
      const [first] = it.aims;
      return first ? `${names}: ${aimInWords(first)}` : `${names}: no aim any more`;
    }
    case 'did': {
      const titles = [...new Set(it.done.map((one) => one.title || one.taskKey))].join(', ');
      const names = [...new Set(it.done.flatMap((one) => one.surfaceIds))].map(surfaceName);
      const ended = it.done.every((one) => one.endedAt !== null);
      return `${ended ? 'Done' : 'Begun'}: ${titles} (${names.join(', ')})`;
    }
    case 'log':
      return it.lines.map((one) => lineInWords(one, surfaceName)).join('; ');
    case 'putOff': {
      const until = it.putOff[0]?.until;
      return until === undefined
        ? 'Nothing is put off any more'
        : `Put off until ${until.slice(0, 16).replace('T', ' ')}${it.putOff[0]?.why === 'material' ? ': material missing' : ''}`;
    }
    case 'work': {
      const schools = Object.keys(it.schools).map((one) => SCHOOLS.get(one as School).label);
      return schools.length === 0
        ? 'Worked as the shop usually works'
        : `Worked otherwise than the shop: ${schools.join(', ')}`;
    }
    case 'account':
      return `Money of the piece: ${namesOf(it.account, MONEY_OF_PIECE)}`;
    case 'need': {
      const { label, unit } = MATERIALS.get(it.material);
      return it.own
        ? `${label}: ${figure(it.own.said)} ${unit} instead of the ${figure(it.own.reckoned)} reckoned`
        : `${label}: as reckoned again`;
    }
    case 'recipe':
      return `Mix kept: ${it.recipe.name}`;
    case 'unrecipe':
      return 'A mix removed';
    case 'stocked':
      return `Stock: ${it.containers.map((one) => MATERIALS.get(one.material).label).join(', ')}`;
    case 'priced':
      return `Prices set: ${it.prices.map((one) => MATERIALS.get(one.material).label).join(', ')}`;
    case 'end':
      return it.ending === null
        ? 'Worked on again'
        : it.ending.kind === 'forSale'
          ? 'For sale'
          : `Handed over${it.ending.to ? ` to ${it.ending.to}` : ''}`;
    case 'archive':
      return 'Archived';
    case 'restore':
      return 'Brought back';
    case 'shopSet':
      return `Settings of the shop: ${namesOf(it.settings, SETTINGS)}`;
    case 'erased':
      return 'Deleted for good';
    case 'takenBack':
      return it.entryIds.length === 1
        ? 'An entry taken back'
        : `${it.entryIds.length} entries taken back`;
  }
};
