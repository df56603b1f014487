import { QUICK_STARTS, assemble, surfacesOf } from '@obrik/core/piece';
import { planLadder, sandingTask } from '@obrik/core/sanding';
import fc from 'fast-check';
import { fireEvent, render, screen } from '@testing-library/react';
import type { FaceLayer } from '@obrik/core/work';
import { builds } from '../../../../core/src/testing/arbitraries';
import { overlap, within } from './around';
import { CoreSample } from './CoreSample';
import { GritRungs } from './GritRungs';
import { layOut } from './layout';
import type { SurfaceMark } from './FaceWords';
import { UnfoldedPiece } from './UnfoldedPiece';

const startOf = (id: string) => {
  const start = QUICK_STARTS.find((it) => it.id === id);
  if (!start) throw new Error(`No start ${id}`);
  return start;
};

describe('the unfolded piece', () => {
  it.each(QUICK_STARTS.map((it) => [it.name, it] as const))(
    '%s: every surface can be tapped and is named',
    (_, { build }) => {
      const surfaces = surfacesOf({ build });
      const mark: SurfaceMark = { state: 'open', material: null, findings: [], words: 'open' };
      const tapped: string[] = [];
      render(
        <UnfoldedPiece
          piece={{ build }}
          marks={new Map(surfaces.map((it) => [it.id, mark]))}
          selected={new Set(['top'])}
          onSelect={(id) => tapped.push(id)}
        />,
      );
      for (const surface of surfaces) {
        // By label, not by role: asking for roles takes minutes over two dozen pieces.
        const [target] = screen.getAllByLabelText(`${surface.name}: open`);
        expect(target).toHaveAttribute('role', 'button');
        if (target) fireEvent.click(target);
      }
      expect(tapped).toEqual(surfaces.map((it) => it.id));
    },
  );

  it('says which surface is chosen', () => {
    render(
      <UnfoldedPiece
        piece={startOf('chest')}
        marks={new Map()}
        selected={new Set(['top'])}
        onSelect={() => undefined}
      />,
    );
    expect(screen.getByRole('button', { name: /^Top:/ })).toHaveAttribute('aria-pressed', 'true');
    expect(screen.getByRole('button', { name: /^Left side:/ })).toHaveAttribute(
      'aria-pressed',
      'false',
    );
  });

  it('of anything that can be built has each surface once, under a thumb, none below another', () => {
    fc.assert(
      fc.property(builds, fc.constantFrom(326, 366, 560), (build, width) => {
        const { surfaces, faces } = assemble(build);
        const target = 44;
        const layout = layOut(surfaces, faces, { width, maxHeight: 300, target });
        const { direct, labelled, tiled } = layout;
        const reached = [...direct, ...labelled].map((it) => it.surfaceId).concat(tiled);
        expect([...reached].sort()).toEqual(surfaces.map((it) => it.id).sort());
        const boxes = [...direct.flatMap((it) => it.hits), ...labelled.map((it) => it.label)];
        const paper = { x: 0, y: 0, width, height: layout.height };
        const wrong = boxes.filter(
          (a, index) =>
            Math.min(a.width, a.height) < target ||
            !within(a, paper) ||
            boxes.slice(index + 1).some((b) => overlap(a, b)),
        );
        expect(wrong).toEqual([]);
      }),
      { numRuns: 300 },
    );
  });
});

describe('the grit ladder', () => {
  const draw = (veneerUm: number | null, units: 'metric' | 'us') => {
    const task = sandingTask.parse({ defectUm: 60, targetGrit: 180, coarsestGrit: 80, veneerUm });
    const ladder = planLadder(task);
    if (ladder.kind === 'refused') throw new Error(ladder.because);
    render(<GritRungs ladder={ladder} keepUm={250} units={units} />);
    return screen.getByRole('img').getAttribute('aria-label');
  };

  it('on veneer tells thickness and what each paper takes', () => {
    expect(draw(600, 'metric')).toBe(
      'From 0.60 mm: P120 takes 29 µm, P150 takes 10 µm, P180 takes 8 µm.',
    );
    expect(screen.getByText('keep 0.25 mm')).toBeInTheDocument();
  });

  it('on solid wood has no limit to keep', () => {
    expect(draw(null, 'us')).toBe('From solid wood: P120 takes 1.2 mil, P180 takes 0.7 mil.');
    expect(screen.queryByText(/^keep/)).not.toBeInTheDocument();
  });
});

describe('the core sample', () => {
  const layer = (part: Partial<FaceLayer> & Pick<FaceLayer, 'layer'>): FaceLayer => ({
    um: 36,
    meets: null,
    holds: true,
    coat: null,
    taskKey: null,
    ...part,
  });
  const oak = layer({ layer: { of: 'substrate', id: 'hardwood' } });
  const lacquer = layer({ layer: { of: 'old', id: 'lacquer' }, um: 40 });
  const primer = layer({
    layer: { of: 'coat', id: 'acrylic' },
    meets: { may: 'scuff', because: 'A closed film gives no hold until it is dulled.' },
  });
  const stain = layer({ layer: { of: 'coat', id: 'oilStain' }, um: 0 });

  it('tells its layers from the bottom up, how each holds, and what is to come', () => {
    render(<CoreSample layers={[oak, lacquer]} toCome={[primer]} colour={undefined} />);
    expect(screen.getByRole('img')).toHaveAccessibleName(
      'From the bottom: solid hardwood; old lacquer, 40 µm; waterborne acrylic primer, 36 µm, dulled first, to come.',
    );
  });

  it('says of what goes into the wood that it has no thickness', () => {
    render(<CoreSample layers={[oak, stain]} toCome={[]} colour={undefined} />);
    expect(screen.getByRole('img')).toHaveAccessibleName(/oil-based stain, in the wood/);
  });
});
