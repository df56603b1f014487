import { inspectSurface } from '@obrik/core/inspect';
import { USUAL_SHOP, newPiece, pieceDescription, type Piece } from '@obrik/core/piece';
import { applyChange, type PieceChange } from '@obrik/core/ledger';
import { act, fireEvent, render, screen } from '@testing-library/react';
import { useState } from 'react';
import { Provider } from 'react-redux';
import { store } from '@/state/store';
import { LayersPanel } from './LayersPanel';

const BENCH = newPiece(
  'bench',
  pieceDescription.parse({
    name: 'Bench',
    templateId: 'bench',
    measures: { width: 1400, depth: 380, height: 450, apronHeight: 80, backrestHeight: 0 },
    yearFrom: 1931,
    yearTo: 1939,
  }),
);

/** The panel on a piece that takes its changes, as the screen does. */
const Panel = ({ onChange }: { readonly onChange: (it: PieceChange) => void }) => {
  const [piece, setPiece] = useState<Piece>(BENCH);
  return (
    <LayersPanel
      pieceId={BENCH.id}
      surfaceId="seat"
      layers={piece.layers}
      beliefs={inspectSurface(piece, { id: 'seat' }, USUAL_SHOP)}
      onChange={async (change) => {
        onChange(change);
        const after = applyChange(piece, change);
        if (after.ok) setPiece(after.value);
        return after.ok;
      }}
    />
  );
};

const open = () => {
  const made: PieceChange[] = [];
  render(
    <Provider store={store}>
      <Panel onChange={(it) => made.push(it)} />
    </Provider>,
  );
  fireEvent.click(screen.getByRole('button', { name: /^Layers below/ }));
  return made;
};

const add = async (colour: string, feel?: string) => {
  fireEvent.change(screen.getByLabelText(/^Colour of layer/), { target: { value: colour } });
  if (feel) fireEvent.click(screen.getByRole('radio', { name: feel }));
  // The form is checked by its schema before it is handed on.
  await act(async () => {
    fireEvent.click(screen.getByRole('button', { name: 'Add this layer' }));
    await Promise.resolve();
  });
};

describe('the layers at a notch', () => {
  it('are added from the top down, each with what it is likely to be', async () => {
    const made = open();
    await add('white', 'Rubbery');
    await add('green', 'Brittle');
    expect(screen.getByText(/^1\. white: acrylic or latex paint \(\d+ %\)$/)).toBeInTheDocument();
    expect(screen.getByText(/^2\. green: alkyd or enamel paint/)).toBeInTheDocument();
    expect(made.at(-1)).toMatchObject({
      kind: 'layers',
      layers: [
        { layer: 1, colour: 'white' },
        { layer: 2, colour: 'green' },
      ],
    });
    expect(screen.getByLabelText('Colour of layer 3')).toHaveValue('');
  });

  it('without a colour are refused beside the field, and nothing is sent', async () => {
    const made = open();
    await add('   ');
    expect(screen.getByText('Name its colour.')).toBeInTheDocument();
    expect(made).toEqual([]);
  });

  it('are taken back from below', async () => {
    const made = open();
    await add('white');
    await add('clear', 'Hard');
    fireEvent.click(screen.getByRole('button', { name: 'Remove the lowest' }));
    expect(made.at(-1)).toMatchObject({ layers: [{ colour: 'white' }] });
    expect(screen.queryByText(/^2\. clear/)).not.toBeInTheDocument();
  });
});
