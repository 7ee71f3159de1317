import { writeTrailCsv } from './trailCsv';

const line = {
  sequence: 7,
  at: '2026-11-27T19:00:00.000Z',
  memberId: 'm1',
  did: 'was put out',
  about: { memberId: 'm2' },
};

test('who did what to whom, by the names they have', () => {
  const names: Record<string, string> = { m1: 'Ottoline' };
  expect(writeTrailCsv([line], (id) => names[id]).split('\r\n')[1]).toBe(
    '7,2026-11-27T19:00:00.000Z,Ottoline,was put out,memberId: a former member',
  );
});

test.each(['=1+1', '+1', '-1', '@sum', '\t=1'])('a member called %j runs nothing', (name) => {
  const [, row] = writeTrailCsv([line], () => name).split('\r\n');
  expect(row).toContain(`'${name}`);
});
