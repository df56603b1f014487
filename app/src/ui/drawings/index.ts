export { around } from './around';
export { BuildDrawing } from './BuildDrawing';
export { CoreSample } from './CoreSample';
export { FacePlace } from './FacePlace';
export { GritRungs } from './GritRungs';
export { OutcomeSketch } from './OutcomeSketch';
export { UnfoldedPiece, type SurfaceMark } from './UnfoldedPiece';
