import { fireEvent, render, screen } from '@testing-library/react';
import { DISCOVERIES, DISCOVERY_GROUPS } from '@obrik/core/catalog';
import { newPiece, pieceDescription } from '@obrik/core/piece';
import type { RemedyChoice } from '@obrik/core/run';
import { KindPicker, likelyAt } from './KindPicker';
import { RemedyCard } from './RemedyCard';

const PIECE = newPiece(
  'table',
  pieceDescription.parse({
    name: 'Table',
    templateId: 'table',
    measures: { width: 1000, depth: 600, height: 750, apronHeight: 90 },
  }),
);

const NOTHING = { added: [], again: [], dropped: [], changed: [], kept: 4, done: 9 } as const;
const option = (told: Partial<RemedyChoice>): RemedyChoice => ({
  remedy: 'sealAndRepaint',
  changes: [],
  piece: PIECE,
  difference: NOTHING,
  more: { minutes: 95, days: 1, money: 1250 },
  risks: [],
  refusals: [],
  isLastResort: false,
  ...told,
});

describe('a way to go on', () => {
  it('says what it takes, what it does not do, and how the route changes; one tap takes it', () => {
    const take = jest.fn();
    const line = (title: string, minutes: number) => ({ title, minutes, surfaceIds: ['top'] });
    const difference = {
      ...NOTHING,
      added: [line('Pigmented shellac blocker', 30)],
      again: [line('Enamel, coat 1', 40)],
      dropped: [line('Enamel, coat 3', 40)],
    };
    render(
      <RemedyCard
        currency={null}
        piece={PIECE}
        option={option({ difference })}
        usual
        onTake={take}
      />,
    );
    expect(screen.getByText('The usual way')).toBeTruthy();
    expect(screen.getByText('+1 h 35 · +1 day · +12.50')).toBeTruthy();
    expect(screen.getByText(/The coats that are on do not count/)).toBeTruthy();
    for (const [title, text] of [
      ['New', 'Pigmented shellac blocker · 30 min'],
      ['Once more', 'Enamel, coat 1 · 40 min'],
      ['No longer needed', 'Enamel, coat 3 · 40 min'],
    ] as const) {
      expect(screen.getByText(title)).toBeTruthy();
      expect(screen.getByText(text)).toBeTruthy();
    }
    expect(screen.queryByText('Done in another way')).toBeNull();
    expect(screen.getByText('4 more as before; what is done stays done (9).')).toBeTruthy();
    fireEvent.click(screen.getByRole('button', { name: /^Go this way: Seal it with shellac/ }));
    expect(take).toHaveBeenCalledTimes(1);
  });

  it('that is refused says why, and can’t be taken', () => {
    const refusal = {
      rule: 'lead',
      surfaceIds: ['top'],
      title: 'Not by yourself',
      because: 'Lead was found.',
      waysOut: ['A firm.'],
      observationIds: [],
      blocks: true,
    };
    render(
      <RemedyCard
        currency={null}
        piece={PIECE}
        option={option({ refusals: [refusal] })}
        usual={false}
        onTake={jest.fn()}
      />,
    );
    expect(screen.getByText('Not here')).toBeTruthy();
    expect(screen.getByText('Not by yourself. Lead was found.')).toBeTruthy();
    expect(screen.queryByRole('button')).toBeNull();
  });

  it('of last resort is told as that, and a risk with its chance', () => {
    render(
      <RemedyCard
        currency={null}
        piece={PIECE}
        option={option({
          remedy: 'leaveIt',
          isLastResort: true,
          more: { minutes: 0, days: 0, money: 0 },
          risks: [{ kind: 'bleed', surfaceId: 'top', chance: 0.25 }],
        })}
        usual={false}
        onTake={jest.fn()}
      />,
    );
    expect(screen.getByText('Only since no other way is left')).toBeTruthy();
    expect(screen.getByText('Nothing more to do.')).toBeTruthy();
    expect(screen.getByText(/stain comes through the colour \(25 %\)/)).toBeTruthy();
    // Folded until it is asked for.
    expect(screen.queryByText(/what is done stays done/)).toBeNull();
    fireEvent.click(screen.getByRole('button', { name: /^What changes with/ }));
    expect(screen.getByText(/what is done stays done/)).toBeTruthy();
  });
});

describe('what turned up', () => {
  it('offers first what the questions of the step look for', () => {
    const likely = likelyAt([
      { checks: [{ id: 'runsFreely', question: '' }] },
      {
        checks: [
          { id: 'edgeCrisp', question: '' },
          { id: 'runsFreely', question: '' },
        ],
      },
    ]);
    expect(likely).toEqual(['drawerSticks', 'tapePulled']);
    const choose = jest.fn();
    render(<KindPicker likely={likely} onChoose={choose} />);
    expect(screen.getByText('Likely at this step')).toBeTruthy();
    fireEvent.click(screen.getByRole('button', { name: 'A drawer sticks' }));
    expect(choose.mock.calls).toEqual([['drawerSticks']]);
  });

  it('everything is two taps away, each in one group, one group open at a time', () => {
    render(<KindPicker likely={[]} onChoose={jest.fn()} />);
    const seen: string[] = [];
    for (const group of Object.values(DISCOVERY_GROUPS)) {
      fireEvent.click(screen.getByRole('button', { name: group }));
      const open = screen
        .getAllByRole('button')
        .map((it) => it.textContent ?? '')
        .filter((it) => !(Object.values(DISCOVERY_GROUPS) as string[]).includes(it));
      expect(open.length).toBeGreaterThan(0);
      seen.push(...open);
    }
    expect(seen.sort()).toEqual(DISCOVERIES.rows.map((it) => it.label).sort());
  });
});
