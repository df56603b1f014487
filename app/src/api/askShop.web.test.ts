import { askShop } from './askShop';
import { failureOf } from './failure';

type Asked = Parameters<typeof askShop>;

/** Asks for the sum of photos of a server that answers so. */
const asked = async (body: unknown) => {
  jest.spyOn(globalThis, 'fetch').mockResolvedValue(
    new Response(JSON.stringify(body), {
      status: 200,
      headers: { 'content-type': 'application/json' },
    }),
  );
  const { signal } = new AbortController();
  const queryApi = { signal, type: 'query', endpoint: 'photoSum' } as Asked[1];
  return askShop({ url: 'http://shop.test/api/photos', reads: 'photoSum' }, queryApi, {});
};

afterEach(() => jest.restoreAllMocks());

describe('a reply of the server', () => {
  it('is read by its contract; what an older page does not know is left out', async () => {
    expect(await asked({ count: 3, bytes: 12, since: 'always' })).toEqual({
      data: { count: 3, bytes: 12 },
    });
  });

  it.each([{ count: '3', bytes: 12 }, { photos: [] }, null])(
    'in a form that is not known (%j) is no figure, and says to reload',
    async (body) => {
      const { data, error } = await asked(body);
      expect(data).toBeUndefined();
      expect(failureOf(error).text).toMatch(/Reload Obrik/);
    },
  );
});
