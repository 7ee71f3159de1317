import { relations, roleNames, type Role } from '../club/roles';
import { resourceNames } from './catalogue';
import { actions } from './grants';
import { matters, may, rights } from './rights';

const every = matters.flatMap((matter) =>
  actions.flatMap((action) => relations.map((relation) => ({ matter, action, relation }))),
);
const allowed = (role: Role) =>
  every
    .filter(({ matter, action, relation }) => may(role, relation, action, matter))
    .map(({ matter, action, relation }) => `${action} ${relation} ${matter}`);

test('every kind of record and every matter of the club stands in the table', () => {
  expect(Object.keys(rights).sort()).toEqual([...matters].sort());
  for (const name of resourceNames) expect(may('keeper', 'club', 'look', name)).toBe(true);
});

test('a guest may nothing a painter may not, a painter nothing a manager may not', () => {
  expect.hasAssertions();
  const [keeper, painter, guest] = roleNames.map(allowed).map((list) => new Set(list));
  for (const right of guest) expect(painter).toContain(right);
  for (const right of painter) expect(keeper).toContain(right);
});

test('a guest looks: all they may do otherwise is to themselves and their own devices', () => {
  const does = allowed('guest').filter((right) => !right.startsWith('look '));
  expect(does.sort()).toEqual(['delete mine devices', 'delete mine members', 'write mine members']);
});

test('what another member does not share nobody sees, but managers their devices, to end them', () => {
  const reached = roleNames.flatMap((role) =>
    allowed(role)
      .filter((right) => right.includes(' other '))
      .map((right) => `${role}: ${right}`),
  );
  expect(reached.sort()).toEqual(['keeper: delete other devices', 'keeper: look other devices']);
});

test('what somebody shares is looked at, and changed by nobody else', () => {
  expect.hasAssertions();
  for (const role of roleNames)
    for (const right of allowed(role).filter((each) => each.includes(' shared ')))
      expect(right).toMatch(/^look /);
});

test('what somebody opens to be changed is looked at and changed, and nothing else', () => {
  expect.hasAssertions();
  for (const role of roleNames)
    for (const right of allowed(role).filter((each) => each.includes(' joint ')))
      expect(right).toMatch(/^((look|write) joint|create joint versions)/);
});

test('a club recipe changes by a decision of a manager alone', () => {
  expect(may('painter', 'club', 'write', 'recipes')).toBe(false);
  expect(may('painter', 'mine', 'create', 'proposals')).toBe(true);
  expect(may('painter', 'mine', 'decide', 'proposals')).toBe(false);
  expect(may('keeper', 'club', 'decide', 'proposals')).toBe(true);
});

test('who may be looked over the shoulder: trail, backups, everything as a file are the manager’s', () => {
  expect.hasAssertions();
  for (const matter of ['trail', 'backups', 'wholeFile', 'invitations'] as const)
    for (const action of actions) {
      expect(may('painter', 'club', action, matter)).toBe(false);
      expect(may('guest', 'club', action, matter)).toBe(false);
    }
});
