import { inspectPiece } from '/work/main/core/src/inspect';
import { newPiece, pieceDescription, surfacesOf, USUAL_SHOP, templateOf } from '/work/main/core/src/piece';
import { planRoute, stateAsFound, alternativesFor, routeOf, wholeFor } from '/work/main/core/src/route';
import { advance } from '/work/main/core/src/work';
const measures = Object.fromEntries(templateOf('wall').measures.map(it => [it.id, it.usual]));
for (const bays of [2, 5, 9]) {
  const piece0 = newPiece('w', pieceDescription.parse({ name: 'W', templateId: 'wall', measures: { ...measures, bays }, yearFrom: 1930, yearTo: 1939 }));
  const piece = { ...piece0, aims: surfacesOf(piece0).map(({ id }) => ({ surfaceId: id, scheme: { kind: 'painted' as const, shade: 'pale' as const, topcoat: 'waterborne' as const }, stripWish: 'best' as const })) };
  const med = (f: () => unknown) => { const t: number[] = []; for (let i = 0; i < 15; i++) { const a = performance.now(); f(); t.push(performance.now() - a); } return t.sort((a, b) => a - b)[7]!.toFixed(1); };
  const known = inspectPiece(piece, USUAL_SHOP);
  const route = planRoute(piece, USUAL_SHOP);
  const half = route.tasks.slice(0, route.tasks.length >> 1).reduce(advance, stateAsFound(piece, USUAL_SHOP));
  console.log(surfacesOf(piece).length, 'tasks', route.tasks.length, 'edges', route.graph.edges.length, 'inspect', med(() => inspectPiece(piece, USUAL_SHOP)), 'whole', med(() => wholeFor(piece, USUAL_SHOP, { known })), 'plan', med(() => planRoute(piece, USUAL_SHOP)), 'plan known', med(() => planRoute(piece, USUAL_SHOP, undefined, known)), 'half', med(() => planRoute(piece, USUAL_SHOP, half)), 'alts', med(() => alternativesFor(piece, USUAL_SHOP)), 'json', JSON.stringify(route).length);
}
