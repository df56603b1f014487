import { QUICK_STARTS, assemble } from '@obrik/core/piece';
import { fireEvent, render, screen } from '@testing-library/react';
import { useEffect } from 'react';
import { useForm, type UseFormReturn } from 'react-hook-form';
import { descriptionOf, emptyForm, pieceResolver, withBuild, type PieceForm } from '../pieceForm';
import { PieceBuilder } from './PieceBuilder';

let form: UseFormReturn<PieceForm>;
const hold = (it: UseFormReturn<PieceForm>) => {
  form = it;
};

const Builder = ({ start }: { readonly start: string }) => {
  const build = QUICK_STARTS.find((it) => it.id === start)?.build;
  if (!build) throw new Error(`No start ${start}`);
  const own = useForm<PieceForm>({
    defaultValues: { ...emptyForm('metric'), name: 'Piece', ...withBuild(build, 'metric') },
    resolver: pieceResolver('metric'),
  });
  useEffect(() => hold(own), [own]);
  return <PieceBuilder form={own} units="metric" head={null} foot={null} />;
};

/** The piece as it would be saved. */
const described = () => {
  const result = descriptionOf(form.getValues(), 'metric');
  if (!result.ok) throw new Error(result.problems.map((it) => it.message).join(' '));
  return result.value;
};
const surfaces = () => assemble(described().build).surfaces;
const tap = (name: string, role: 'button' | 'radio' = 'button') => {
  const target = screen
    .getAllByLabelText(name, { exact: true })
    .find((it) => it.getAttribute('role') === role || it.tagName.toLowerCase() === role);
  if (!target) throw new Error(`No ${role} ${name}`);
  fireEvent.click(target);
};
/** Steps through the parts until this one is shown. */
const stepTo = (heading: RegExp) => {
  for (let round = 0; round < 40; round++) {
    if (screen.queryAllByText(heading).some((it) => it.getAttribute('role') === 'heading')) return;
    tap('Next part');
  }
  throw new Error(`No part ${String(heading)}`);
};

it('a drawer becomes a glazed door with shelves; the line for the front says so', () => {
  render(<Builder start="sideboard" />);
  stepTo(/^Column 2, row 1$/);
  tap('Door', 'radio');
  tap('Glazed', 'radio');
  tap('Shelves behind it: one more');
  expect(screen.getByLabelText('Front, in one line')).toHaveValue(
    'door with 1 shelf | glazed door with 1 shelf, 2 drawers | door with 1 shelf',
  );
  expect(surfaces().find((it) => it.id === 'doors')?.count).toBe(3);
});

it('a front that is typed is drawn, and what is tapped afterwards stands', () => {
  render(<Builder start="chest" />);
  fireEvent.change(screen.getByLabelText('Front, in one line'), {
    target: { value: '2 drawers / drawer / drawer' },
  });
  tap('Use this front');
  expect(surfaces().find((it) => it.id === 'fronts')?.count).toBe(4);
  stepTo(/^Row 3, place 1$/);
  tap('Open', 'radio');
  expect(surfaces().find((it) => it.id === 'fronts')?.count).toBe(3);
  expect(screen.getByLabelText('Front, in one line')).toHaveValue('2 drawers / drawer / open');
});

it('one door is looked at by itself; two alike double the work', () => {
  render(<Builder start="cabinet" />);
  stepTo(/^Row 1, place 1$/);
  tap('By itself', 'radio');
  expect(surfaces().map((it) => it.name)).toEqual(expect.arrayContaining(['Doors', 'Doors B']));
  const before = surfaces().reduce((sum, it) => sum + it.areaMm2, 0);
  tap('alike, worked together: one more');
  expect(surfaces().reduce((sum, it) => sum + it.areaMm2, 0)).toBeCloseTo(2 * before);
});

it('legs become turned, a top is split and named, and all of it taken back', () => {
  render(<Builder start="sideboard" />);
  const square = surfaces().find((it) => it.id === 'legs')?.areaMm2 ?? NaN;
  stepTo(/^Legs ×4$/);
  tap('Turned', 'radio');
  expect(surfaces().find((it) => it.id === 'legs')?.areaMm2).toBeCloseTo(square * 1.1);
  stepTo(/^Top$/);
  tap('Split: left and right');
  expect(surfaces().map((it) => it.name)).toEqual(
    expect.arrayContaining(['Top, left', 'Top, right']),
  );
  fireEvent.change(screen.getByLabelText('Another name'), { target: { value: 'Walnut half' } });
  tap('Rename');
  expect(surfaces().map((it) => it.name)).toContain('Walnut half');
  tap('As it was built');
  expect(surfaces().map((it) => it.name)).toContain('Top');
  expect(described().build.splits).toEqual([]);
});

it('a side is merged with the other; a figure that can’t be read stays, and is told', async () => {
  render(<Builder start="chest" />);
  stepTo(/^Right side$/);
  tap('Merge with another');
  tap('Merge with Left side');
  expect(surfaces().map((it) => it.id)).not.toContain('right');
  fireEvent.change(screen.getByLabelText('Width'), { target: { value: 'wide' } });
  expect(await form.trigger()).toBe(false);
  expect(screen.getByLabelText('Width')).toHaveValue('wide');
  expect(await screen.findByText('Width is missing.')).toBeInTheDocument();
});

it('a hutch grows out of a chest: a case on top, with fields of its own', () => {
  render(<Builder start="chest" />);
  tap('Add a part');
  tap('Case, on top');
  expect(surfaces().map((it) => it.name)).toEqual(
    expect.arrayContaining(['Top', 'Upper top', 'Upper drawer fronts']),
  );
  expect(screen.getAllByLabelText('Width')).toHaveLength(2);
  tap('Remove Upper');
  expect(screen.getAllByLabelText('Width')).toHaveLength(1);
});
