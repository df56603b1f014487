export { checkGap, coverageM2PerLitre, filmUm, litresFor, type GapCheck } from './film';
export {
  coatsToCover,
  contrastRatio,
  differenceOf,
  luminanceOf,
  reflectanceOf,
  reflectanceOver,
  scatterPerCoat,
  type CoatsToCover,
} from './hiding';
export { colourName, colourOf, coatsOverFace, shadeOf, tintFor, type Tint } from './colour';
export { may, type Interface } from './interface';
export { bleedPast, choosePrimer, type PrimerChoice, type PrimerNeed } from './primer';
export { topcoatCoating, topcoatInstead, judgeTopcoat, type TopcoatVerdict } from './topcoat';
