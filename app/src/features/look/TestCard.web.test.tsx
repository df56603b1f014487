import { inspectionTest } from '@obrik/core/catalog';
import { observation, type Observation } from '@obrik/core/piece';
import { fireEvent, render, screen } from '@testing-library/react';
import { Provider } from 'react-redux';
import { store } from '@/state/store';
import { TestCard } from './TestCard';

const show = (testId: string, units: 'metric' | 'us' = 'metric', suspect = false) => {
  const test = inspectionTest(testId);
  if (!test) throw new Error(`No test ${testId}`);
  const recorded: Observation[] = [];
  render(
    <Provider store={store}>
      <TestCard
        test={test}
        pieceId="chest"
        surfaceId="top"
        surfaceName="Top"
        units={units}
        suspect={suspect}
        onRecord={async (it) => {
          recorded.push(it);
          return true;
        }}
      />
    </Provider>,
  );
  fireEvent.click(screen.getByRole('button', { name: new RegExp(`^${test.title}`) }));
  return recorded;
};

const type = (label: string, text: string) => {
  fireEvent.change(screen.getByLabelText(label), { target: { value: text } });
  fireEvent.click(screen.getByRole('button', { name: 'Record it' }));
};

describe('a test card', () => {
  it('records an outcome with one tap, as core wants it', () => {
    const recorded = show('chip');
    fireEvent.click(screen.getByRole('button', { name: 'Thin wood, then a core' }));
    expect(recorded).toHaveLength(1);
    expect(observation.safeParse(recorded[0]).success).toBe(true);
    expect(recorded[0]).toMatchObject({ surfaceId: 'top', outcome: 'thin-wood', layer: null });
  });

  it('tells what to wear before the outcomes of a solvent', () => {
    show('lacquer-thinner', 'us');
    const caution = screen.getByText(/Organic-vapour cartridges/);
    const outcome = screen.getByRole('button', { name: 'Softens and flows again' });
    expect(caution.compareDocumentPosition(outcome)).toBe(Node.DOCUMENT_POSITION_FOLLOWING);
  });

  it('warns of scraping where the paint may hold lead, and only there', () => {
    show('bleed-patch', 'metric', true);
    expect(screen.getByText(/^Not now: this paint may hold lead/)).toBeInTheDocument();
  });

  it('does not warn of a test that scrapes nothing', () => {
    show('see-through', 'metric', true);
    expect(screen.queryByText(/^Not now/)).not.toBeInTheDocument();
  });

  it('records a lead result for the layer that is chosen', () => {
    const recorded = show('lead-swab');
    fireEvent.click(screen.getByRole('radio', { name: '3' }));
    fireEvent.click(screen.getByRole('button', { name: 'Lead found' }));
    expect(recorded[0]).toMatchObject({ testId: 'lead-swab', outcome: 'found', layer: 3 });
  });

  it('reads a veneer in inches as millimetres', () => {
    const recorded = show('veneer-thickness', 'us');
    type('Reading in in', '1/32');
    expect(recorded[0]?.value).toBeCloseTo(0.79375, 3);
  });

  it.each([
    ['veneer-thickness', 'Reading in mm', '60', /Plausible is 0\.1 to 6 mm/],
    ['veneer-thickness', 'Reading in mm', 'thin', /A number of mm/],
    ['layer-count', 'Reading in layers', '2.5', /counted whole/],
  ])('%s: “%s %s” is refused beside the field, and stays typed', (testId, label, text, words) => {
    const recorded = show(testId);
    type(label, text);
    expect(recorded).toEqual([]);
    expect(screen.getByText(words)).toBeInTheDocument();
    expect(screen.getByLabelText(label)).toHaveValue(text);
  });
});
