import { finding, surfacesOf, type Finding } from '../../piece';
import { USUAL_SHOP } from '../../piece';
import { pieceOf, type Told } from '../../testing/pieces';
import { DAMAGE_RULES, inspectSurface, judgeFinding } from '..';

const judge = (part: Partial<Finding> & Pick<Finding, 'damage'>, told: Told = {}) => {
  const it = pieceOf(told);
  const surfaceId = part.surfaceId ?? 'top';
  const surface = surfacesOf(it).find((one) => one.id === surfaceId);
  if (!surface) throw new Error(`No surface ${surfaceId}`);
  const full = finding.parse({ id: 'f', surfaceId, at: '2026-01-01T00:00:00Z', ...part });
  return judgeFinding(full, surface, inspectSurface(it, surface, USUAL_SHOP));
};

const rules = (...args: Parameters<typeof judge>) => judge(...args).ruledOut.map((it) => it.rule);

describe('what damage rules out (common practice, no source)', () => {
  it('missing veneer on a face in full view: a stain would show the patch', () => {
    const { text, ruledOut } = judge({ damage: 'missingVeneer', lengthMm: 40, widthMm: 25 });
    expect(text).toBe(
      'Missing veneer 40 × 25 mm on a face in full view: stain would show the patch.',
    );
    expect(ruledOut[0]?.schemes).toEqual(['clear', 'stained', 'washed']);
  });

  it('a chip that is overlooked at arm’s length, or on the back, rules nothing out', () => {
    expect(rules({ damage: 'missingVeneer', lengthMm: 5, widthMm: 5 })).toEqual([]);
    expect(
      rules({ damage: 'missingVeneer', surfaceId: 'back', lengthMm: 40, widthMm: 25 }),
    ).toEqual([]);
  });

  it('a dark stain in veneer is not sanded out; in solid wood it is', () => {
    const veneer = { known: { top: { substrate: 'veneerCore' } } };
    const solid = { known: { top: { substrate: 'hardwood' } } };
    expect(rules({ damage: 'darkRing' }, veneer)).toContain('stain-in-thin-wood');
    expect(rules({ damage: 'darkRing' }, solid)).toEqual([]);
  });

  it('peeling can’t be left, swollen board can only be painted, insects stop everything', () => {
    expect(judge({ damage: 'peeling' }).ruledOut[0]?.schemes).toEqual(['leave']);
    expect(judge({ damage: 'swollenBoard' }).ruledOut[0]?.schemes).not.toContain('painted');
    expect(judge({ damage: 'insects' }).ruledOut[0]?.schemes).toHaveLength(4);
  });

  it('is graver the more of a face it takes, and the more the face is looked at', () => {
    expect(judge({ damage: 'gouge', surfaceId: 'back' }).severity).toBe('slight');
    expect(judge({ damage: 'gouge' }).severity).toBe('serious');
    const large = { damage: 'gouge', lengthMm: 300, widthMm: 200 } as const;
    expect(judge(large).severity).toBe('grave');
  });
});

it('every rule has an id of its own and a because', () => {
  expect(new Set(DAMAGE_RULES.map((it) => it.id)).size).toBe(DAMAGE_RULES.length);
  for (const it of DAMAGE_RULES) expect(it.because).not.toBe('');
});
