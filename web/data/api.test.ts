// The ways in which a house does not take something, told apart.
import { getJson, Refusal, ServerAway } from './api.ts';

const real = globalThis.fetch;
afterEach(() => void (globalThis.fetch = real));
const answers = (status: number, text: string) => void (globalThis.fetch = () => Promise.resolve(new Response(text, { status })));

it.each([
  [503, '{"code":"cannotWrite","full":true}', 'full'],
  [503, '{"code":"cannotWrite"}', 'cannotWrite'],
  [503, '<html>', 'away'],
  [502, '', 'away'],
  [200, '{"seq":', 'away'],
] as const)('%d %s is a house that is %s', async (status, text, how) => {
  answers(status, text);
  const error: unknown = await getJson('/x').catch((body: unknown) => body);
  expect(error).toBeInstanceOf(ServerAway);
  expect((error as ServerAway).how).toBe(how);
});

it('nobody there is away; a no is a no', async () => {
  globalThis.fetch = () => Promise.reject(new TypeError('failed'));
  await expect(getJson('/x')).rejects.toMatchObject({ how: 'away' });
  answers(409, '{"code":"refused","refusals":[]}');
  await expect(getJson('/x')).rejects.toEqual(new Refusal(409, { code: 'refused', refusals: [] }));
});
