import { inspectPiece } from '/work/main/core/src/inspect';
import { newPiece, pieceDescription, surfacesOf, USUAL_SHOP, templateOf } from '/work/main/core/src/piece';
import { planRoute } from '/work/main/core/src/route';
const measures = Object.fromEntries(templateOf('wall').measures.map(it => [it.id, it.usual]));
const piece0 = newPiece('w', pieceDescription.parse({ name: 'W', templateId: 'wall', measures: { ...measures, bays: 9 }, yearFrom: 1930, yearTo: 1939 }));
const piece = { ...piece0, aims: surfacesOf(piece0).map(({ id }) => ({ surfaceId: id, scheme: { kind: 'painted' as const, shade: 'pale' as const, topcoat: 'waterborne' as const }, stripWish: 'best' as const })) };
const known = inspectPiece(piece, USUAL_SHOP);
for (let i = 0; i < 150; i++) planRoute(piece, USUAL_SHOP, undefined, known);
