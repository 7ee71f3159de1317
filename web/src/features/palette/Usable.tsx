import { format } from 'date-fns';
import { useEffect, useState } from 'react';
import { minutesInWords } from '../../kit/words/minutesInWords';

/** Until when a puddle stays usable, by the clock. */
export function Usable({ freshAt, minutes }: { freshAt: string; minutes: number }) {
  const [now, setNow] = useState(() => Date.now());
  useEffect(() => {
    const timer = setInterval(() => setNow(Date.now()), 20_000);
    return () => clearInterval(timer);
  }, []);
  const until = Date.parse(freshAt) + minutes * 60_000;
  const left = Math.round((until - now) / 60_000);
  const day =
    format(until, 'yyyy-MM-dd') === format(now, 'yyyy-MM-dd') ? 'HH:mm' : 'EEE d MMM HH:mm';
  return (
    <p>
      {left > 0 ? (
        <>
          Usable until about <b>{format(until, day)}</b>, {minutesInWords(left)} from now
        </>
      ) : (
        <b>It probably drags by now: a third of its water has gone since it was mixed.</b>
      )}{' '}
      <small>≈ from its volume, thinner and how it is kept; a draught shortens it.</small>
    </p>
  );
}
