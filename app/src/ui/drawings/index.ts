export { around } from './around';
export { BuildDrawing } from './BuildDrawing';
export { CoreSample } from './CoreSample';
export { DamageSketch } from './DamageSketch';
export { FacePlace } from './FacePlace';
export { GritRungs } from './GritRungs';
export { OutcomeSketch } from './OutcomeSketch';
export { RuleTap } from './RuleTap';
export { UnfoldedPiece, type SurfaceMark } from './UnfoldedPiece';
