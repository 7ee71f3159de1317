import { counted } from '@yellow-ledger/core';
import { Disclosure } from '../../kit/Disclosure';

/** All that a file has and that was not imported, by name. */
export function LeftOut({ leftOut }: { leftOut: readonly string[] }) {
  if (leftOut.length === 0) return null;
  return (
    <Disclosure
      title={`${counted(leftOut.length, 'thing was', 'things were')} left out, being here already`}
    >
      <ul className="bad-rows">
        {leftOut.map((name, index) => (
          <li key={index}>{name}</li>
        ))}
      </ul>
    </Disclosure>
  );
}
