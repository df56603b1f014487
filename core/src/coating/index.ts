export { BLEED_WORTH_BLOCKING, PRIMER_RULES, choosePrimer, type PrimerNeed } from './primer';
export { judgeTopcoat, type TopcoatVerdict } from './topcoat';
