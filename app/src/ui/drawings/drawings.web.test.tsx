import { TEMPLATES, surfacesOf } from '@obrik/core/piece';
import { planLadder, sandingTask } from '@obrik/core/sanding';
import { fireEvent, render, screen } from '@testing-library/react';
import type { FaceLayer } from '@obrik/core/work';
import { CoreSample } from './CoreSample';
import { GritRungs } from './GritRungs';
import { UnfoldedPiece, type SurfaceMark } from './UnfoldedPiece';

const usual = (template: (typeof TEMPLATES)[number]) =>
  Object.fromEntries(template.measures.map((it) => [it.id, it.usual]));

describe('the unfolded piece', () => {
  it.each(TEMPLATES.map((it) => [it.name, it] as const))(
    '%s: every surface can be tapped and is named',
    (_, template) => {
      const piece = { templateId: template.id, measures: usual(template) };
      const surfaces = surfacesOf(piece);
      const mark: SurfaceMark = { state: 'open', material: null, findings: [], words: 'open' };
      const tapped: string[] = [];
      render(
        <UnfoldedPiece
          piece={piece}
          marks={new Map(surfaces.map((it) => [it.id, mark]))}
          selected={new Set(['top'])}
          onSelect={(id) => tapped.push(id)}
        />,
      );
      for (const surface of surfaces) {
        const [target] = screen.getAllByRole('button', { name: `${surface.name}: open` });
        if (target) fireEvent.click(target);
      }
      expect(tapped).toEqual(surfaces.map((it) => it.id));
    },
  );

  it('says which surface is chosen', () => {
    const [chest] = TEMPLATES;
    if (!chest) throw new Error('no template');
    render(
      <UnfoldedPiece
        piece={{ templateId: chest.id, measures: usual(chest) }}
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
