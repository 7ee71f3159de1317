import { counted, tableAt, type Batch, type HandAt, type PlannedRun } from '@yellow-ledger/core';
import { useEffect, useState } from 'react';
import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';
import type { PlanWords } from './planWords';
import { TableFromAbove } from './TableFromAbove';

export interface EveningPlayedProps {
  span: { from: number; to: number };
  batch: Batch;
  runs: readonly PlannedRun[];
  hexOf: (mix: number) => string;
  words: PlanWords;
}

const minute = 60_000;
/** An evening is played through in about this time, ms. */
const playedMs = 40_000;
const frameMs = 100;

/** The evening minute by minute: the table from above, and the same in words. */
export function EveningPlayed({ span, batch, runs, hexOf, words }: EveningPlayedProps) {
  const length = Math.round((span.to - span.from) / minute);
  const [at, setAt] = useState(0);
  const [isPlaying, setIsPlaying] = useState(false);
  const isOver = at >= length;
  useEffect(() => {
    if (!isPlaying || isOver) return;
    const timer = setInterval(
      () => setAt((now) => Math.min(length, now + (length * frameMs) / playedMs)),
      frameMs,
    );
    return () => clearInterval(timer);
  }, [isPlaying, isOver, length]);
  const now = span.from + at * minute;
  const { hands, drying } = tableAt(runs, now);
  const nameOf = (painterId: string) =>
    batch.painters.find(({ id }) => id === painterId)?.name ?? '';
  const play = () => {
    if (isOver) setAt(0);
    setIsPlaying(!isPlaying || isOver);
  };
  return (
    <div className="stacked">
      <div className="evening-controls">
        <Button variant="outline" onClick={play}>
          {isPlaying && !isOver ? 'Pause' : 'Play'}
        </Button>
        <Form.Range
          className="evening-time"
          aria-label="Time of the evening"
          aria-valuetext={words.clock(now)}
          min={0}
          max={length}
          step={1}
          value={at}
          onChange={({ target }) => {
            setIsPlaying(false);
            setAt(Number(target.value));
          }}
        />
        <output>{words.clock(now)}</output>
      </div>
      <TableFromAbove hands={hands} drying={drying} hexOf={hexOf} nameOf={nameOf} />
      <ul className="evening-hands">
        {hands.map((hand) => (
          <li key={hand.painterId} dir="auto">
            <b>{nameOf(hand.painterId)}</b> {inWords(hand, words)}
          </li>
        ))}
        <li>
          {drying.length > 0 ? `${counted(drying.length, 'model')} drying` : 'Nothing is drying'}
        </li>
      </ul>
    </div>
  );
}

function inWords({ doing, run, through }: HandAt, words: PlanWords): string {
  if (!run) return 'has painted everything';
  if (doing === 'mixing') return `gets ${words.mix(run.mix)} ready`;
  if (doing === 'waiting')
    return `waits until ${words.clock(run.from)}, then ${words.surface(run)}`;
  return `paints ${words.surface(run)}, model ${run.models[through]} (${through + 1} of ${run.models.length}), with ${words.mix(run.mix)}`;
}
