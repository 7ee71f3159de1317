import { monotonicClock } from './monotonicClock';

function clockAt(start: number) {
  let wall = start;
  let running = 0;
  const clock = monotonicClock(
    () => wall,
    () => running,
  );
  return {
    clock,
    pass: (ms: number) => {
      wall += ms;
      running += ms;
    },
    set: (ms: number) => (wall += ms),
  };
}

test('goes with the device’s clock while nobody touches it', () => {
  const { clock, pass } = clockAt(1_000_000);
  pass(5000);
  expect(clock.now()).toBe(1_005_000);
  expect(clock.setBackMs()).toBe(0);
});

test('goes on when the clock is set back, and says by how much', () => {
  const { clock, pass, set } = clockAt(10_000_000);
  clock.now();
  set(-3_600_000);
  pass(1000);
  expect(clock.now()).toBe(10_001_000);
  expect(clock.setBackMs()).toBe(3_600_000);
  pass(1000);
  expect(clock.now()).toBe(10_002_000);
});

test('believes a jump forward: the device has slept', () => {
  const { clock, set } = clockAt(0);
  clock.now();
  set(7_200_000);
  expect(clock.now()).toBe(7_200_000);
});

test('a nudge of a second is no setting back', () => {
  const { clock, pass, set } = clockAt(100_000);
  clock.now();
  set(-900);
  pass(1000);
  expect(clock.setBackMs()).toBe(0);
});
