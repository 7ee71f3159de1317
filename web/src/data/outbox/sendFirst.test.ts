import { FakeServer, openPage, trouble } from '../../testing/tryWriter';
import { unsentPictures } from '../pictures/unsentPictures';

const hash = 'ab'.repeat(32);
const photograph = {
  id: 'helm-after',
  of: { kind: 'recipe' as const, recipeId: 'helm' },
  shows: 'after' as const,
  addedAt: '2026-11-26T12:00:00.000Z',
  picture: { hash, type: 'image/jpeg', width: 800, height: 600 },
};
const bytes = new Blob(['picture'], { type: 'image/jpeg' });

let server: FakeServer;
beforeEach(async () => {
  jest.useFakeTimers();
  server = new FakeServer();
  await unsentPictures.keep(hash, bytes);
});
afterEach(() => jest.useRealTimers());

test('a picture is on the server before the photograph that names it', async () => {
  const sent: unknown[] = [];
  server.interrupt = (path, { body }) => {
    if (path !== '/api/pictures') return null;
    sent.push(body);
    return { data: photograph.picture };
  };
  const { writer } = await openPage(server);
  writer.create('photographs', 'put in a photograph', photograph);
  await writer.flush();
  expect(sent).toEqual([bytes]);
  expect(server.asked).toEqual(['POST /api/pictures', 'PUT /api/photographs/helm-after']);
  // Later changes to it go without it: the server has it.
  writer.change('photographs', photograph.id, 'words', (now) => ({ ...now, caption: 'Done' }));
  await writer.flush();
  expect(server.asked.slice(2)).toEqual(['PUT /api/photographs/helm-after']);
});

test('on a full disk both wait, and both go once there is room', async () => {
  let isFull = true;
  server.interrupt = (path) => {
    if (path !== '/api/pictures') return null;
    return isFull ? trouble(507, 'disk-full') : { data: photograph.picture };
  };
  const { writer, writing } = await openPage(server);
  writer.create('photographs', 'put in a photograph', photograph);
  await writer.flush();
  expect(server.asked).toEqual(['POST /api/pictures']);
  expect(writing().trouble).toMatchObject({ message: 'Trouble 507.' });
  isFull = false;
  await jest.advanceTimersByTimeAsync(5000);
  expect(server.content('photographs', photograph.id)).toEqual(photograph);
  expect(writing().trouble).toBeNull();
});

test('a picture the server refuses leaves the photograph refused, with the reason', async () => {
  server.interrupt = (path) => (path === '/api/pictures' ? trouble(400, 'bad-picture') : null);
  const { writer, writing } = await openPage(server);
  writer.create('photographs', 'put in a photograph', photograph);
  await writer.flush();
  expect(server.content('photographs', photograph.id)).toBeUndefined();
  expect(writing().records).toMatchObject({
    'photographs helm-after': { state: { is: 'refused', message: 'Trouble 400.' } },
  });
});
