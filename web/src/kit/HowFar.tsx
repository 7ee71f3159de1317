import { useContext, useEffect, useState } from 'react';
import { ReactReduxContext } from 'react-redux';
import { useAppSelector } from '../data/store';
import { useQuestions } from '../workers/questions';
import { Progress } from './Progress';

const waitMs = 1_000;

/** How far the lists that are fetched and the answers that are worked out have come, after a second. */
export function HowFar() {
  // Before somebody is logged in nothing is fetched into a store.
  const hasStore = useContext(ReactReduxContext) !== null;
  return hasStore ? <FarInStore /> : null;
}

function FarInStore() {
  const [isLong, setIsLong] = useState(false);
  const lists = useAppSelector((state) => Object.keys(state.ledgerApi.queries).length);
  const fetched = useAppSelector(
    (state) =>
      Object.values(state.ledgerApi.queries).filter((query) => query?.data !== undefined).length,
  );
  const { asked, answered } = useQuestions();
  useEffect(() => {
    const timer = setTimeout(() => setIsLong(true), waitMs);
    return () => clearTimeout(timer);
  }, []);
  const max = lists + asked;
  if (!isLong || max === 0) return null;
  return (
    <div className="how-far">
      <p className="small quiet">
        {fetched} of {lists} lists are here
        {asked > 0 && `, ${answered} of ${asked} answers worked out`}.
      </p>
      <Progress label="How far it is" now={fetched + answered} max={max} />
    </div>
  );
}
