import { THIN_FACE, inspectionTest, type InspectionTest } from '@obrik/core/catalog';
import type { SurfaceBeliefs } from '@obrik/core/inspect';
import type { PieceChange } from '@obrik/core/ledger';
import { surfacesOf, type Piece, type Surface } from '@obrik/core/piece';
import { showThickness } from '@obrik/core/units';
import { View } from 'react-native';
import { useShop } from '@/api/usePiece';
import { SURFACE_QUESTIONS } from '@/features/shared/marks';
import { Body, Figure, Label } from '@/ui/controls';
import { AlsoOn } from './AlsoOn';
import { LayersPanel } from './LayersPanel';
import { LeadPanel } from './LeadPanel';
import { Pictures } from './Pictures';
import { Question } from './Question';
import { Readings } from './Readings';

interface SurfaceFactsProps {
  readonly piece: Piece;
  readonly surface: Surface;
  readonly beliefs: SurfaceBeliefs;
  /** Surfaces that a sample of this one speaks for. */
  readonly paintedAlike: readonly string[];
  readonly onPaintedAlike: (surfaceIds: readonly string[]) => void;
  readonly onChange: (it: PieceChange, done: string) => Promise<boolean>;
  readonly renderTest: (test: InspectionTest) => React.ReactNode;
}

/** What is known of a surface, question by question, with the tests that would tell more. */
export const SurfaceFacts = ({
  piece,
  surface,
  beliefs,
  paintedAlike,
  onPaintedAlike,
  onChange,
  renderTest,
}: SurfaceFactsProps) => {
  const { units } = useShop();
  const measure = inspectionTest('veneer-thickness');
  return (
    <>
      <Label heading>What we know</Label>
      {SURFACE_QUESTIONS.map((it) => (
        <Question
          key={`${surface.id}-${it.variable}`}
          piece={piece}
          beliefs={beliefs}
          variable={it.variable}
          title={it.title}
          onChange={onChange}
          renderTest={renderTest}
        />
      ))}
      <LeadPanel key={`${surface.id}-lead`} status={beliefs.leadStatus} renderTest={renderTest}>
        <AlsoOn
          of="samples"
          surfaces={surfacesOf(piece).filter((it) => it.id !== surface.id)}
          chosen={paintedAlike}
          onChoose={onPaintedAlike}
        />
      </LeadPanel>
      <LayersPanel
        key={`${surface.id}-layers`}
        pieceId={piece.id}
        surfaceId={surface.id}
        layers={piece.layers.filter((it) => it.surfaceId === surface.id)}
        beliefs={beliefs}
        onChange={onChange}
      />
      <Readings
        key={`${surface.id}-readings`}
        beliefs={beliefs}
        observations={piece.observations.filter((it) => it.surfaceId === surface.id)}
        renderTest={renderTest}
      />
      {THIN_FACE.includes(beliefs.substrate.likeliest) && measure ? (
        <View style={{ gap: 8 }}>
          <View style={{ flexDirection: 'row', justifyContent: 'space-between' }}>
            <Body>
              {beliefs.veneer.measured ? 'Veneer, measured' : 'Veneer, guessed from its age'}
            </Body>
            <Figure>{showThickness(beliefs.veneer.usualMm * 1000, units)}</Figure>
          </View>
          {renderTest(measure)}
        </View>
      ) : null}
      <Pictures
        key={`${surface.id}-pictures`}
        piece={piece}
        surface={surface}
        onChange={onChange}
      />
    </>
  );
};
