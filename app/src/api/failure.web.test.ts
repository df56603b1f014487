import { failureOf } from './failure';

describe('a request that failed', () => {
  it('without a connection says that nothing is lost', () => {
    for (const status of ['FETCH_ERROR', 'TIMEOUT_ERROR']) {
      expect(failureOf({ status }).text).toMatch(/No connection.*Nothing is lost/);
    }
  });

  it('on an old revision says to repeat the change', () => {
    expect(failureOf({ status: 409, data: {} }).text).toMatch(/changed elsewhere.*repeat/);
  });

  it('by something wrong tells the first thing, and hands on all of them', () => {
    const problems = [{ path: 'description.name', message: 'Give it a name.' }];
    expect(failureOf({ status: 422, data: { detail: 'One thing', problems } })).toEqual({
      text: 'Give it a name.',
      problems,
    });
  });

  it.each([undefined, 'boom', { status: 500, data: '<html>' }])(
    'in any other way (%j) still says what to do',
    (error) => {
      expect(failureOf(error).text).toMatch(/Try again/);
    },
  );
});
