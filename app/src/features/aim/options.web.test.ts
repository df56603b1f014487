import { aim, scheme } from '@obrik/core/piece';
import {
  FIRST_CHOICE,
  SCHEME_KINDS,
  SHADES,
  STRIP_WISHES,
  TOPCOAT_OPTIONS,
  choiceOf,
  picked,
  schemeOf,
} from './options';

it('every choice on the screen is a scheme that core knows', () => {
  for (const { value: kind } of SCHEME_KINDS) {
    for (const { value: shade } of SHADES) {
      for (const { value: topcoat } of TOPCOAT_OPTIONS) {
        const made = schemeOf({ ...FIRST_CHOICE, kind, shade, topcoat });
        expect(scheme.parse(made)).toEqual(made);
      }
    }
  }
});

it('an aim opened again shows what was chosen', () => {
  for (const { value: stripWish } of STRIP_WISHES) {
    const before = aim.parse({
      surfaceId: 'top',
      scheme: {
        kind: 'stained',
        shade: 'dark',
        stain: 'gel',
        toned: true,
        bleached: true,
        topcoat: 'oil',
        sheen: 'G6',
        wear: 'high',
      },
      stripWish,
      applicator: 'gun',
    });
    const choice = choiceOf(before);
    const { stripWish: wish, applicator } = choice;
    expect({ ...before, scheme: schemeOf(choice), stripWish: wish, applicator }).toEqual(before);
  }
});

it('a colour that is picked brings its shade along', () => {
  expect(picked('#f4f1e8')).toEqual({ colour: '#f4f1e8', shade: 'white' });
  expect(picked('#22303d').shade).toBe('dark');
  expect(schemeOf({ ...FIRST_CHOICE, ...picked('#c79a2e') })).toMatchObject({
    colour: '#c79a2e',
    shade: 'mid',
  });
});

it('a white stain, which there is none of, becomes a pale one', () => {
  expect(schemeOf({ ...FIRST_CHOICE, kind: 'stained', shade: 'white' })).toMatchObject({
    shade: 'pale',
  });
});
