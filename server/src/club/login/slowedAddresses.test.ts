import { slowedAddresses } from './slowedAddresses';

const right = () => Promise.resolve('right');

function slowed() {
  const later: (() => void)[] = [];
  const addresses = slowedAddresses(() => new Promise((done) => later.push(done)));
  const wrongTimes = (address: string, times: number) => {
    for (let i = 0; i < times; i++) addresses.wasWrong(address);
  };
  return { addresses, later, wrongTimes };
}

test('an address is as quick as ever until forty answers from it were wrong', async () => {
  const { addresses, later, wrongTimes } = slowed();
  wrongTimes('a', 39);
  expect(await addresses.inTurn('a', right)).toBe('right');
  expect(later).toHaveLength(0);
});

test('from then on it is slow and never closed, and others are as quick as before', async () => {
  const { addresses, later, wrongTimes } = slowed();
  wrongTimes('a', 40);
  const answer = addresses.inTurn('a', right);
  const second = addresses.inTurn('a', right);
  expect(await addresses.inTurn('b', right)).toBe('right');
  await new Promise(setImmediate);
  expect(later).toHaveLength(1);
  later[0]();
  expect(await answer).toBe('right');
  await new Promise(setImmediate);
  later[1]();
  expect(await second).toBe('right');
});

test('where twenty wait already, one more is told to come back', async () => {
  const { addresses, wrongTimes } = slowed();
  wrongTimes('a', 40);
  const waiting = Array.from({ length: 21 }, () => addresses.inTurn('a', right));
  expect(await addresses.inTurn('a', right)).toBe('busy');
  expect(waiting).toHaveLength(21);
});
