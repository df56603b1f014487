import type { Branch } from '@obrik/core/case';
import type { Operation } from '@obrik/core/route';
import { fireEvent, render, screen } from '@testing-library/react';
import { changeInWords } from '@/features/shared/change';
import { GateBranches } from './GateBranches';
import { stepsInWords } from './steps';

const GATE: NonNullable<Operation['gate']> = {
  kind: 'lead',
  question: 'Is there lead in any layer?',
  testId: 'lead-swab',
  answers: [
    { id: 'leadFound', answer: 'Found in some layer', then: 'Dry sanding drops out.' },
    { id: 'leadNotFound', answer: 'Found in no layer', then: 'The held steps are open.' },
  ],
};
const TOP = [{ id: 'top', name: 'Top' }];
const BOTH = [...TOP, { id: 'legs', name: 'Legs' }];
const NOTHING: Branch = {
  answer: '',
  then: '',
  minutes: 0,
  days: 0,
  money: 0,
  adds: [],
  drops: [],
  refuses: [],
};

it.each([
  [[1, 2, 3], '1–3'],
  [[4, 1, 2, 6], '1–2, 4, 6'],
  [[7], '7'],
  [[], ''],
])('steps %j are said as “%s”', (numbers, words) => {
  expect(stepsInWords(numbers)).toBe(words);
});

it.each([
  [{ minutes: 95, days: 1, money: 450 }, '+1 h 35 · +1 day · +4.50'],
  [{ minutes: -20, days: -2, money: 0 }, '−20 min · −2 days'],
  [{ minutes: 0, days: 0, money: 0 }, ''],
])('a change of %j is said as “%s”', (change, words) => {
  expect(changeInWords(change, null)).toBe(words);
});

describe('a gate', () => {
  it('says what each answer means before anything is reckoned', () => {
    render(
      <GateBranches
        currency={null}
        gate={GATE}
        branches={undefined}
        places={TOP}
        onRecord={jest.fn()}
      />,
    );
    expect(screen.getByText('Is there lead in any layer?')).toBeTruthy();
    expect(screen.getByText('Found in no layer: The held steps are open.')).toBeTruthy();
    expect(screen.queryByText(/Comes in/)).toBeNull();
  });

  it('says what comes, what goes, what it costs and what would be refused', () => {
    const found: Branch = {
      ...NOTHING,
      minutes: 40,
      days: 1,
      adds: ['Set up for work with lead', 'Scuff wet'],
      drops: ['Scuff P150'],
      refuses: ['Don’t work on the top yourself'],
    };
    render(
      <GateBranches
        currency={null}
        gate={GATE}
        branches={[found, NOTHING]}
        places={TOP}
        onRecord={jest.fn()}
      />,
    );
    expect(screen.getByText('+40 min · +1 day')).toBeTruthy();
    expect(screen.getByText('Comes in: Set up for work with lead; Scuff wet.')).toBeTruthy();
    expect(screen.getByText('Drops out: Scuff P150.')).toBeTruthy();
    expect(screen.getByText('Refused then: Don’t work on the top yourself.')).toBeTruthy();
  });

  it('leads to where the answer is recorded, for each surface by itself', () => {
    const onRecord = jest.fn();
    render(
      <GateBranches
        currency={null}
        gate={GATE}
        branches={undefined}
        places={BOTH}
        onRecord={onRecord}
      />,
    );
    fireEvent.click(screen.getByRole('button', { name: 'Record the answer: Legs' }));
    expect(onRecord.mock.calls).toEqual([['legs']]);
  });

  it('takes one answer for all, where one sample speaks for them', () => {
    const onRecordForAll = jest.fn();
    render(
      <GateBranches
        currency={null}
        gate={GATE}
        branches={undefined}
        places={BOTH}
        onRecord={jest.fn()}
        onRecordForAll={onRecordForAll}
      />,
    );
    fireEvent.click(screen.getByRole('button', { name: 'Record one answer for all 2' }));
    expect(onRecordForAll).toHaveBeenCalledTimes(1);
    expect(screen.getByText(/does not look like the others/)).toBeTruthy();
  });

  it('counts what would be too long to name', () => {
    const adds = ['a', 'b', 'c', 'd', 'e', 'f', 'g'];
    render(
      <GateBranches
        currency={null}
        gate={GATE}
        branches={[{ ...NOTHING, adds }, NOTHING]}
        places={TOP}
        onRecord={jest.fn()}
      />,
    );
    expect(screen.getByText('Comes in: a; b; c; d; e; and 2 more.')).toBeTruthy();
  });
});
